package truekeen.core.fault;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.core.keenness.Stretch;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.tool.Arrival;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;

/** What can befall an edge, what a place along it says, and what the tool itself says. */
class SubjectTest {
    private static final SteelClass STEEL =
            Steels.byName("air-hardening tool steel").orElseThrow();

    @ParameterizedTest
    @CsvSource({
        "CHISEL, ALL|SQUARE|BACK|PARES",
        "SKEW_CHISEL, ALL|SQUARE|BACK|PARES",
        "PLANE_IRON_DOWN, ALL|SQUARE|PLANE|BACK",
        "SQUARE_IRON_UP, ALL|SQUARE|PLANE|BACK",
        "DRAWKNIFE, ALL|BACK|PARES",
        "KNIFE, ALL|TIP|BELLY|THIN",
        "RECURVE, ALL|TIP|BELLY|THIN",
        "WIDE_BEVEL_KNIFE, ALL|TIP|BELLY",
        "SINGLE_BEVEL_KNIFE, ALL|TIP|BELLY|BACK|SINGLE",
        "CONVEX_BLADE, ALL",
        "SHEAR_BLADE, ALL|TIP",
        "TURNSCREW, ALL|SQUARE|TURNSCREW",
        "MOWER_BAR, ALL|BAR|TURNING",
        "TRIMMER, ALL|TOOTHED|TRIMMER",
        "BRUSH_CUTTER, ALL|TURNING|TOOTHED"
    })
    void whatCanBefallAnEdgeGoesByItsFamily(GeometryKind kind, String fits) {
        Subject subject = Subject.of(Blades.blade(kind));
        assertThat(subject.fits())
                .containsExactlyInAnyOrderElementsOf(Arrays.stream(fits.split("\\|"))
                        .map(FaultRule.Fits::valueOf)
                        .toList());
        assertThat(subject.tipFromMm() < subject.lengthMm()).isEqualTo(fits.contains("TIP"));
    }

    @Test
    void anIronThatIsCamberedIsNeverCalledOutOfSquare() {
        Blade iron = Blades.blade(GeometryKind.PLANE_IRON_DOWN);
        assertThat(Subject.of(iron, true).fits())
                .contains(FaultRule.Fits.CAMBERED)
                .doesNotContain(FaultRule.Fits.SQUARE);
        assertThat(Subject.of(iron, false).fits())
                .contains(FaultRule.Fits.SQUARE)
                .doesNotContain(FaultRule.Fits.CAMBERED);
        // nothing but an iron is cambered
        assertThat(Subject.of(Blades.blade(GeometryKind.CHISEL), true).fits()).doesNotContain(FaultRule.Fits.CAMBERED);
    }

    @Test
    void aBellyBeginsWhereTheEdgeLeavesItsLineAndATipIsTheLastOfTheLength() {
        // straight for 110 mm and drawn at every 3.75 mm: the first place half a millimetre above the line
        Subject knife = Subject.of(Blades.blade(GeometryKind.KNIFE));
        assertThat(knife.bellyFromMm()).isBetween(113.75, 125.0);
        assertThat(knife.tipFromMm()).isCloseTo(0.85 * knife.lengthMm(), within(1e-9));
        Subject shears = Subject.of(Blades.blade(GeometryKind.SHEAR_BLADE));
        assertThat(shears.tipFromMm()).isCloseTo(0.85 * 210, within(1e-9));
        assertThat(shears.bellyFromMm()).isEqualTo(shears.tipFromMm());
    }

    @Test
    void aPlaceSpeaksByItsShareAndWhereItLies() {
        Subject edge = new Subject(100, 60, 85, Set.of(FaultRule.Fits.ALL));
        assertThat(edge.place(new Stretch(0, 70))).contains(Sign.ALL_ALONG);
        assertThat(edge.place(new Stretch(0, 69.9))).isEmpty();
        assertThat(edge.place(new Stretch(10, 40))).contains(Sign.LOCAL);
        assertThat(edge.place(new Stretch(10, 40.1))).isEmpty();
        assertThat(edge.place(new Stretch(80, 90))).contains(Sign.AT_TIP);
        assertThat(edge.place(new Stretch(79.9, 90))).contains(Sign.AT_BELLY);
        assertThat(edge.place(new Stretch(50, 70))).contains(Sign.AT_BELLY);
        assertThat(edge.place(new Stretch(49.9, 70))).contains(Sign.LOCAL);
        Subject straight = new Subject(100, 100, 100, Set.of(FaultRule.Fits.ALL));
        assertThat(straight.place(new Stretch(70, 90))).contains(Sign.LOCAL);
    }

