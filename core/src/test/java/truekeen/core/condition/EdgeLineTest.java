package truekeen.core.condition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.TargetBevel;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;

/** Where the edge is looked at, and what each thing on it asks of the line. */
class EdgeLineTest {
    private static final Blade CHISEL = Blades.blade(GeometryKind.CHISEL);
    private static final Blade KNIFE = Blades.blade(GeometryKind.KNIFE);

    private static EdgeSurvey survey(EdgeSurvey.Squareness square, ShapeDeviations departures, Finding... findings) {
        return new EdgeSurvey(List.of(findings), square, Dullness.DULL, false, BackState.POLISHED, 0, departures);
    }

    private static EdgeLine line(Blade blade, EdgeSurvey survey, double worn) {
        return new EdgeLine(survey, blade, TargetBevel.of(blade), worn);
    }

    private static EdgeSurvey.Squareness high(EdgeSurvey.HighCorner corner, double degrees, boolean mend) {
        return new EdgeSurvey.Squareness(corner, Angle.ofDegrees(degrees), mend);
    }

    private static Finding finding(Finding.Kind kind, double from, double to, double deep) {
        return new Finding(kind, from, to, deep, false);
    }

    @Test
    void anEvenEdgeIsSaidByItsEnds() {
        assertThat(line(CHISEL, survey(EdgeSurvey.Squareness.SQUARE, ShapeDeviations.NONE), 0.01)
                        .stations())
                .containsExactly(0.0, 24.0);
    }

    @Test
    void findingsAddTheirEndsAndMiddleAndADentItsQuarters() {
        EdgeLine rolled = line(
                CHISEL,
                survey(EdgeSurvey.Squareness.SQUARE, ShapeDeviations.NONE, finding(Finding.Kind.ROLL, 4, 10, 0.05)),
                0.01);
        // what is rolled is still there: nothing is missing between
        assertThat(rolled.stations()).containsExactly(0.0, 4.0, 7.0, 10.0, 24.0);
        EdgeLine chipped = line(
                CHISEL,
                survey(EdgeSurvey.Squareness.SQUARE, ShapeDeviations.NONE, finding(Finding.Kind.CHIP, 4, 8, 0.4)),
                0.01);
        assertThat(chipped.stations()).containsExactly(0.0, 4.0, 5.0, 6.0, 7.0, 8.0, 24.0);
        EdgeLine dented = line(
                CHISEL,
                survey(EdgeSurvey.Squareness.SQUARE, ShapeDeviations.NONE, finding(Finding.Kind.DENT, 4, 8, 0.4)),
                0.01);
        assertThat(dented.stations()).containsExactly(0.0, 4.0, 5.0, 6.0, 7.0, 8.0, 24.0);
        EdgeLine small = line(
                CHISEL,
                survey(EdgeSurvey.Squareness.SQUARE, ShapeDeviations.NONE, finding(Finding.Kind.DENT, 4, 5, 0.4)),
                0.01);
        assertThat(small.stations()).containsExactly(0.0, 4.0, 4.25, 4.5, 4.75, 5.0, 24.0);
    }

    @Test
    void aTiltedEdgeIsLookedAtEveryMillimetreUnlessItStays() {
        EdgeLine tilted = line(CHISEL, survey(high(EdgeSurvey.HighCorner.LEFT, 1, true), ShapeDeviations.NONE), 0.01);
        assertThat(tilted.stations()).hasSize(25).contains(1.0, 23.0);
        EdgeLine kept = line(CHISEL, survey(high(EdgeSurvey.HighCorner.LEFT, 1, false), ShapeDeviations.NONE), 0.01);
        assertThat(kept.stations()).containsExactly(0.0, 24.0);
    }

