package truekeen.core.fault;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import truekeen.core.keenness.EdgeTest;
import truekeen.core.keenness.Judge;
import truekeen.core.keenness.KeennessPurpose;
import truekeen.core.keenness.Reading;
import truekeen.core.keenness.Stretch;
import truekeen.core.keenness.Verdict;
import truekeen.core.message.Says;
import truekeen.core.quantity.Angle;
import truekeen.core.steel.Steels;
import truekeen.core.tool.Arrival;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUses;

class DiagnosticianTest {
    private static final Subject CHISEL = Subject.of(Blades.blade(GeometryKind.CHISEL));
    private static final List<EdgeCheck> ALL = EdgeCheck.all();

    private static Diagnosis of(Observation... seen) {
        return Diagnostician.of(CHISEL, List.of(seen), ALL);
    }

    @Test
    void probabilityIsThePriorsOddsTimesTheStrongestOfEachGroup() {
        // 1 to 20, times e^4 for a burr seen missing; less e^1 for hair that is shaved
        Diagnosis d = of(Observation.of(Sign.BURR_PART, 4, 6), Observation.of(Sign.HAIR_SHAVES));
        double odds = Math.exp(4 - 1) / 20;
        assertThat(d.findings().get(0).fault()).isEqualTo("APEX_NOT_REACHED");
        assertThat(d.findings().get(0).sure()).isCloseTo(odds / (1 + odds), within(1e-12));
        // a second sign of the same group adds nothing
        Diagnosis more = of(
                Observation.of(Sign.BURR_PART, 4, 6), Observation.of(Sign.BURR_NONE), Observation.of(Sign.HAIR_SHAVES));
        assertThat(more.findings().stream()
                        .filter(f ->
                                f.where().equals(new Stretch(4, 6)) && f.fault().equals("APEX_NOT_REACHED"))
                        .findFirst()
                        .orElseThrow()
                        .sure())
                .isCloseTo(d.findings().get(0).sure(), within(1e-12));
    }

    @Test
    void whatWasSeenWhileItWasWorkedWeighsHalf() {
        Observation caught = Observation.of(Sign.CLOTH_CAUGHT);
        double now = finding(of(caught, Observation.of(Sign.NAIL_SMOOTH)), "BURR_LEFT")
                .sure();
        Diagnosis.Finding then =
                finding(of(caught, Observation.of(Sign.NAIL_SMOOTH).whileWorked()), "BURR_LEFT");
        assertThat(then.sure()).isGreaterThan(now);
        assertThat(Math.log(then.sure() / (1 - then.sure())) - Math.log(now / (1 - now)))
                .isCloseTo(0.75, within(1e-9));
        assertThat(then.evidence())
                .anyMatch(c -> Says.the(FaultWords.AT_THE_BENCH).test(c.words()));
    }

    @Test
    void aTestThatFailedInOnePlaceSpeaksWellOfTheRest() {
        Diagnosis d = of(Observation.of(Sign.BRIGHT, 2, 4), Observation.of(Sign.PAPER_SNAGS, 18, 19));
        Diagnosis.Finding bright = d.findings().stream()
                .filter(f -> f.where().equals(new Stretch(2, 4)))
                .findFirst()
                .orElseThrow();
        assertThat(bright.evidence())
                .anyMatch(c -> c.sign() == Sign.PAPER_CLEAN && c.weight() < 0)
                .anyMatch(c -> c.sign() == Sign.BRIGHT && c.weight() > 0);
        // and light in one place is no word on the other: there none was seen
        assertThat(d.findings())
                .filteredOn(f -> f.where().equals(new Stretch(18, 19)))
                .noneMatch(f -> f.fault().equals("APEX_NOT_REACHED"));
    }

