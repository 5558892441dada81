package truekeen.core.repair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Finding;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Restorer;
import truekeen.core.heat.EdgeFin;
import truekeen.core.holding.Wheel;
import truekeen.core.message.InWords;
import truekeen.core.message.RefusedException;
import truekeen.core.message.Says;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.TargetBevel;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.table.Prior;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;

class GrindPlanTest {
    private static final SteelClass PLAIN = Steels.all().get(0);

    private static Restoration chipped(Blade blade, TargetBevel target, double deep) {
        EdgeSurvey survey = new EdgeSurvey(
                List.of(new Finding(Finding.Kind.CHIP, 8, 9.5, deep, false)),
                EdgeSurvey.Squareness.SQUARE,
                Dullness.DULL,
                true,
                BackState.POLISHED,
                0);
        return Restorer.restore(blade, survey, target);
    }

    private static GrindPlan.AtHand by(Means means, boolean blunt) {
        return new GrindPlan.AtHand(means, "the piece", Optional.empty(), "", blunt);
    }

    private static Optional<GrindPlan> plan(GeometryKind kind, double deep, Means means, boolean blunt) {
        Blade blade = Blades.blade(kind);
        TargetBevel target = TargetBevel.of(blade);
        return GrindPlan.of(chipped(blade, target, deep), blade, target, PLAIN, by(means, blunt));
    }

    @ParameterizedTest
    @EnumSource(
            value = GeometryKind.class,
            names = {"CHISEL", "PLANE_IRON_DOWN", "KNIFE", "DRAWKNIFE"})
    void whatGoesInTheActsIsWhatTheShapingTakes(GeometryKind kind) {
        Blade blade = Blades.blade(kind);
        TargetBevel target = TargetBevel.of(blade);
        Restoration r = chipped(blade, target, 2);
        for (boolean blunt : new boolean[] {true, false}) {
            GrindPlan plan =
                    GrindPlan.of(r, blade, target, PLAIN, by(Means.BELT, blunt)).orElseThrow();
            assertThat(plan.volumeMm3()).isCloseTo(r.primary().orElseThrow().volumeMm3(), within(1e-9));
            assertThat(plan.acts()).allSatisfy(a -> {
                assertThat(a.volumeMm3()).isNotNegative();
                assertThat(a.title()).isNotBlank();
                assertThat(a.until()).isNotBlank();
            });
            List<GrindAct.Kind> kinds = plan.acts().stream().map(GrindAct::kind).toList();
            assertThat(kinds.contains(GrindAct.Kind.BLUNT)).isEqualTo(blunt);
            assertThat(kinds).isSorted().doesNotHaveDuplicates();
        }
    }

    @Test
    void theBluntPartIsTheSteelAheadOfTheLine() {
        Blade blade = Blades.blade(GeometryKind.CHISEL, "secondary", Double.NaN, "secondaryWidth", Double.NaN);
        TargetBevel target = new TargetBevel(Angle.ofDegrees(25), Angle.ofDegrees(30));
        Restoration r = chipped(blade, target, 1);
        double tan = Math.tan(Math.toRadians(25));
        // a triangle one millimetre long over the whole width, less what the V of the chip has taken already:
        // ∫ over its 1.5 mm of ½·tan·m² with m running to 1 and back
        double expected = 24 * tan / 2 - 1.5 * tan / 2 / 3;
        assertThat(r.bluntMm3()).isCloseTo(expected, within(1e-6));
        assertThat(r.landMm()).isCloseTo(tan, within(1e-9));
    }

    @Test
    void aCautionIsSaidBeforeTheFirstActThatItBelongsTo() {
        GrindPlan blunt = plan(GeometryKind.CHISEL, 2, Means.DRY_WHEEL, true).orElseThrow();
        List<Caution> all = new ArrayList<>();
        blunt.acts().forEach(a -> all.addAll(a.cautions()));
        assertThat(all).doesNotHaveDuplicates().contains(Caution.EYES, Caution.SPEED, Caution.NO_GLOVES);
        GrindPlan straight =
                plan(GeometryKind.CHISEL, 2, Means.DRY_WHEEL, false).orElseThrow();
        List<Caution> others = new ArrayList<>();
        straight.acts().forEach(a -> others.addAll(a.cautions()));
        assertThat(others).containsExactlyInAnyOrderElementsOf(all);
        for (Caution c : Caution.values()) {
            assertThat(c.words()).endsWith(".").doesNotContain("!");
        }
    }

