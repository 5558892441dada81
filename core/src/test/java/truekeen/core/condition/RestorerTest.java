package truekeen.core.condition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.core.message.Checks;
import truekeen.core.message.InWords;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.Cut;
import truekeen.core.section.FlatBackSection;
import truekeen.core.section.MicroBevel;
import truekeen.core.section.TargetBevel;
import truekeen.core.tool.Blades;
import truekeen.core.tool.Chisel;

class RestorerTest {
    private static final TargetBevel AS_IT_IS = new TargetBevel(Angle.ofDegrees(25), Angle.ofDegrees(30));

    private static Chisel chisel(double width, double secondaryWidth) {
        return Blades.chisel(width, 3.2, 90, 20, 25, Blades.micro(30, secondaryWidth));
    }

    private static EdgeSurvey survey(Dullness dullness, Finding... findings) {
        return new EdgeSurvey(List.of(findings), EdgeSurvey.Squareness.SQUARE, dullness, false, BackState.POLISHED, 0);
    }

    private static EdgeSurvey outOfSquare(EdgeSurvey.HighCorner high, double degrees, boolean mend) {
        return new EdgeSurvey(
                List.of(),
                new EdgeSurvey.Squareness(high, Angle.ofDegrees(degrees), mend),
                Dullness.TOUCH_UP,
                true,
                BackState.POLISHED,
                0);
    }

    private static Finding chip(double at, double wide, double deep) {
        return new Finding(Finding.Kind.CHIP, at - wide / 2, at + wide / 2, deep, false);
    }

    @Test
    void aFreshTouchUpGoesToTheStropAndTakesNoSteel() {
        Restoration r = Restorer.restore(chisel(24, 0.6), survey(Dullness.TOUCH_UP), AS_IT_IS);
        assertThat(r.scope()).isEqualTo(Scope.STROP_ONLY);
        assertThat(r.volumeMm3()).isZero();
        assertThat(r.steelLeftMm()).isEqualTo(70);
    }

    @Test
    void whereTheStropFailedAFineStoneFollows() {
        EdgeSurvey tried =
                new EdgeSurvey(List.of(), EdgeSurvey.Squareness.SQUARE, Dullness.TOUCH_UP, true, BackState.POLISHED, 0);
        Restoration r = Restorer.restore(chisel(24, 0.6), tried, AS_IT_IS);
        assertThat(r.scope()).isEqualTo(Scope.FINE_STONE_ONLY);
        assertThat(r.lostMm()).isEqualTo(0.006);
    }

    @Test
    void honingADullEdgeTakesTheStripThatTheClosedFormSays() {
        Restoration r = Restorer.restore(chisel(24, 0.6), survey(Dullness.DULL), AS_IT_IS);
        assertThat(r.scope()).isEqualTo(Scope.FULL_HONING);
        assertThat(r.primary()).isEmpty();
        Angle b1 = Angle.ofDegrees(25);
        Angle b2 = Angle.ofDegrees(30);
        double e0 = MicroBevel.recession(Length.ofMm(0.6), b1, b2).mm();
        double m1 = MicroBevel.width(Length.ofMm(e0 + 0.025), b1, b2, Length.ofMm(3.2))
                .mm();
        double strip = (MicroBevel.area(Length.ofMm(m1), b1, b2) - MicroBevel.area(Length.ofMm(0.6), b1, b2)) * 24;
        assertThat(r.secondary().orElseThrow().volumeMm3()).isCloseTo(strip, within(1e-6));
        assertThat(r.honedWidthMm()).isCloseTo(m1, within(1e-6));
        assertThat(r.secondary().orElseThrow().workedAreaMm2()).isCloseTo(m1 * 24, within(1e-6));
        assertThat(r.secondary().orElseThrow().depthMm()).isCloseTo(0.025 * b2.sin(), within(1e-9));
    }

    @Test
    void aFirstSecondaryIsTheSliverOfTheWorkedExample() {
        Chisel bare = Blades.chisel(24, 3.6, 90, 20, 25, Optional.empty());
        Restoration r = Restorer.restore(
                bare, survey(Dullness.DULL), new TargetBevel(Angle.ofDegrees(25), Angle.ofDegrees(32)));
        assertThat(r.honedWidthMm()).isCloseTo(0.7, within(1e-6));
        assertThat(r.secondary().orElseThrow().volumeMm3()).isCloseTo(0.8985, within(1e-4));
        assertThat(r.secondary().orElseThrow().depthMm()).isCloseTo(0.0853, within(5e-5));
    }

