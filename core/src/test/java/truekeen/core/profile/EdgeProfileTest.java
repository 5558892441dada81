package truekeen.core.profile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Length;
import truekeen.core.section.Point;

class EdgeProfileTest {

    @ParameterizedTest(name = "half axes {0} and {1}, from {2}° to {3}°")
    @CsvSource({"150,60,200,300", "120,40,190,270", "90,90,200,320", "220,35,210,265", "60,25,185,340"})
    void anEllipseArcTracedEveryThreeMillimetresIsRecovered(double a, double b, double from, double to) {
        List<Point> put = spaced(a, b, from, to, 3);
        EdgeProfile traced = EdgeProfile.through(put);
        for (Point p : traced.curve()) {
            assertThat(distanceToEllipse(p, a, b)).isLessThan(0.1);
        }
        // and the curve runs from the first point put down to the last
        List<Point> curve = traced.curve();
        assertThat(curve.get(0).distance(put.get(0))).isLessThan(0.1);
        assertThat(curve.get(curve.size() - 1).distance(put.get(put.size() - 1)))
                .isLessThan(0.1);
    }

    @Test
    void anUnsteadyHandIsEvenedOut() {
        Random hand = new Random(3);
        List<Point> exact = spaced(150, 60, 200, 300, 3);
        double rough = 0;
        double smooth = 0;
        for (int round = 0; round < 30; round++) {
            List<Point> clicked = exact.stream()
                    .map(p -> new Point(p.x() + 0.15 * hand.nextGaussian(), p.y() + 0.15 * hand.nextGaussian()))
                    .toList();
            rough += clicked.stream()
                    .mapToDouble(p -> square(distanceToEllipse(p, 150, 60)))
                    .average()
                    .orElseThrow();
            smooth += EdgeProfile.through(clicked).curve().stream()
                    .mapToDouble(p -> square(distanceToEllipse(p, 150, 60)))
                    .average()
                    .orElseThrow();
        }
        assertThat(Math.sqrt(smooth / 30)).isLessThan(0.85 * Math.sqrt(rough / 30));
    }

    @Test
    void aStraightEdgeStaysStraightHoweverItsPointsAreSpaced() {
        Random random = new Random(5);
        for (int round = 0; round < 40; round++) {
            List<Double> at = new ArrayList<>();
            for (int i = 0; i < 12; i++) {
                at.add(200 * random.nextDouble());
            }
            Collections.sort(at);
            List<Point> line = at.stream().map(s -> new Point(s, 3 + 0.2 * s)).toList();
            EdgeProfile traced = EdgeProfile.through(line);
            traced.curve().forEach(p -> assertThat(p.y()).isCloseTo(3 + 0.2 * p.x(), within(1e-6)));
            assertThat(traced.farthestPointMm()).isLessThan(1e-6);
        }
    }

    @Test
    void whatIsNoTraceIsRefusedWithTheReason() {
        assertThatThrownBy(() -> EdgeProfile.through(List.of(new Point(0, 0), new Point(1, 1))))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("2 points do not make a curve");
        List<Point> eight =
                List.of(new Point(0, 0), new Point(10, 10), new Point(20, 10), new Point(20, 0), new Point(5, 12));
        assertThatThrownBy(() -> EdgeProfile.through(eight)).hasMessageContaining("crosses itself");
        assertThatThrownBy(() -> EdgeProfile.through(Collections.nCopies(401, new Point(0, 0))))
                .hasMessageContaining("400");
        List<Point> far = new ArrayList<>(spaced(100, 50, 200, 300, 5));
        far.set(3, new Point(1e9, 0));
        assertThatThrownBy(() -> EdgeProfile.through(far)).isInstanceOf(RefusedException.class);
        far.set(3, new Point(Double.NaN, 0));
        assertThatThrownBy(() -> EdgeProfile.through(far)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> EdgeProfile.through(Collections.nCopies(40, new Point(4, 4))))
                .hasMessageContaining("1 points");
    }

    @Test
    void aPhotographIsScaledAndTurnedByItsMarksAndBackAgain() {
        PhotoScale scale = new PhotoScale(new Point(100, 900), new Point(700, 100), Length.ofMm(250));
        assertThat(scale.mmPerPixel()).isCloseTo(0.25, within(1e-12));
        Point second = scale.onTool(new Point(700, 100));
        assertThat(second.x()).isCloseTo(250, within(1e-9));
        assertThat(second.y()).isCloseTo(0, within(1e-9));
        Random random = new Random(8);
        for (int i = 0; i < 200; i++) {
            Point pixel = new Point(random.nextInt(4000), random.nextInt(3000));
            Point back = scale.onPhoto(scale.onTool(pixel));
            assertThat(back.distance(pixel)).isLessThan(1e-6);
        }
        // a place above the axis on the picture lies above it on the tool
        PhotoScale level = new PhotoScale(new Point(0, 500), new Point(1000, 500), Length.ofMm(100));
        assertThat(level.onTool(new Point(300, 400)).y()).isCloseTo(10, within(1e-9));
        assertThatThrownBy(() -> new PhotoScale(new Point(5, 5), new Point(9, 9), Length.ofMm(10)))
                .hasMessageContaining("6 pixels");
        assertThatThrownBy(() -> new PhotoScale(new Point(5, 5), new Point(900, 9), Length.ofMm(0)))
                .isInstanceOf(RefusedException.class);
    }

    /** Points of an ellipse about so far apart along it. */
    static List<Point> spaced(double a, double b, double fromDeg, double toDeg, double step) {
        List<Point> all = new ArrayList<>();
        double t = Math.toRadians(fromDeg);
        while (t <= Math.toRadians(toDeg)) {
            all.add(new Point(a * Math.cos(t), b * Math.sin(t)));
            t += step / Math.hypot(a * Math.sin(t), b * Math.cos(t));
        }
        return all;
    }

    private static double distanceToEllipse(Point p, double a, double b) {
        double best = Double.MAX_VALUE;
        double around = Math.atan2(p.y() / b, p.x() / a);
        for (int i = -200; i <= 200; i++) {
            double t = around + i * 0.0005;
            best = Math.min(best, Math.hypot(p.x() - a * Math.cos(t), p.y() - b * Math.sin(t)));
        }
        return best;
    }

    private static double square(double v) {
        return v * v;
    }
}