    @Test
    void whatTheToolSaysHoldsUpToItsBounds() {
        Blade blade = Blades.blade(GeometryKind.CHISEL);
        ToolUse use = ToolUses.byKey("bench chisel / general bench work").orElseThrow();
        double lowest = STEEL.lowestFromBack().degrees();
        assertThat(signs(blade, use, lowest, 10)).containsExactly(Sign.ANGLE_USUAL);
        assertThat(signs(blade, use, lowest - 0.01, 10)).containsExactly(Sign.ANGLE_LOW);
        double usual = use.primaryUsual().degrees() + use.stepUsual().degrees();
        assertThat(signs(blade, use, usual + 3, 10)).doesNotContain(Sign.ANGLE_HIGH, Sign.ANGLE_USUAL);
        assertThat(signs(blade, use, usual + 3.01, 10)).contains(Sign.ANGLE_HIGH);
        assertThat(signs(blade, use, usual, 9)).containsExactly(Sign.ANGLE_USUAL, Sign.FEW_SHARPENINGS);
        assertThat(signs(blade, use, lowest + 12, 10)).contains(Sign.ANGLE_AMPLE);
        assertThat(signs(blade, use, lowest + 11.99, 10)).doesNotContain(Sign.ANGLE_AMPLE);
    }

    @Test
    void aKnifeIsJudgedByItsSideAndThickOnlyPastItsWork() {
        ToolUse use = ToolUses.byKey("kitchen knife / general").orElseThrow();
        double usual = use.primaryUsual().degrees() + use.stepUsual().degrees();
        double lowest = STEEL.lowestPerSide().degrees();
        double sound = Math.max(usual, lowest);
        Blade thin = Blades.blade(GeometryKind.KNIFE, "behindEdge", use.thinAtMm());
        Blade thick = Blades.blade(GeometryKind.KNIFE, "behindEdge", use.thinAtMm() + 0.01);
        assertThat(signs(thin, use, sound, 10)).doesNotContain(Sign.THICK_BEHIND, Sign.ANGLE_LOW);
        assertThat(signs(thick, use, sound, 10)).contains(Sign.THICK_BEHIND);
        assertThat(signs(thin, use, lowest - 0.01, 10)).contains(Sign.ANGLE_LOW);
        ToolUse axe = ToolUses.byKey("axe / felling").orElseThrow();
        assertThat(axe.thinAtMm()).isZero();
        assertThat(signs(thick, axe, sound, 10)).doesNotContain(Sign.THICK_BEHIND);
    }

    private static List<Sign> signs(Blade blade, ToolUse use, double last, int sharpenings) {
        return TestSigns.ofTool(
                        blade, use, STEEL, truekeen.core.quantity.Angle.ofDegrees(last), Arrival.UNKNOWN, sharpenings)
                .stream()
                .map(Observation::sign)
                .toList();
    }

    @Test
    void howSureGoesByItsBounds() {
        assertThat(Diagnosis.Sure.of(0.85)).isEqualTo(Diagnosis.Sure.VERY_LIKELY);
        assertThat(Diagnosis.Sure.of(0.8499)).isEqualTo(Diagnosis.Sure.LIKELY);
        assertThat(Diagnosis.Sure.of(0.6)).isEqualTo(Diagnosis.Sure.LIKELY);
        assertThat(Diagnosis.Sure.of(0.25)).isEqualTo(Diagnosis.Sure.POSSIBLE);
        assertThat(Diagnosis.Sure.of(0.2499)).isEqualTo(Diagnosis.Sure.UNLIKELY);
        for (Diagnosis.Sure sure : Diagnosis.Sure.values()) {
            assertThat(sure.words()).isNotBlank();
        }
    }

    @Test
    void marksAreOnePlaceUpToThreeMillimetresApart() {
        assertThat(places(new Stretch(2, 4), new Stretch(7, 9))).containsExactly(new Stretch(2, 9));
        assertThat(places(new Stretch(7, 9), new Stretch(2, 4))).containsExactly(new Stretch(2, 9));
        assertThat(places(new Stretch(2, 12), new Stretch(3, 5))).containsExactly(new Stretch(2, 12));
        assertThat(places(new Stretch(2, 4), new Stretch(7.1, 9)))
                .containsExactlyInAnyOrder(new Stretch(2, 4), new Stretch(7.1, 9));
    }