    @Test
    void severalFaultsStandSideBySideEachAtItsPlace() {
        Diagnosis d = of(
                Observation.of(Sign.BRIGHT, 2, 4),
                Observation.of(Sign.HAZY, 14, 18),
                Observation.of(Sign.CLOTH_CAUGHT));
        assertThat(d.findings())
                .anyMatch(f -> f.fault().equals("APEX_NOT_REACHED") && f.where().equals(new Stretch(2, 4)))
                .anyMatch(f -> f.fault().equals("SCRATCHES_REMAIN") && f.where().equals(new Stretch(14, 18)))
                .anyMatch(f -> f.fault().equals("BURR_LEFT") && f.whole());
    }

    @Test
    void nothingSeenIsNoFaultAndAStrangeSignAloneCannotBeTold() {
        assertThat(of().words()).contains(FaultWords.NO_FAULT.words());
        assertThat(of().told()).isFalse();
        Diagnosis strange = of(Observation.of(Sign.TISSUE_TORN, 3, 4), Observation.of(Sign.NAIL_SMOOTH));
        assertThat(strange.told()).isFalse();
        assertThat(strange.words()).startsWith(FaultWords.FITS_NO_FAULT.words());
    }

    @Test
    void theOrderInWhichThingsWereSeenDoesNotMatterAndEverySureIsAProbability() {
        Random random = new Random(7);
        for (int i = 0; i < 300; i++) {
            List<Observation> seen = new ArrayList<>();
            for (Sign sign : Sign.values()) {
                if (random.nextInt(8) == 0 && sign.observed()) {
                    double from = random.nextDouble() * 20;
                    seen.add(sign.placed() ? Observation.of(sign, from, from + 2) : Observation.of(sign));
                }
            }
            List<Observation> shuffled = new ArrayList<>(seen);
            Collections.shuffle(shuffled, random);
            Diagnosis a = Diagnostician.of(CHISEL, seen, ALL);
            Diagnosis b = Diagnostician.of(CHISEL, shuffled, ALL);
            assertThat(b.findings().stream().map(Diagnosis.Finding::sure).toList())
                    .isEqualTo(
                            a.findings().stream().map(Diagnosis.Finding::sure).toList());
            assertThat(a.findings()).allSatisfy(f -> {
                assertThat(f.sure()).isBetween(Diagnosis.Sure.POSSIBLE.from(), 1.0);
                assertThat(f.where().toMm()).isLessThanOrEqualTo(CHISEL.lengthMm());
                assertThat(f.evidence()).anyMatch(c -> c.weight() > 0);
            });
            assertThat(a.findings()).isSortedAccordingTo((x, y) -> Double.compare(y.sure(), x.sure()));
        }
    }

    @Test
    void faultsThatCannotBefallAToolAreNotFound() {
        Subject knife = Subject.of(Blades.blade(GeometryKind.KNIFE));
        List<Observation> seen = List.of(Observation.of(Sign.SHAVING_NONE), Observation.of(Sign.HARD_TO_PUSH));
        assertThat(Diagnostician.of(knife, seen, ALL).findings())
                .noneMatch(f -> f.fault().equals("BACKLASH"))
                .anyMatch(f -> f.fault().equals("TOO_THICK"));
        assertThat(Diagnostician.of(CHISEL, seen, ALL).findings())
                .noneMatch(f -> f.fault().equals("TOO_THICK"));
    }

    @Test
    void aRemedyThatWorkedHereComesBeforeOneThatDidNot() {
        List<Observation> seen = List.of(Observation.of(Sign.CLOTH_CAUGHT));
        List<RemedyRecord> records =
                List.of(new RemedyRecord("burr-lighter", 4, 0), new RemedyRecord("burr-direction", 3, 3));
        Diagnosis.Finding usual = finding(Diagnostician.of(CHISEL, seen, ALL), "BURR_LEFT");
        Diagnosis.Finding learned = finding(Diagnostician.of(CHISEL, seen, ALL, records), "BURR_LEFT");
        assertThat(usual.remedies().get(0).key()).isEqualTo("burr-lighter");
        assertThat(learned.remedies().get(0).key()).isEqualTo("burr-direction");
        assertThat(new RemedyRecord("x", 3, 3).expected()).isCloseTo(0.8, within(1e-12));
        assertThat(RemedyRecord.none("x").expected()).isEqualTo(0.5);
    }