    @Test
    void aWheelAboveItsMarkingIsRefusedAndOneWithinItSaysSo() {
        Blade blade = Blades.blade(GeometryKind.CHISEL);
        TargetBevel target = TargetBevel.of(blade);
        Restoration r = chipped(blade, target, 2);
        GrindPlan.AtHand fast =
                new GrindPlan.AtHand(Means.DRY_WHEEL, "grinder", Optional.of(wheel(2850, 20)), "Tilt the rest.", true);
        assertThatThrownBy(() -> GrindPlan.of(r, blade, target, PLAIN, fast))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("22.4 m/s");
        GrindPlan.AtHand slow =
                new GrindPlan.AtHand(Means.DRY_WHEEL, "grinder", Optional.of(wheel(2850, 35)), "Tilt the rest.", true);
        GrindPlan plan = GrindPlan.of(r, blade, target, PLAIN, slow).orElseThrow();
        assertThat(plan.acts().get(1).words()).contains(InWords.figures("22.4 m/s, within its marking of 35 m/s"));
        assertThat(plan.acts())
                .filteredOn(a -> a.kind() == GrindAct.Kind.SET)
                .extracting(GrindAct::words)
                .contains("Tilt the rest.");
    }

    private static Wheel wheel(double perMinute, double marked) {
        return new Wheel(
                "grinder",
                Wheel.Kind.DRY_STONE,
                Length.ofMm(150),
                OptionalDouble.of(perMinute),
                OptionalDouble.of(marked));
    }

    @Test
    void nothingToGrindIsNoPlanAndStonesAreNoGrinder() {
        assertThat(plan(GeometryKind.CHISEL, 0.01, Means.BELT, true)).isEmpty();
        assertThatThrownBy(() -> plan(GeometryKind.CHISEL, 2, Means.STONES, true))
                .isInstanceOf(RefusedException.class);
    }

    @Test
    void bluntFirstLeavesALongerContactThanTheSharpEdge() {
        GrindPlan plan = plan(GeometryKind.CHISEL, 2, Means.DRY_WHEEL, true).orElseThrow();
        var heat = plan.heat().orElseThrow();
        assertThat(heat.bluntAlike().leastSeconds().orElse(30))
                .isGreaterThan(heat.sharp().leastSeconds().orElseThrow());
        assertThat(heat.sharp().curve()).hasSizeGreaterThan(20);
        assertThat(plan(GeometryKind.CHISEL, 2, Means.PAPER_DISC, true)
                        .orElseThrow()
                        .heat())
                .isEmpty();
    }

    @Test
    void aFingerWarnsOnlyWhereTheSteelBehindGetsWarmInTime() {
        // thick steel at a hot wheel: the apex is at its limit while the finger feels nothing
        var hot = plan(GeometryKind.CHISEL, 2, Means.DRY_WHEEL, true)
                .orElseThrow()
                .heat()
                .orElseThrow()
                .sharp();
        assertThat(hot.behindC()).isLessThan(60);
        assertThat(hot.fingerWarns()).isFalse();
        // a thin blade at a cool one warms through as a whole
        var cool = plan(GeometryKind.KNIFE, 2, Means.SLOW_WET_WHEEL, true)
                .orElseThrow()
                .heat()
                .orElseThrow()
                .sharp();
        assertThat(cool.behindC()).isGreaterThan(60);
        assertThat(cool.fingerWarns()).isTrue();
    }

    @Test
    void knivesGoInFullLengthPassesAndIronsToTheirScribedRound() {
        GrindPlan knife = plan(GeometryKind.KNIFE, 2, Means.BELT, true).orElseThrow();
        assertThat(knife.acts())
                .filteredOn(a -> a.kind() == GrindAct.Kind.BLUNT)
                .first()
                .satisfies(a -> assertThat(a.words()).contains("full-length passes"));
        Blade iron = Blades.blade(GeometryKind.PLANE_IRON_DOWN, "camber", Double.NaN);
        TargetBevel jack = TargetBevel.of(iron).cambered(Length.ofMm(1.41));
        GrindPlan plan = GrindPlan.of(chipped(iron, jack, 0.01), iron, jack, PLAIN, by(Means.DRY_WHEEL, true))
                .orElseThrow();
        assertThat(plan.acts().get(0).words())
                .matches(Says.the(RepairWords.SCRIBE_CAMBER, "camber", "1.41"))
                .contains("sole");
    }

