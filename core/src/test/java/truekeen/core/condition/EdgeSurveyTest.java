package truekeen.core.condition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;

/** What a survey takes, what it refuses, and how deep the back is to go. */
class EdgeSurveyTest {
    private static final Blade CHISEL = Blades.blade(GeometryKind.CHISEL);

    private static EdgeSurvey of(BackState back, double depth, Finding... findings) {
        return new EdgeSurvey(List.of(findings), EdgeSurvey.Squareness.SQUARE, Dullness.DULL, false, back, depth);
    }

    private static List<String> faults(Blade blade, EdgeSurvey survey) {
        Checks checks = new Checks();
        survey.check(checks, blade);
        return checks.refusals().stream().map(Refusal::field).toList();
    }

    private static Finding finding(Finding.Kind kind, double from, double to, double deep, double behind) {
        return new Finding(kind, from, to, deep, behind, false);
    }

    @Test
    void aGapOverTheWidthIsAnAngle() {
        assertThat(EdgeSurvey.Squareness.fromGap(Length.ofMm(0.5), Length.ofMm(38))
                        .degrees())
                .isCloseTo(0.754, within(1e-3));
        assertThatThrownBy(() -> EdgeSurvey.Squareness.fromGap(Length.ofMm(0.5), Length.ofMm(0)))
                .isInstanceOf(RefusedException.class);
    }

    @ParameterizedTest
    @CsvSource({
        "CHIP, 23.5, 24, 0.4, 0, ''",
        "CHIP, 23.5, 24.01, 0.4, 0, findings[0].fromMm",
        "CHIP, -0.01, 1, 0.4, 0, findings[0].fromMm",
        "CHIP, 5, 5.05, 0.4, 0, ''",
        "CHIP, 5, 5.04, 0.4, 0, findings[0].toMm",
        "CHIP, 5, 6, 0.005, 0, ''",
        "CHIP, 5, 6, 0.004, 0, findings[0].depthMm",
        "CHIP, 5, 6, 88, 0, ''",
        "CHIP, 5, 6, 88.1, 0, findings[0].depthMm",
        "PIT_BACK, 5, 6, 5, 88, ''",
        "PIT_BACK, 5, 6, 5.1, 3, findings[0].depthMm",
        "PIT_BACK, 5, 6, 0.1, 88.1, findings[0].behindMm",
        "PIT_BEVEL, 5, 6, 0.004, 1, findings[0].depthMm",
        "BRIGHT, 5, 6, 0, 0, ''"
    })
    void whatLiesOnTheEdgeIsTakenAndNothingElse(
            Finding.Kind kind, double from, double to, double deep, double behind, String field) {
        assertThat(String.join("|", faults(CHISEL, of(BackState.POLISHED, 0, finding(kind, from, to, deep, behind)))))
                .isEqualTo(field);
    }

    @Test
    void aFamilyWithoutABackHasNoPitsInIt() {
        EdgeSurvey pitted = of(BackState.POLISHED, 0, finding(Finding.Kind.PIT_BACK, 5, 6, 0.1, 3));
        assertThat(faults(Blades.blade(GeometryKind.KNIFE), pitted)).containsExactly("findings[0].kind");
        assertThat(faults(CHISEL, pitted)).isEmpty();
    }

    @Test
    void squarenessWantsASideAndABelievableAngle() {
        assertThat(faults(CHISEL, square(EdgeSurvey.HighCorner.LEFT, 20))).isEmpty();
        assertThat(faults(CHISEL, square(EdgeSurvey.HighCorner.LEFT, 20.1))).containsExactly("square.off");
        assertThat(faults(CHISEL, square(EdgeSurvey.HighCorner.NONE, 1))).containsExactly("square.high");
        assertThat(faults(CHISEL, square(EdgeSurvey.HighCorner.NONE, 0))).isEmpty();
    }

    private static EdgeSurvey square(EdgeSurvey.HighCorner high, double degrees) {
        return new EdgeSurvey(
                List.of(),
                new EdgeSurvey.Squareness(high, Angle.ofDegrees(degrees), true),
                Dullness.DULL,
                false,
                BackState.POLISHED,
                0);
    }

