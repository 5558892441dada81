package truekeen.core.fault;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import truekeen.core.condition.Finding;
import truekeen.core.keenness.Stretch;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.tool.Arrival;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;

/** Cases in which the verdict has to know more than the test: what is said, where, and what is done about it. */
class VerdictOfCasesTest {
    private static final Subject CHISEL = Subject.of(Blades.blade(GeometryKind.CHISEL));
    private static final Subject KNIFE = Subject.of(Blades.blade(GeometryKind.KNIFE));
    private static final SteelClass CARBON = Steels.byName("plain carbon").orElseThrow();

    private static Diagnosis of(Subject on, List<Observation> seen) {
        return Diagnostician.of(on, seen, EdgeCheck.all());
    }

    private static Diagnosis of(Subject on, Observation... seen) {
        return of(on, List.of(seen));
    }

    private static List<String> faults(Diagnosis d) {
        return d.findings().stream().map(Diagnosis.Finding::fault).toList();
    }

    private static List<Observation> with(List<Observation> known, Observation... seen) {
        List<Observation> all = new ArrayList<>(known);
        all.addAll(List.of(seen));
        return all;
    }

    private static ToolUse use(String key) {
        return ToolUses.byKey(key).orElseThrow();
    }

    private static List<Observation> tool(GeometryKind kind, String use, double last, int sharpenings) {
        return TestSigns.ofTool(
                Blades.blade(kind), use(use), CARBON, Angle.ofDegrees(last), Arrival.UNKNOWN, sharpenings);
    }

    /** End grain pale in two places, no light: each gets the last stone but one, there and nowhere else. */
    @Test
    void paleEndGrainWithoutLightGoesToTheLastStoneButOneInBothPlaces() {
        Diagnosis d = of(
                CHISEL,
                Observation.of(Sign.NO_LIGHT),
                Observation.of(Sign.GRAIN_CRUSHED, 4, 5),
                Observation.of(Sign.GRAIN_CRUSHED, 18, 19));
        assertThat(d.told()).isTrue();
        List<Diagnosis.Finding> ragged = d.findings().stream()
                .filter(f -> f.fault().equals("EDGE_RAGGED"))
                .toList();
        assertThat(ragged)
                .extracting(Diagnosis.Finding::where)
                .containsExactlyInAnyOrder(new Stretch(4, 5), new Stretch(18, 19));
        assertThat(d.findings().subList(0, 2)).containsExactlyInAnyOrderElementsOf(ragged);
        assertThat(ragged).allSatisfy(f -> {
            Remedy first = f.remedies().get(0);
            assertThat(first.entry()).isEqualTo(Remedy.Entry.ONE_BACK);
            assertThat(first.whole()).isFalse();
        });
        // with light it is the apex that is not reached: the first stone
        Diagnosis bright = of(CHISEL, Observation.of(Sign.BRIGHT, 4, 5), Observation.of(Sign.GRAIN_CRUSHED, 4, 5));
        assertThat(faults(bright).get(0)).isEqualTo("APEX_NOT_REACHED");
    }

    @Test
    void whereNoLightIsSeenTheTipWasReached() {
        double from = 0.9 * KNIFE.lengthMm();
        Diagnosis d = of(KNIFE, Observation.of(Sign.NO_LIGHT), Observation.of(Sign.PAPER_SNAGS, from, from + 3));
        assertThat(faults(d).get(0)).isIn("MICRO_CHIP", "BURR_REMNANT");
        assertThat(faults(d)).doesNotContain("TIP_MISSED");
        Diagnosis missed = of(KNIFE, Observation.of(Sign.PAPER_NOT_CUT, from, KNIFE.lengthMm()));
        assertThat(faults(missed).get(0)).isEqualTo("TIP_MISSED");
    }