    @Test
    void aDeepChipMovesTheWholeEdgeBackAndTheVolumeIsConserved() {
        Restoration r = Restorer.restore(chisel(24, 0.6), survey(Dullness.DULL, chip(10, 1, 0.8)), AS_IT_IS);
        assertThat(r.scope()).isEqualTo(Scope.REPAIR);
        assertThat(r.newEdgeMm()).isCloseTo(0.8, within(1e-9));
        double fresh = MicroBevel.recession(Length.ofMm(0.7), Angle.ofDegrees(25), Angle.ofDegrees(30))
                .mm();
        assertThat(r.lostMm()).isCloseTo(0.8 + fresh, within(1e-9));
        assertThat(r.usableAfterMm()).isCloseTo(90 - r.lostMm(), within(1e-9));
        // What goes is the section before less the section after, all along, less the void of the chip.
        double before = Cut.area(List.of(FlatBackSection.withSecondary(
                Length.ofMm(3.2), Angle.ofDegrees(25), Angle.ofDegrees(30), Length.ofMm(0.6), 91)));
        double after = before - 3.2 * 0 - sectionLoss(r.lostMm());
        double cutVolume = r.primary().orElseThrow().volumeMm3()
                + r.secondary().orElseThrow().volumeMm3();
        double whole = (before - after) * 24;
        assertThat(cutVolume).isLessThan(whole).isGreaterThan(whole - voidOfChip());
    }

    /** Area between a 0.6 mm secondary at the old place and a 0.7 mm one moved back. */
    private static double sectionLoss(double lost) {
        Angle b1 = Angle.ofDegrees(25);
        Angle b2 = Angle.ofDegrees(30);
        double micro = MicroBevel.area(Length.ofMm(0.7), b1, b2) - MicroBevel.area(Length.ofMm(0.6), b1, b2);
        double moved = lost
                - MicroBevel.recession(Length.ofMm(0.7), b1, b2).mm()
                + MicroBevel.recession(Length.ofMm(0.6), b1, b2).mm();
        return moved * 3.2 + micro;
    }

    private static double voidOfChip() {
        return 1 * 0.8 * 0.8 * Math.tan(Math.toRadians(30));
    }

    @Test
    void aChipLeftOnPurposeCostsNothing() {
        Finding left = new Finding(Finding.Kind.CHIP, 9.5, 10.5, 0.8, true);
        Restoration r = Restorer.restore(chisel(24, 0.6), survey(Dullness.DULL, left), AS_IT_IS);
        assertThat(r.newEdgeMm()).isEqualTo(0.025);
        assertThat(r.scope()).isEqualTo(Scope.FULL_HONING);
    }

    @Test
    void squaringTakesTheWedgeOfTheClosedForm() {
        Restoration r = Restorer.restore(chisel(38, 0.6), outOfSquare(EdgeSurvey.HighCorner.LEFT, 1.5, true), AS_IT_IS);
        assertThat(r.newEdgeMm()).isCloseTo(38 * Math.tan(Math.toRadians(1.5)) + 0.006, within(1e-9));
        double wedge = FlatBackSection.squaringVolume(Length.ofMm(38), Angle.ofDegrees(1.5), Length.ofMm(3.2));
        double volume = r.primary().orElseThrow().volumeMm3();
        // The primary also gives back the recession of the old secondary and the worn steel, all along.
        double e = MicroBevel.recession(Length.ofMm(0.6), Angle.ofDegrees(25), Angle.ofDegrees(30))
                        .mm()
                + 0.006;
        double old = MicroBevel.area(Length.ofMm(0.6), Angle.ofDegrees(25), Angle.ofDegrees(30)) * 38;
        assertThat(volume).isCloseTo(wedge + e * 3.2 * 38 - old, within(1e-6));
    }

    @Test
    void eitherCornerHighCostsTheSameAndAKeptSlantCostsNothing() {
        double left = Restorer.restore(chisel(38, 0.6), outOfSquare(EdgeSurvey.HighCorner.LEFT, 1, true), AS_IT_IS)
                .volumeMm3();
        double right = Restorer.restore(chisel(38, 0.6), outOfSquare(EdgeSurvey.HighCorner.RIGHT, 1, true), AS_IT_IS)
                .volumeMm3();
        assertThat(left).isCloseTo(right, within(1e-6));
        Restoration kept =
                Restorer.restore(chisel(38, 0.6), outOfSquare(EdgeSurvey.HighCorner.LEFT, 1, false), AS_IT_IS);
        assertThat(kept.scope()).isEqualTo(Scope.FINE_STONE_ONLY);
    }

