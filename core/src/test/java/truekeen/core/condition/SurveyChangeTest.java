package truekeen.core.condition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.TargetBevel;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;

/** What became of what was found, and what is asked where several things ask at once. */
class SurveyChangeTest {
    private static Finding chip(double from, double to, double deep) {
        return new Finding(Finding.Kind.CHIP, from, to, deep, false);
    }

    private static List<SurveyChange.Kind> kinds(List<Finding> before, List<Finding> now, double shift) {
        return SurveyChange.between(before, now, shift).stream()
                .map(SurveyChange::kind)
                .toList();
    }

    @Test
    void aFindingIsKnownAgainByItsKindAndPlace() {
        List<Finding> before = List.of(chip(10, 12, 0.4), chip(40, 41, 0.3), chip(70, 72, 0.5));
        List<Finding> now =
                List.of(chip(10.4, 12.2, 0.7), chip(40, 41, 0.32), new Finding(Finding.Kind.DENT, 70, 72, 0.5, false));
        assertThat(kinds(before, now, 0))
                .containsExactly(
                        SurveyChange.Kind.NEW,
                        SurveyChange.Kind.DEEPER,
                        SurveyChange.Kind.SAME,
                        SurveyChange.Kind.GONE);
    }

    @Test
    void whatTheStonesTookOffIsNotCountedAsHealing() {
        // 0.2 mm went since: a chip that was 0.5 deep and is 0.3 now is the same chip
        assertThat(kinds(List.of(chip(10, 12, 0.5)), List.of(chip(10, 12, 0.3)), 0.2))
                .containsExactly(SurveyChange.Kind.SAME);
        assertThat(kinds(List.of(chip(10, 12, 0.5)), List.of(chip(10, 12, 0.5)), 0.2))
                .containsExactly(SurveyChange.Kind.DEEPER);
        assertThat(kinds(List.of(chip(10, 12, 0.5)), List.of(chip(10, 12, 0.2)), 0))
                .containsExactly(SurveyChange.Kind.SHALLOWER);
        // a pit lies in the face: what goes off the edge does not make it less deep
        Finding pit = new Finding(Finding.Kind.PIT_BACK, 10, 12, 0.2, 3, false);
        assertThat(kinds(List.of(pit), List.of(pit), 0.2)).containsExactly(SurveyChange.Kind.SAME);
    }

    @Test
    void everyFindingIsSpokenOfOnce() {
        Random random = new Random(12);
        for (int round = 0; round < 200; round++) {
            List<Finding> before = some(random);
            List<Finding> now = some(random);
            List<SurveyChange> changes = SurveyChange.between(before, now, random.nextDouble());
            assertThat(changes.stream().flatMap(c -> c.was().stream())).containsExactlyInAnyOrderElementsOf(before);
            assertThat(changes.stream().flatMap(c -> c.is().stream())).containsExactlyInAnyOrderElementsOf(now);
            assertThat(changes).allSatisfy(c -> {
                assertThat(c.was().isEmpty()).isEqualTo(c.kind() == SurveyChange.Kind.NEW);
                assertThat(c.is().isEmpty()).isEqualTo(c.kind() == SurveyChange.Kind.GONE);
            });
            assertThat(changes).extracting(SurveyChange::kind).isSorted();
        }
    }

    private static List<Finding> some(Random random) {
        List<Finding> all = new ArrayList<>();
        for (int i = random.nextInt(6); i > 0; i--) {
            double at = random.nextDouble() * 90;
            Finding.Kind kind = Finding.Kind.values()[random.nextInt(Finding.Kind.values().length)];
            all.add(new Finding(kind, at, at + 0.5 + 6 * random.nextDouble(), random.nextDouble(), false));
        }
        return all;
    }

    private static EdgeSurvey slanting(double degrees, Finding... findings) {
        return new EdgeSurvey(
                List.of(findings),
                new EdgeSurvey.Squareness(EdgeSurvey.HighCorner.LEFT, Angle.ofDegrees(degrees), true),
                Dullness.DULL,
                true,
                BackState.POLISHED,
                0);
    }

