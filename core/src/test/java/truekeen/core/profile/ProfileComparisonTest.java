package truekeen.core.profile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import truekeen.core.message.RefusedException;
import truekeen.core.section.Point;

class ProfileComparisonTest {
    /** Half straight, then a belly, as a knife lies with its edge down: the steel is above. */
    private static double knife(double x) {
        return x < 70 ? 0 : (x - 70) * (x - 70) / 300;
    }

    /** A round belly, its middle at 75. */
    private static double round(double x) {
        double r = 160;
        return r - Math.sqrt(r * r - (x - 75) * (x - 75));
    }

    @Test
    void anEdgeLoweredEvenlyKeepsItsShape() {
        ProfileComparison c =
                ProfileComparison.of(traced(x -> round(x), 0, 150), parallel(x -> round(x), 0, 150, 0.8), true);
        assertThat(c.lostMm()).isCloseTo(0.8, within(0.02));
        assertThat(c.kept()).isTrue();
        assertThat(Math.abs(c.worst().deviationMm())).isLessThan(0.05);
    }

    @Test
    void aHumpAsWideAsTheResolutionShowsAndANarrowerOneShowsLess() {
        double resolution = traced(x -> round(x), 0, 150).resolutionMm();
        assertThat(shown(resolution)).isBetween(0.9, 1.05);
        assertThat(shown(2 * resolution)).isBetween(0.97, 1.05);
        assertThat(shown(resolution / 3)).isLessThan(0.9);
        assertThat(ProfileComparison.of(traced(x -> round(x), 0, 150), traced(x -> round(x), 0, 150), true)
                        .resolutionMm())
                .isEqualTo(resolution);
    }

    /** The share of a hump one millimetre high and so wide that a comparison shows. */
    private static double shown(double wide) {
        DoubleUnaryOperator hump =
                x -> round(x) - (Math.abs(x - 75) < wide ? Math.pow(Math.cos(Math.PI * (x - 75) / 2 / wide), 2) : 0);
        return Math.abs(ProfileComparison.of(traced(x -> round(x), 0, 150), traced(hump, 0, 150), true)
                .worst()
                .deviationMm());
    }

    @ParameterizedTest(name = "from {0} mm")
    @ValueSource(ints = {25, 40, 55, 80})
    void aBellyGroundFlatIsReportedWhereItIs(int from) {
        int to = from + 36;
        DoubleUnaryOperator flattened = x -> {
            if (x < from || x > to) {
                return round(x) + 0.3;
            }
            double share = (x - from) / (to - from);
            return round(from) + share * (round(to) - round(from)) + 0.3;
        };
        ProfileComparison c = ProfileComparison.of(traced(x -> round(x), 0, 150), traced(flattened, 0, 150), true);
        assertThat(c.kept()).isFalse();
        assertThat(c.changes()).hasSize(1);
        ShapeChange change = c.changes().get(0);
        assertThat(change.kind()).isEqualTo(ShapeChange.Kind.BELLY_STRAIGHTENED);
        // places are told along the edge, which is a little longer than its shadow
        double start = along(x -> round(x), from);
        double end = along(x -> round(x), to);
        assertThat(change.fromMm()).isCloseTo(start, within(6.0));
        assertThat(change.toMm()).isCloseTo(end, within(6.0));
        assertThat(c.worst().alongMm()).isBetween(start, end);
        assertThat(c.worst().deviationMm()).isCloseTo(36.0 * 36 / 8 / 160, within(0.12));
    }

    @Test
    void aFlatThatCreptIntoTheBellyIsAWiderFlat() {
        DoubleUnaryOperator crept = x -> x < 100 ? 0.9 + (x < 70 ? 0 : 0) : Math.max(0.9, knife(x) + 0.4);
        ProfileComparison c =
                ProfileComparison.of(traced(ProfileComparisonTest::knife, 0, 150), traced(crept, 0, 150), true);
        assertThat(c.changes()).extracting(ShapeChange::kind).contains(ShapeChange.Kind.FLAT_WIDENED);
        ShapeChange flat = c.changes().stream()
                .filter(s -> s.kind() == ShapeChange.Kind.FLAT_WIDENED)
                .findFirst()
                .orElseThrow();
        assertThat(flat.fromMm()).isBetween(62.0, 82.0);
        assertThat(flat.toMm()).isBetween(78.0, 95.0);
    }

    @Test
    void anEdgeThatFallsInIsTold() {
        DoubleUnaryOperator dug = x -> 0.2 + (x > 50 && x < 80 ? 0.6 * Math.sin(Math.PI * (x - 50) / 30) : 0);
        ProfileComparison c = ProfileComparison.of(traced(x -> 0, 0, 150), traced(dug, 0, 150), true);
        assertThat(c.changes()).extracting(ShapeChange::kind).contains(ShapeChange.Kind.HOLLOWED);
        assertThat(c.worst().alongMm()).isCloseTo(65, within(2.0));
        assertThat(c.worst().deviationMm()).isCloseTo(0.6, within(0.08));
    }

    @Test
    void itDoesNotMatterHowTheToolLay() {
        EdgeProfile before = traced(x -> round(x), 0, 150);
        EdgeProfile after = traced(x -> round(x) + 0.4 + (x > 60 && x < 90 ? 0.8 : 0), 0, 150);
        ProfileComparison upright = ProfileComparison.of(before, after, true);
        ProfileComparison turned = ProfileComparison.of(turned(before), turned(after), true);
        assertThat(turned.lostMm()).isCloseTo(upright.lostMm(), within(1e-3));
        assertThat(turned.worst().deviationMm()).isCloseTo(upright.worst().deviationMm(), within(1e-2));
        // and laid by their ends what went evenly is not known, but the shape is compared all the same
        ProfileComparison byEnds = ProfileComparison.of(before, turned(after), false);
        assertThat(byEnds.lostMm()).isZero();
        assertThat(byEnds.worst().alongMm()).isBetween(58.0, 95.0);
    }

    @Test
    void tracesOfDifferentPlacesAreNotCompared() {
        EdgeProfile before = traced(x -> round(x), 0, 150);
        assertThatThrownBy(() -> ProfileComparison.of(before, traced(x -> round(x), 0, 40), true))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("%");
    }

    private static EdgeProfile traced(DoubleUnaryOperator y, double from, double to) {
        List<Point> points = new ArrayList<>();
        for (double x = from; x <= to + 1e-9; x += 2.5) {
            points.add(new Point(x, y.applyAsDouble(x)));
        }
        return EdgeProfile.through(points);
    }

    private static EdgeProfile parallel(DoubleUnaryOperator y, double from, double to, double by) {
        List<Point> points = new ArrayList<>();
        for (double x = from; x <= to + 1e-9; x += 2.5) {
            double slope = (y.applyAsDouble(x + 1e-4) - y.applyAsDouble(x - 1e-4)) / 2e-4;
            double n = Math.hypot(1, slope);
            points.add(new Point(x - by * slope / n, y.applyAsDouble(x) + by / n));
        }
        return EdgeProfile.through(points);
    }

    private static EdgeProfile turned(EdgeProfile p) {
        return EdgeProfile.through(p.raw().stream()
                .map(q -> new Point(40 - 0.6 * q.x() - 0.8 * q.y(), 10 + 0.8 * q.x() - 0.6 * q.y()))
                .toList());
    }

    private static double along(DoubleUnaryOperator y, double to) {
        double run = 0;
        for (double x = 0; x < to; x += 0.1) {
            run += Math.hypot(0.1, y.applyAsDouble(x + 0.1) - y.applyAsDouble(x));
        }
        return run;
    }
}