    @Test
    void moreDamageNeverCostsLess() {
        double volume = 0;
        double lost = 0;
        for (double depth = 0.01; depth < 3; depth += 0.05) {
            Restoration r = Restorer.restore(chisel(24, 0.6), survey(Dullness.DULL, chip(12, 2, depth)), AS_IT_IS);
            assertThat(r.lostMm()).isGreaterThanOrEqualTo(lost);
            assertThat(r.volumeMm3()).isGreaterThanOrEqualTo(volume);
            volume = r.volumeMm3();
            lost = r.lostMm();
        }
    }

    @ParameterizedTest
    @CsvSource({
        "POLISHED, 0, FULL_HONING",
        "UNPOLISHED, 0, FULL_HONING",
        "PITTED, 0.1, FULL_HONING",
        "PITTED, 0.3, RETIRE"
    })
    void theBackDecidesToo(BackState back, double depth, Scope scope) {
        EdgeSurvey s = new EdgeSurvey(List.of(), EdgeSurvey.Squareness.SQUARE, Dullness.DULL, false, back, depth);
        Restoration r = Restorer.restore(chisel(24, 0.6), s, AS_IT_IS);
        assertThat(r.scope()).isEqualTo(scope);
        assertThat(r.back().volumeMm3()).isCloseTo(back.needsFlattening() ? depth * 30 * 24 : 0, within(1e-9));
    }

    @Test
    void aSecondaryGrownTooWideIsReground() {
        Restoration r = Restorer.restore(chisel(24, 1.49), survey(Dullness.LIGHT_VISIBLE), AS_IT_IS);
        assertThat(r.scope()).isEqualTo(Scope.REGRIND);
        assertThat(r.honedWidthMm()).isCloseTo(0.7, within(1e-6));
        Angle b1 = Angle.ofDegrees(25);
        Angle b2 = Angle.ofDegrees(30);
        double widens = MicroBevel.recession(Length.ofMm(1.5), b1, b2).mm()
                - MicroBevel.recession(Length.ofMm(0.7), b1, b2).mm();
        assertThat(r.honingRecessionMm()).isCloseTo(widens, within(1e-6));
        assertThat(r.reasons().get(0)).contains(InWords.figures("1.5\u202fmm"));
    }

    @Test
    void aLowerPrimaryIsGroundAndASteeperLastBevelGetsAFacetOfItsOwn() {
        Restoration turned = Restorer.restore(
                chisel(24, 0.6), survey(Dullness.DULL), new TargetBevel(Angle.ofDegrees(23), Angle.ofDegrees(30)));
        assertThat(turned.scope()).isEqualTo(Scope.REGRIND);
        Restoration steeper = Restorer.restore(
                chisel(24, 0.6), survey(Dullness.DULL), new TargetBevel(Angle.ofDegrees(25), Angle.ofDegrees(33)));
        assertThat(steeper.primary()).isEmpty();
        assertThat(steeper.reasons()).anyMatch(r -> r.contains("changes from 30° to 33°"));
        assertThat(Restorer.restore(
                                chisel(24, 0.6),
                                survey(Dullness.TOUCH_UP),
                                new TargetBevel(Angle.ofDegrees(25), Angle.ofDegrees(33)))
                        .scope())
                .isEqualTo(Scope.FULL_HONING);
        assertThat(steeper.honedWidthMm()).isCloseTo(0.7, within(1e-6));
    }

    @Test
    void pastTheRetireLimitItIsRetiredAndPastTheSteelItIsRefused() {
        Restoration r = Restorer.restore(chisel(24, 0.6), survey(Dullness.DULL, chip(12, 4, 71)), AS_IT_IS);
        assertThat(r.scope()).isEqualTo(Scope.RETIRE);
        assertThatThrownBy(() -> Restorer.restore(chisel(24, 0.6), survey(Dullness.DULL, chip(12, 4, 91)), AS_IT_IS))
                .isInstanceOf(RefusedException.class);
    }

    @Test
    void everyFaultOfASurveyIsNamedAtItsField() {
        Checks checks = new Checks();
        EdgeSurvey bad = new EdgeSurvey(
                List.of(chip(24, 4, 0.5), chip(10, 1, -1)),
                new EdgeSurvey.Squareness(EdgeSurvey.HighCorner.NONE, Angle.ofDegrees(30), true),
                Dullness.DULL,
                false,
                BackState.PITTED,
                99);
        bad.check(checks, chisel(24, 0.6));
        assertThat(checks.refusals())
                .extracting(r -> r.field())
                .contains("findings[0].fromMm", "findings[1].depthMm", "square.off", "square.high", "backDepth");
    }
}