    private static Diagnosis.Finding finding(Diagnosis d, String fault) {
        return d.findings().stream()
                .filter(f -> f.fault().equals(fault))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void forceSpeaksBySpreadAndByMean() {
        KeennessPurpose general = KeennessPurpose.byName("general woodwork").orElseThrow();
        assertThat(TestSigns.ofForce(force(general, 80, 82, 81))).containsExactly(Observation.of(Sign.FORCE_KEEN));
        assertThat(TestSigns.ofForce(force(general, 70, 70, 130)))
                .singleElement()
                .satisfies(o -> assertThat(o.sign()).isEqualTo(Sign.FORCE_HIGH_HERE));
        assertThat(TestSigns.ofForce(force(general, 120, 120, 121)))
                .containsExactly(Observation.of(Sign.FORCE_HIGH_ALL));
        assertThat(TestSigns.ofForce(force(general, 120, 120, 220)))
                .extracting(Observation::sign)
                .containsExactlyInAnyOrder(Sign.FORCE_HIGH_HERE, Sign.FORCE_HIGH_ALL);
    }

    private static Verdict force(KeennessPurpose purpose, double... grams) {
        List<Double> at = EdgeTest.stations(24, grams.length);
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < grams.length; i++) {
            readings.add(new Reading(at.get(i), grams[i]));
        }
        return Judge.judge(new EdgeTest(readings, 100, 24), purpose);
    }

    @Test
    void aRemedyWorkedWhereItsFaultIsGoneFromItsPlace() {
        Diagnosis.Finding before =
                of(Observation.of(Sign.BRIGHT, 2, 4)).findings().get(0);
        assertThat(TestSigns.worked(before, false, of(Observation.of(Sign.BRIGHT, 18, 20))))
                .isTrue();
        assertThat(TestSigns.worked(before, false, of(Observation.of(Sign.BRIGHT, 3, 5))))
                .isFalse();
        assertThat(TestSigns.worked(before, true, of())).isTrue();
    }

    @Test
    void theToolSpeaksByItsAngleItsThicknessAndItsAge() {
        var blade = Blades.blade(GeometryKind.CHISEL);
        var trade = ToolUses.byKey("bench chisel / general bench work").orElseThrow();
        var steel = Steels.byName("air-hardening tool steel").orElseThrow();
        assertThat(signs(blade, trade, steel, 24, 30)).containsExactly(Sign.ANGLE_LOW);
        assertThat(signs(blade, trade, steel, 34, 3)).containsExactly(Sign.ANGLE_HIGH, Sign.FEW_SHARPENINGS);
        assertThat(signs(blade, trade, steel, 30, 12)).containsExactly(Sign.ANGLE_USUAL);
        var knife = ToolUses.all().stream()
                .filter(t -> t.thinAtMm() > 0)
                .findFirst()
                .orElseThrow();
        double usual = knife.primaryUsual().degrees() + knife.stepUsual().degrees();
        assertThat(signs(
                        Blades.blade(GeometryKind.KNIFE, "behindEdge", knife.thinAtMm() + 0.1),
                        knife,
                        steel,
                        usual,
                        12))
                .contains(Sign.THICK_BEHIND);
    }

    private static List<Sign> signs(
            truekeen.core.tool.Blade blade,
            truekeen.core.tool.ToolUse trade,
            truekeen.core.steel.SteelClass steel,
            double last,
            int sharpenings) {
        return TestSigns.ofTool(blade, trade, steel, Angle.ofDegrees(last), Arrival.UNKNOWN, sharpenings).stream()
                .map(Observation::sign)
                .toList();
    }

    @Test
    void aNameThatIsNotInTheTablesIsAFault() {
        assertThatThrownBy(() -> FaultRule.named("NO_SUCH")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Remedy.named("no-such")).isInstanceOf(IllegalArgumentException.class);
    }
}