    private static Demand deciding(EdgeSurvey survey) {
        Blade chisel = Blades.blade(GeometryKind.CHISEL);
        return Restorer.restore(chisel, survey, TargetBevel.of(chisel)).demands().stream()
                .filter(Demand::decides)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void anEdgeOutOfSquareDecidesAndNotTheWearThatGoesWithIt() {
        assertThat(deciding(slanting(1.5)).subject()).isEqualTo(Demand.Subject.SQUARENESS);
        // a chip at the low corner lies behind the slant already: there it decides, at the high corner it does not
        assertThat(deciding(slanting(1.5, chip(21, 23, 0.3))).subject()).isEqualTo(Demand.Subject.finding(0));
        assertThat(deciding(slanting(1.5, chip(1, 3, 0.3))).subject()).isEqualTo(Demand.Subject.SQUARENESS);
        assertThat(deciding(slanting(0)).subject()).isEqualTo(Demand.Subject.WEAR);
    }

    @Test
    void whatIsLeftAsksNoMore() {
        EdgeSurvey survey = slanting(1.5, chip(21, 23, 0.3));
        assertThat(deciding(survey.leaving(Demand.Subject.finding(0))).subject())
                .isEqualTo(Demand.Subject.SQUARENESS);
        assertThat(deciding(survey.leaving(Demand.Subject.SQUARENESS)).subject())
                .isEqualTo(Demand.Subject.finding(0));
        assertThat(deciding(survey.leaving(Demand.Subject.SQUARENESS).leaving(Demand.Subject.finding(0)))
                        .subject())
                .isEqualTo(Demand.Subject.WEAR);
        assertThat(survey.leaving(Demand.Subject.WEAR)).isEqualTo(survey);
    }

    @Test
    void betweenStationsAMeasureRunsStraightAndBeyondThemLevel() {
        Blade knife = Blades.blade(GeometryKind.KNIFE);
        ShapeDeviations d = new ShapeDeviations(
                List.of(
                        new ShapeDeviations.StationMeasure("behindEdge", 100, 0.5),
                        new ShapeDeviations.StationMeasure("behindEdge", 20, 0.3)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        for (double[] at : new double[][] {{0, 0.3}, {20, 0.3}, {60, 0.4}, {80, 0.45}, {100, 0.5}, {180, 0.5}}) {
            assertThat(d.at(knife, at[0]).measures().length("behindEdge").mm())
                    .isCloseTo(at[1], org.assertj.core.api.Assertions.within(1e-12));
        }
        assertThat(ShapeDeviations.NONE.at(knife, 50)).isSameAs(knife);
        assertThat(ShapeDeviations.varying(knife))
                .extracting(x -> x.field())
                .containsExactlyInAnyOrder("behindEdge", "secondaryWidth");
        assertThat(ShapeDeviations.canBeUneven(knife)).isTrue();
        assertThat(ShapeDeviations.canHaveOldBack(knife)).isFalse();
        assertThat(ShapeDeviations.canHaveOldBack(Blades.blade(GeometryKind.PLANE_IRON_DOWN)))
                .isFalse();
        assertThat(new ShapeDeviations.Bend(Length.ofMm(0.4)).missedUnder(100, 200))
                .isEqualTo(0.1);
    }

    @Test
    void aStoneReachesWhatStandsOffItByHardlyAnythingAndMissesTheMiddleOfABend() {
        ShapeDeviations.Bend bend = new ShapeDeviations.Bend(Length.ofMm(0.5));
        ShapeDeviations.Missed missed = bend.missed(180).orElseThrow();
        assertThat(missed.depthMm()).isEqualTo(0.5);
        // A parabola: it stands 0.02 mm off at the ends of the stretch, 0.5 in the middle.
        double half = (missed.toMm() - missed.fromMm()) / 2;
        assertThat(0.5 * (1 - Math.pow(half / 90, 2))).isCloseTo(0.02, within(1e-9));
        assertThat((missed.fromMm() + missed.toMm()) / 2).isCloseTo(90, within(1e-9));
        assertThat(new ShapeDeviations.Bend(Length.ofMm(0.02)).missed(180)).isEmpty();
        assertThat(bend.missed(400).orElseThrow().depthMm()).isEqualTo(0.125);
    }

    @Test
    void onlyASingleBevelKnifeIsHeldUpByABendAndOnlyUntilItIsAccepted() {
        for (GeometryKind kind : GeometryKind.values()) {
            Blade blade = Blades.blade(kind);
            ShapeDeviations bent = bent(new ShapeDeviations.Bend(Length.ofMm(0.5)));
            assertThat(bent.heldUp(blade)).as(kind.key()).isEqualTo(kind == GeometryKind.SINGLE_BEVEL_KNIFE);
            assertThat(bent(new ShapeDeviations.Bend(Length.ofMm(0.5), true)).heldUp(blade))
                    .isFalse();
            assertThat(ShapeDeviations.NONE.heldUp(blade)).isFalse();
        }
    }

    private static ShapeDeviations bent(ShapeDeviations.Bend bend) {
        return new ShapeDeviations(List.of(), Optional.empty(), Optional.empty(), Optional.of(bend));
    }
}