    @Test
    void aSnagInTheBellyIsNoMissedTip() {
        double belly = (KNIFE.bellyFromMm() + KNIFE.tipFromMm()) / 2;
        Diagnosis snag = of(KNIFE, Observation.of(Sign.PAPER_SNAGS, belly - 1, belly + 1));
        assertThat(faults(snag)).doesNotContain("TIP_MISSED", "BELLY_MISSED");
        assertThat(faults(snag).get(0)).isIn("MICRO_CHIP", "BURR_REMNANT");
        Diagnosis ink = of(KNIFE, Observation.of(Sign.INK_END, belly - 8, belly + 8));
        assertThat(faults(ink).get(0)).isEqualTo("BELLY_MISSED");
        // a missing burr near the heel is no matter of the curve
        Diagnosis heel = of(KNIFE, Observation.of(Sign.BURR_PART, 5, 25));
        assertThat(faults(heel)).contains("APEX_NOT_REACHED").doesNotContain("TIP_MISSED", "BELLY_MISSED");
    }

    @Test
    void aChiselHasNoLateralAdjustment() {
        Diagnosis d = of(CHISEL, Observation.of(Sign.SQUARE_OFF));
        Diagnosis.Finding off = d.findings().get(0);
        assertThat(off.fault()).isEqualTo("OUT_OF_SQUARE");
        assertThat(off.remedies()).extracting(Remedy::key).containsExactly("weighted-square");
        Subject iron = Subject.of(Blades.blade(GeometryKind.PLANE_IRON_DOWN));
        assertThat(of(iron, Observation.of(Sign.SQUARE_OFF)).findings().get(0).remedies())
                .extracting(Remedy::key)
                .containsExactly("lateral", "weighted-square");
    }

    @ParameterizedTest
    @ValueSource(strings = {"bench chisel / general bench work", "mortise chisel / chopping"})
    void aSoundAngleIsNotBlamedForCrumbling(String work) {
        List<Observation> known = tool(GeometryKind.CHISEL, work, 35, 30);
        Diagnosis d = of(CHISEL, with(known, Observation.of(Sign.CRUMBLES)));
        assertThat(faults(d).get(0)).isIn("BURNT", "BRITTLE_TIP");
        // at the usual 30° it is: two or three degrees more
        Diagnosis usual = of(
                CHISEL,
                with(
                        tool(GeometryKind.CHISEL, "bench chisel / general bench work", 30, 30),
                        Observation.of(Sign.CRUMBLES)));
        assertThat(faults(usual).get(0)).isEqualTo("ANGLE_TOO_LOW");
        Diagnosis low = of(
                CHISEL,
                with(
                        tool(GeometryKind.CHISEL, "bench chisel / general bench work", 19, 30),
                        Observation.of(Sign.CRUMBLES)));
        assertThat(low.findings().get(0).sure())
                .isGreaterThan(usual.findings().get(0).sure());
    }

    @Test
    void anOldBladeIsNotCalledNew() {
        List<Observation> known = tool(GeometryKind.CHISEL, "bench chisel / general bench work", 30, 60);
        assertThat(known).extracting(Observation::sign).doesNotContain(Sign.NEW_FROM_MAKER, Sign.FEW_SHARPENINGS);
        Diagnosis old = of(CHISEL, with(known, Observation.of(Sign.CRUMBLES)));
        assertThat(faults(old).get(0)).isNotEqualTo("BRITTLE_TIP");
    }

    @Test
    void aSingleBevelKnifeThatIsHardToPushWantsItsBroadFaceFirst() {
        Subject single = Subject.of(Blades.blade(GeometryKind.SINGLE_BEVEL_KNIFE));
        Diagnosis d = of(single, with(TestSigns.ofBroadFace(false, true), Observation.of(Sign.HARD_TO_PUSH)));
        assertThat(d.told()).isTrue();
        assertThat(faults(d).get(0)).isEqualTo("FACE_DUE");
        assertThat(d.findings().get(0).remedies().get(0).leads()).contains(Remedy.Work.BROAD_FACE);
        Diagnosis fresh = of(single, with(TestSigns.ofBroadFace(true, true), Observation.of(Sign.HARD_TO_PUSH)));
        assertThat(faults(fresh).get(0)).isEqualTo("ANGLE_TOO_HIGH");
        assertThat(faults(of(KNIFE, Observation.of(Sign.HARD_TO_PUSH)))).doesNotContain("FACE_DUE");
    }