    /** A line as thick as what goes cannot be ground to: the ink tells then. */
    @Test
    void whatIsThinnerThanAScribedLineIsInkedAndNotScribed() {
        GrindPlan thin =
                plan(GeometryKind.CONVEX_BLADE, 0.01, Means.BELT, false).orElseThrow();
        assertThat(thin.lineMm()).isLessThan(Prior.GRIND_PLAN_LEAST_BLUNT_MM.value());
        assertThat(thin.acts().get(0).kind()).isEqualTo(GrindAct.Kind.MARK);
        assertThat(thin.acts().get(0).words()).matches(Says.the(RepairWords.INK_NO_LINE));
        GrindPlan deep = plan(GeometryKind.CONVEX_BLADE, 0.5, Means.BELT, false).orElseThrow();
        assertThat(deep.acts().get(0).words()).matches(Says.the(RepairWords.TRACE_PROFILE));
    }

    @ParameterizedTest(name = "{0} s on an edge of {1}\u202fmm: {2} passes")
    @CsvSource({"3.4, 20, 3", "0.5, 20, 0", "2.6, 180, 3", "0.5, 180, 0", "900, 20, 12"})
    void theRhythmIsACount(double contact, double edge, int passes) {
        DipRhythm dip = DipRhythm.of(OptionalDouble.of(contact), edge);
        assertThat(dip.passes()).isEqualTo(passes);
        assertThat(dip.words()).contains(passes < 1 ? "too long" : "Count " + passes);
        assertThat(dip.halved().passes()).isEqualTo(passes / 2);
        assertThat(DipRhythm.of(OptionalDouble.empty(), edge).words()).isEqualTo(RepairWords.DIP_WARM.words());
    }

    private static EdgeFin fin() {
        return EdgeFin.flatBack(
                Length.ofMm(0), Angle.ofDegrees(25), Length.ofMm(3.2), Length.ofMm(24), Length.ofMm(60));
    }

    @Test
    void aColourOnCarbonSteelIsGroundPastAndFartherThanItShows() {
        Overheated straw = Overheated.of(Overheated.Sign.STRAW, 2, fin(), PLAIN);
        assertThat(straw.drawn()).isEqualTo(Overheated.Drawn.YES);
        assertThat(straw.mostMm()).isGreaterThanOrEqualTo(2);
        assertThat(straw.leastMm()).isLessThanOrEqualTo(straw.mostMm());
        Overheated blue = Overheated.of(Overheated.Sign.BLUE, 2, fin(), PLAIN);
        assertThat(blue.mostMm()).isGreaterThan(straw.mostMm());
        assertThat(Overheated.of(Overheated.Sign.BLUE, 4, fin(), PLAIN).mostMm())
                .isGreaterThan(blue.mostMm());
        assertThat(blue.act()).matches(Says.the(RepairWords.GRIND_PAST));
    }

    @Test
    void highSpeedSteelKeepsItsTemperThroughTheColours() {
        SteelClass hss = Steels.all().stream()
                .max((a, b) -> Double.compare(a.temperLimitC(), b.temperLimitC()))
                .orElseThrow();
        assertThat(hss.temperLimitC()).isGreaterThan(400);
        Overheated blue = Overheated.of(Overheated.Sign.BLUE, 3, fin(), hss);
        assertThat(blue.drawn()).isEqualTo(Overheated.Drawn.NO);
        assertThat(blue.mostMm()).isZero();
        // past every colour nothing bounds it any more but how heat runs
        assertThat(Overheated.of(Overheated.Sign.GREY, 6, fin(), hss).drawn()).isEqualTo(Overheated.Drawn.YES);
        assertThat(Overheated.of(Overheated.Sign.STEAM, 0, fin(), hss).drawn()).isEqualTo(Overheated.Drawn.NO);
    }

    @Test
    void steamOnSteelDrawnBelowStrawIsDoubtedAndAColourOfNoExtentIsRefused() {
        Overheated steam = Overheated.of(Overheated.Sign.STEAM, 0, fin(), PLAIN);
        assertThat(PLAIN.temperLimitC()).isLessThan(220);
        assertThat(steam.drawn()).isEqualTo(Overheated.Drawn.PERHAPS);
        assertThat(steam.act()).matches(Says.the(RepairWords.HALF_AS_MANY));
        assertThatThrownBy(() -> Overheated.of(Overheated.Sign.BLUE, 0, fin(), PLAIN))
                .isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> Overheated.of(Overheated.Sign.BLUE, 90, fin(), PLAIN))
                .isInstanceOf(RefusedException.class);
    }
}