    private static List<Stretch> places(Stretch first, Stretch second) {
        Subject chisel = Subject.of(Blades.blade(GeometryKind.CHISEL));
        List<Observation> seen = List.of(
                new Observation(Sign.BRIGHT, java.util.Optional.of(first)),
                new Observation(Sign.BRIGHT, java.util.Optional.of(second)));
        return Diagnostician.of(chisel, seen, EdgeCheck.all()).findings().stream()
                .filter(f -> f.fault().equals("APEX_NOT_REACHED"))
                .map(Diagnosis.Finding::where)
                .toList();
    }

    @Test
    void aMarkAllAlongIsTheWholeEdge() {
        Subject chisel = Subject.of(Blades.blade(GeometryKind.CHISEL));
        assertThat(finding(chisel, Observation.of(Sign.BRIGHT, 0, 24)).whole()).isTrue();
        assertThat(finding(chisel, Observation.of(Sign.BRIGHT, 0, 23.9)).whole())
                .isFalse();
        assertThat(Diagnostician.of(chisel, List.of(Observation.of(Sign.BRIGHT, 4, 6)), EdgeCheck.all())
                        .words())
                .contains(", 4 to 6\u202fmm");
    }

    private static Diagnosis.Finding finding(Subject subject, Observation seen) {
        return Diagnostician.of(subject, List.of(seen), EdgeCheck.all())
                .findings()
                .get(0);
    }

    @Test
    void theCheckToBeMadePartsTheRivalsMostAndWasNotMadeYet() {
        Subject chisel = Subject.of(Blades.blade(GeometryKind.CHISEL));
        int doubts = 0;
        for (Sign sign : Sign.values()) {
            List<Observation> seen = List.of(sign.placed() ? Observation.of(sign, 10, 11) : Observation.of(sign));
            Diagnosis d = Diagnostician.of(chisel, seen, EdgeCheck.all());
            assertThat(Diagnostician.of(chisel, seen, List.of()).next()).isEmpty();
            if (d.next().isEmpty()) {
                continue;
            }
            doubts++;
            FaultRule first = FaultRule.named(d.findings().get(0).fault());
            EdgeCheck check = d.next().orElseThrow().check();
            double parts = apart(first, d.next().orElseThrow(), check.signs(), sign.group());
            assertThat(parts).as(sign.name()).isGreaterThan(1.5);
            List<Sign> others =
                    EdgeCheck.all().stream().flatMap(c -> c.signs().stream()).toList();
            assertThat(apart(first, d.next().orElseThrow(), others, sign.group()))
                    .as(sign.name())
                    .isEqualTo(parts);
        }
        assertThat(doubts).isPositive();
    }

    /** The most that any of the signs, of another group than was asked, parts a fault from the rival that is named. */
    private static double apart(FaultRule first, Diagnosis.Telling telling, List<Sign> signs, Sign.Group asked) {
        FaultRule rival = FaultRule.all().stream()
                .filter(r -> r != first
                        && telling.words().toLowerCase().contains(r.title().toLowerCase()))
                .findFirst()
                .orElseThrow();
        return signs.stream()
                .filter(s -> s.group() != asked)
                .mapToDouble(s -> Math.abs(first.weight(s) - rival.weight(s)))
                .max()
                .orElse(0);
    }

    @Test
    void evidenceIsOrderedByWeightAndAStrongerSignOfAGroupSpeaksForIt() {
        Subject chisel = Subject.of(Blades.blade(GeometryKind.CHISEL));
        Diagnosis d = Diagnostician.of(
                chisel,
                List.of(
                        Observation.of(Sign.CLOTH_CAUGHT),
                        Observation.of(Sign.NAIL_ONE_SIDE),
                        Observation.of(Sign.HAIR_SHAVES)),
                EdgeCheck.all());
        assertThat(d.findings()).isNotEmpty().allSatisfy(f -> assertThat(f.evidence())
                .isSortedAccordingTo((a, b) -> Double.compare(Math.abs(b.weight()), Math.abs(a.weight()))));
        // of one group seen now and while it was worked the newer, heavier word counts, in either order
        for (List<Observation> seen : List.of(
                List.of(
                        Observation.of(Sign.CLOTH_CAUGHT),
                        Observation.of(Sign.CLOTH_CAUGHT).whileWorked()),
                List.of(Observation.of(Sign.CLOTH_CAUGHT).whileWorked(), Observation.of(Sign.CLOTH_CAUGHT)))) {
            Diagnosis.Finding burr = Diagnostician.of(chisel, seen, EdgeCheck.all()).findings().stream()
                    .filter(f -> f.fault().equals("BURR_LEFT"))
                    .findFirst()
                    .orElseThrow();
            assertThat(burr.evidence()).singleElement().satisfies(c -> assertThat(c.words())
                    .doesNotContain("bench"));
        }
    }
}