    @Test
    void theFarSideOfASquareIsMeasuredFromItsHighCorner() {
        EdgeSurvey.Squareness left = new EdgeSurvey.Squareness(EdgeSurvey.HighCorner.LEFT, Angle.ofDegrees(1.5), true);
        EdgeSurvey.Squareness right =
                new EdgeSurvey.Squareness(EdgeSurvey.HighCorner.RIGHT, Angle.ofDegrees(1.5), true);
        assertThat(left.behindAt(0, 38)).isZero();
        assertThat(left.behindAt(38, 38)).isCloseTo(0.995, within(1e-3));
        assertThat(right.behindAt(38, 38)).isZero();
        assertThat(right.behindAt(10, 38)).isCloseTo(28 * Math.tan(Math.toRadians(1.5)), within(1e-12));
        assertThat(EdgeSurvey.Squareness.SQUARE.behindAt(20, 38)).isZero();
    }

    @Test
    void theBackGoesAsDeepAsItsStateOrItsDeepestPit() {
        assertThat(of(BackState.POLISHED, 0.3).effectiveBackDepthMm()).isZero();
        assertThat(of(BackState.UNPOLISHED, 0.3).effectiveBackDepthMm()).isZero();
        assertThat(of(BackState.RIDGED, 0).effectiveBackDepthMm()).isEqualTo(0.03);
        assertThat(of(BackState.DUBBED, 0).effectiveBackDepthMm()).isEqualTo(0.02);
        assertThat(of(BackState.PITTED, 0).effectiveBackDepthMm()).isEqualTo(0.05);
        assertThat(of(BackState.PITTED, 0.12).effectiveBackDepthMm()).isEqualTo(0.12);
        Finding pit = finding(Finding.Kind.PIT_BACK, 5, 6, 0.03, 0);
        // a pit that was measured is better known than the usual depth of pits
        assertThat(of(BackState.PITTED, 0, pit).effectiveBackDepthMm()).isEqualTo(0.03);
        assertThat(of(BackState.PITTED, 0.02, pit).effectiveBackDepthMm()).isEqualTo(0.03);
        assertThat(of(BackState.PITTED, 0.04, pit).effectiveBackDepthMm()).isEqualTo(0.04);
        assertThat(of(BackState.RIDGED, 0, pit).effectiveBackDepthMm()).isEqualTo(0.03);
        Finding left = new Finding(Finding.Kind.PIT_BACK, 5, 6, 0.03, 3, true);
        assertThat(of(BackState.PITTED, 0, left).effectiveBackDepthMm()).isEqualTo(0.05);
        ShapeDeviations old = new ShapeDeviations(
                List.of(),
                Optional.empty(),
                Optional.of(new ShapeDeviations.OldBack(
                        Length.ofMm(1), Angle.ofDegrees(10), ShapeDeviations.OldBackGoes.BY_THE_BACK)),
                Optional.empty());
        EdgeSurvey byTheBack = new EdgeSurvey(
                List.of(), EdgeSurvey.Squareness.SQUARE, Dullness.DULL, false, BackState.POLISHED, 0, old);
        assertThat(byTheBack.effectiveBackDepthMm())
                .isCloseTo(old.oldBack().orElseThrow().depthMm(), within(1e-12))
                .isPositive();
    }

    @Test
    void pitsReachTheEdgeOnlyWhereTheyBeginThere() {
        assertThat(of(BackState.POLISHED, 0, finding(Finding.Kind.PIT_BACK, 5, 6, 0.1, 3))
                        .pitsAtEdgeMm())
                .isZero();
        assertThat(of(BackState.POLISHED, 0, finding(Finding.Kind.PIT_BACK, 5, 6, 0.1, 0))
                        .pitsAtEdgeMm())
                .isEqualTo(0.1);
        assertThat(of(BackState.POLISHED, 0, finding(Finding.Kind.CHIP, 5, 6, 0.1, 0))
                        .pitsAtEdgeMm())
                .isZero();
        assertThat(of(BackState.POLISHED, 0, new Finding(Finding.Kind.PIT_BACK, 5, 6, 0.1, 0, true))
                        .pitsAtEdgeMm())
                .isZero();
        assertThat(of(BackState.PITTED, 0.07).pitsAtEdgeMm()).isEqualTo(0.07);
    }