    @Test
    void aBladeThatVariesIsLookedAtMoreCoarsely() {
        ShapeDeviations two = new ShapeDeviations(
                List.of(
                        new ShapeDeviations.StationMeasure("behindEdge", 30, 0.3),
                        new ShapeDeviations.StationMeasure("behindEdge", 90, 0.5)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        assertThat(line(KNIFE, survey(EdgeSurvey.Squareness.SQUARE, two), 0.01).stations())
                .contains(0.0, 30.0, 36.0, 84.0, 90.0, 96.0, 180.0)
                .hasSize(31);
        ShapeDeviations one = new ShapeDeviations(
                List.of(new ShapeDeviations.StationMeasure("behindEdge", 30, 0.3)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        assertThat(line(KNIFE, survey(EdgeSurvey.Squareness.SQUARE, one), 0.01).stations())
                .containsExactly(0.0, 30.0, 180.0);
    }

    @Test
    void aCamberAsksForItsCorners() {
        Blade iron = Blades.blade(GeometryKind.PLANE_IRON_DOWN, "camber", Double.NaN);
        TargetBevel wanted = new TargetBevel(Angle.ofDegrees(25), Angle.ofDegrees(30)).cambered(Length.ofMm(0.3));
        EdgeLine line = new EdgeLine(survey(EdgeSurvey.Squareness.SQUARE, ShapeDeviations.NONE), iron, wanted, 0.01);
        assertThat(line.cambers()).isTrue();
        assertThat(line.gain(0)).isCloseTo(0.3, within(1e-9));
        assertThat(line.gain(30)).isCloseTo(0, within(1e-12));
        assertThat(line.mostGain()).isCloseTo(0.3, within(1e-9));
        assertThat(line.stations()).hasSize(61);
        TargetBevel nearly = new TargetBevel(Angle.ofDegrees(25), Angle.ofDegrees(30)).cambered(Length.ofMm(0.004));
        assertThat(new EdgeLine(survey(EdgeSurvey.Squareness.SQUARE, ShapeDeviations.NONE), iron, nearly, 0.01)
                        .cambers())
                .isFalse();
    }

    @Test
    void squarenessThatIsLeftIsToldAndAsksNothing() {
        EdgeLine kept = line(CHISEL, survey(high(EdgeSurvey.HighCorner.RIGHT, 1, false), ShapeDeviations.NONE), 0.01);
        Demand left = kept.demands().stream()
                .filter(d -> d.subject().equals(Demand.Subject.SQUARENESS))
                .findFirst()
                .orElseThrow();
        assertThat(left.left()).isTrue();
        assertThat(left.ownMm()).isCloseTo(24 * Math.tan(Math.toRadians(1)), within(1e-9));
        assertThat(kept.newEdge()).isCloseTo(0.01, within(1e-12));
        EdgeLine mended = line(CHISEL, survey(high(EdgeSurvey.HighCorner.RIGHT, 1, true), ShapeDeviations.NONE), 0.01);
        assertThat(mended.tilt(0)).isCloseTo(24 * Math.tan(Math.toRadians(1)), within(1e-9));
        assertThat(mended.tilt(24)).isZero();
        assertThat(mended.newEdge()).isCloseTo(24 * Math.tan(Math.toRadians(1)) + 0.01, within(1e-9));
    }

    @Test
    void aPitThatTheEdgeComesToIsANickInIt() {
        Finding pit = new Finding(Finding.Kind.PIT_BEVEL, 10, 12, 0.1, 0.5, false);
        Finding shallow = finding(Finding.Kind.CHIP, 2, 3, 0.4);
        Finding deep = finding(Finding.Kind.CHIP, 2, 3, 0.6);
        double asks = 0.1 / Math.sin(Math.toRadians(25));
        EdgeLine notReached = line(CHISEL, survey(EdgeSurvey.Squareness.SQUARE, ShapeDeviations.NONE, shallow, pit), 0);
        assertThat(notReached.newEdge()).isCloseTo(0.4, within(1e-9));
        EdgeLine reached = line(CHISEL, survey(EdgeSurvey.Squareness.SQUARE, ShapeDeviations.NONE, deep, pit), 0);
        Demand nick = reached.demands().get(1);
        assertThat(nick.lineMm()).isCloseTo(asks, within(1e-9));
        assertThat(nick.decides()).isFalse();
        assertThat(reached.demands().get(0).decides()).isTrue();
        // where the edge is tilted there the pit lies the farther back
        EdgeLine tilted =
                line(CHISEL, survey(high(EdgeSurvey.HighCorner.LEFT, 5, true), ShapeDeviations.NONE, deep, pit), 0);
        assertThat(tilted.demands().get(2).lineMm()).isCloseTo(asks + 11 * Math.tan(Math.toRadians(5)), within(1e-9));
    }

    @Test
    void whatIsMissingGoesByItsShape() {
        Finding chip = finding(Finding.Kind.CHIP, 4, 8, 0.4);
        assertThat(chip.missingAt(6, 24)).isCloseTo(0.4, within(1e-12));
        assertThat(chip.missingAt(5, 24)).isCloseTo(0.2, within(1e-12));
        assertThat(chip.missingAt(4, 24)).isZero();
        assertThat(chip.missingAt(3.9, 24)).isZero();
        assertThat(chip.missingAt(8.1, 24)).isZero();
        Finding dent = finding(Finding.Kind.DENT, 4, 8, 0.4);
        assertThat(dent.missingAt(5, 24)).isCloseTo(0.3, within(1e-12));
        Finding left = finding(Finding.Kind.ROUNDED_CORNER, 0, 4, 0.4);
        assertThat(left.atLeft(24)).isTrue();
        assertThat(left.missingAt(0, 24)).isCloseTo(0.4, within(1e-12));
        assertThat(left.missingAt(1, 24)).isCloseTo(0.3, within(1e-12));
        Finding right = finding(Finding.Kind.ROUNDED_CORNER, 20, 24, 0.4);
        assertThat(right.atLeft(24)).isFalse();
        assertThat(right.missingAt(24, 24)).isCloseTo(0.4, within(1e-12));
        assertThat(right.missingAt(21, 24)).isCloseTo(0.1, within(1e-12));
    }

    @Test
    void demandsNameTheirFieldAndWhatMayBeLeft() {
        assertThat(Demand.Subject.finding(2).field()).isEqualTo("findings[2]");
        assertThat(Demand.Subject.WEAR.field()).isEqualTo("wear");
        assertThat(Demand.Subject.SQUARENESS.field()).isEqualTo("square");
        assertThat(Demand.Subject.finding(0).mayBeLeft()).isTrue();
        assertThat(Demand.Subject.SQUARENESS.mayBeLeft()).isTrue();
        assertThat(Demand.Subject.WEAR.mayBeLeft()).isFalse();
        assertThat(Demand.Subject.CAMBER.mayBeLeft()).isFalse();
        assertThat(Demand.Subject.OLD_BACK_BEVEL.mayBeLeft()).isFalse();
    }

    @Test
    void thePartsOfAnEdgeHaveTheirNames() {
        assertThat(names(GeometryKind.CHISEL)).containsExactly("left corner", "middle", "right corner");
        assertThat(names(GeometryKind.KNIFE)).containsExactly("heel", "belly", "tip");
        assertThat(names(GeometryKind.CONVEX_BLADE)).containsExactly("heel", "belly", "toe");
        assertThat(names(GeometryKind.SHEAR_BLADE)).containsExactly("heel", "middle", "tip");
        assertThat(names(GeometryKind.PLANE_IRON_DOWN)).containsExactly("left corner", "middle", "right corner");
        assertThat(names(GeometryKind.MOWER_BAR)).containsExactly("one end", "other end");
        assertThat(names(GeometryKind.TRIMMER)).containsExactly("all teeth");
        List<Region> thirds = Regions.of(CHISEL.layout());
        assertThat(thirds.get(1).fromMm()).isCloseTo(8, within(1e-12));
        assertThat(thirds.get(1).toMm()).isCloseTo(16, within(1e-12));
    }

    private static List<String> names(GeometryKind kind) {
        return Regions.of(Blades.blade(kind).layout()).stream()
                .map(Region::name)
                .toList();
    }
}