    @Test
    void aKnifeAtItsUsualAngleThatIsHardToPushIsThickNotSteep() {
        List<Observation> known = tool(GeometryKind.KNIFE, "kitchen knife / general", 16, 30);
        Diagnosis d = of(KNIFE, with(known, Observation.of(Sign.HARD_TO_PUSH)));
        assertThat(faults(d).get(0)).isEqualTo("TOO_THICK");
        assertThat(d.findings().get(0).remedies().get(0).leads()).contains(Remedy.Work.THIN);
    }

    @Test
    void aChipThatTheSurveyFoundAndThePlanLeftIsThatChip() {
        List<Finding> found = List.of(new Finding(Finding.Kind.CHIP, 8, 9.5, 0.6, 0, true));
        List<Observation> known = TestSigns.ofSurvey(found, Length.ofMm(0.1));
        assertThat(known).containsExactly(Observation.of(Sign.CHIP_KNOWN_LEFT, 8, 9.5));
        Diagnosis d = of(CHISEL, with(known, Observation.of(Sign.BRIGHT, 8, 9.5)));
        assertThat(faults(d).get(0)).isEqualTo("CHIP_LEFT");
        // a light elsewhere is not
        assertThat(faults(of(CHISEL, with(known, Observation.of(Sign.BRIGHT, 18, 19))))
                        .get(0))
                .isEqualTo("APEX_NOT_REACHED");
    }

    @Test
    void aChipThatWasToGoMayHaveLeftItsRoot() {
        Finding chip = new Finding(Finding.Kind.CHIP, 8, 9.5, 0.6, 0, false);
        assertThat(TestSigns.ofSurvey(List.of(chip), Length.ofMm(0.6)))
                .containsExactly(Observation.of(Sign.CHIP_WAS_THERE, 8, 9.5));
        // deeper than the edge went back, it is there still
        assertThat(TestSigns.ofSurvey(List.of(chip), Length.ofMm(0.59)))
                .containsExactly(Observation.of(Sign.CHIP_KNOWN_LEFT, 8, 9.5));
        double now = sure(of(CHISEL, Observation.of(Sign.BRIGHT, 8, 9.5)), "CHIP_LEFT");
        double known = sure(
                of(
                        CHISEL,
                        with(TestSigns.ofSurvey(List.of(chip), Length.ofMm(1)), Observation.of(Sign.BRIGHT, 8, 9.5))),
                "CHIP_LEFT");
        assertThat(known).isGreaterThan(now);
        // what was only seen in the survey, and pits, say nothing of a chip
        assertThat(TestSigns.ofSurvey(List.of(new Finding(Finding.Kind.PIT_BACK, 8, 9, 0.2, 0, false)), Length.ZERO))
                .isEmpty();
    }

    private static double sure(Diagnosis d, String fault) {
        return d.findings().stream()
                .filter(f -> f.fault().equals(fault))
                .mapToDouble(Diagnosis.Finding::sure)
                .max()
                .orElse(0);
    }

    @Test
    void aBrushCutterDiscIsNeitherABarNorShears() {
        Blade disc = Blades.blade(GeometryKind.BRUSH_CUTTER);
        Subject subject = Subject.of(disc);
        Diagnosis d = of(
                subject,
                Observation.of(Sign.LAND_UNEVEN, 3, 9),
                Observation.of(Sign.GAP_WIDE),
                Observation.of(Sign.BAR_DIPS),
                Observation.of(Sign.TOOTH_MISSED, 3, 9));
        assertThat(faults(d)).containsExactlyInAnyOrder("OUT_OF_BALANCE", "TOOTH_LEFT");
        assertThat(d.findings()).extracting(Diagnosis.Finding::title).allSatisfy(t -> assertThat(t.toLowerCase())
                .doesNotContain("bar", "blades"));
    }
}