    @Test
    void aBackWantsWorkUntilItIsPolished() {
        assertThat(of(BackState.POLISHED, 0).backWantsWork()).isFalse();
        assertThat(of(BackState.UNPOLISHED, 0).backWantsWork()).isTrue();
        assertThat(of(BackState.POLISHED, 0, finding(Finding.Kind.PIT_BACK, 5, 6, 0.1, 0))
                        .backWantsWork())
                .isTrue();
        // Behind the edge it asks nothing yet, until the edge comes to it.
        EdgeSurvey behind = of(BackState.POLISHED, 0, finding(Finding.Kind.PIT_BACK, 5, 6, 0.1, 3));
        assertThat(behind.backWantsWork()).isFalse();
        assertThat(behind.backWantsWork(2.9)).isFalse();
        assertThat(behind.backWantsWork(3)).isTrue();
        assertThat(behind.effectiveBackDepthMm(3)).isEqualTo(0.1);
    }

    @Test
    void measuresAreOfTheFamilyAndOnTheEdge() {
        Blade knife = Blades.blade(GeometryKind.KNIFE);
        assertThat(faults(knife, measured("behindEdge", 180, 0.4))).isEmpty();
        assertThat(faults(knife, measured("behindEdge", 180.1, 0.4))).containsExactly("measures[0].at");
        assertThat(faults(knife, measured("behindEdge", 20, 99))).containsExactly("measures[0].value");
        assertThat(faults(knife, measured("edgeBevelWidth", 20, 1))).containsExactly("measures[0].field");
        List<ShapeDeviations.StationMeasure> many = IntStream.range(0, 61)
                .mapToObj(i -> new ShapeDeviations.StationMeasure("behindEdge", i, 0.4))
                .toList();
        Checks checks = new Checks();
        departing(new ShapeDeviations(many, Optional.empty(), Optional.empty(), Optional.empty()))
                .check(checks, knife);
        assertThat(checks.refusals()).extracting(Refusal::code).containsExactly(MessageCode.TOO_MANY);
    }

    @Test
    void sidesDifferOnlyWhereThereAreTwo() {
        Blade knife = Blades.blade(GeometryKind.KNIFE);
        assertThat(faults(knife, uneven(17.5, 60))).isEmpty();
        assertThat(faults(knife, uneven(17.4, 20))).containsExactly("uneven.left");
        assertThat(faults(knife, uneven(20, 60.1))).containsExactly("uneven.right");
        assertThat(faults(CHISEL, uneven(30, 35))).contains("uneven.left");
        Blade bare = Blades.blade(GeometryKind.KNIFE, "secondary", Double.NaN, "secondaryWidth", Double.NaN);
        assertThat(faults(bare, uneven(2, 17))).isEmpty();
        assertThat(faults(bare, uneven(1.9, 17))).containsExactly("uneven.left");
    }

    private static EdgeSurvey measured(String field, double at, double value) {
        return departing(new ShapeDeviations(
                List.of(new ShapeDeviations.StationMeasure(field, at, value)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty()));
    }

    private static EdgeSurvey uneven(double left, double right) {
        return departing(new ShapeDeviations(
                List.of(),
                Optional.of(new ShapeDeviations.Uneven(Angle.ofDegrees(left), Angle.ofDegrees(right))),
                Optional.empty(),
                Optional.empty()));
    }

    private static EdgeSurvey departing(ShapeDeviations departures) {
        return new EdgeSurvey(
                List.of(), EdgeSurvey.Squareness.SQUARE, Dullness.DULL, false, BackState.POLISHED, 0, departures);
    }

    @Test
    void theNearestOfTwoFindingsIsTheSameOne() {
        Finding wide = finding(Finding.Kind.CHIP, 4, 12, 0.4, 0);
        Finding narrow = finding(Finding.Kind.CHIP, 9, 11, 0.4, 0);
        Finding now = finding(Finding.Kind.CHIP, 9.5, 11, 0.4, 0);
        for (List<Finding> before : List.of(List.of(wide, narrow), List.of(narrow, wide))) {
            List<SurveyChange> changes = SurveyChange.between(before, List.of(now), 0);
            assertThat(changes.get(0).was()).contains(narrow);
            assertThat(changes.get(1).kind()).isEqualTo(SurveyChange.Kind.GONE);
            assertThat(changes.get(1).was()).contains(wide);
        }
        Finding bright = finding(Finding.Kind.BRIGHT, 4, 12, 0, 0);
        assertThat(SurveyChange.between(List.of(bright), List.of(bright), 0)
                        .get(0)
                        .kind())
                .isEqualTo(SurveyChange.Kind.SAME);
    }
}
