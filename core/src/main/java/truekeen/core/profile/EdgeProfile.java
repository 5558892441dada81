package truekeen.core.profile;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.analysis.interpolation.SplineInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.section.Point;

/**
 * A traced edge as a smooth curve. The points are evened out by a penalty on their third differences over the run of the
 * trace, which leaves straight lines and even curves as they are and halves what wavers over four points; a cubic spline
 * along the trace joins them. Source: derived here.
 */
public final class EdgeProfile {
    /** Fewest points that make a curve. */
    public static final int LEAST_POINTS = 5;
    /** Most points that are taken. */
    public static final int MOST_POINTS = 400;

    private static final GeometryFactory LINES = new GeometryFactory();
    /** A wave over four points is halved: its third difference is √8 times as large as itself. */
    private static final double PENALTY = 1 / 8.0;
    /**
     * Points over which a wave keeps nine tenths of its height: where {@code λ·(2 sin π/m)⁶ = 1/9}. A shorter one shows
     * lower than it is.
     */
    private static final double POINTS_TO_SHOW = Math.PI / Math.asin(Math.pow(1 / (9 * PENALTY), 1 / 6.0) / 2);

    /** Two points closer than this are one that was put down twice (mm). */
    private static final double SAME_MM = 0.05;

    private static final double STEP_MM = 0.5;
    private static final int MOST_STEPS = 3000;
    private static final double FARTHEST_MM = 3000;

    private final List<Point> raw;
    private final PolynomialSplineFunction xs;
    private final PolynomialSplineFunction ys;
    private final double start;
    private final double end;
    private final LineString line;

    private EdgeProfile(List<Point> raw) {
        this.raw = raw;
        int n = raw.size();
        double[] run = runs(raw);
        double[] x = smoothed(run, raw.stream().mapToDouble(Point::x).toArray());
        double[] y = smoothed(run, raw.stream().mapToDouble(Point::y).toArray());
        // A point beyond either end, on the parabola of the last three, keeps the spline from going straight there.
        double[] at = beyond(run, run, true);
        this.xs = new SplineInterpolator().interpolate(at, beyond(run, x, false));
        this.ys = new SplineInterpolator().interpolate(at, beyond(run, y, false));
        this.start = run[0];
        this.end = run[n - 1];
        int steps = (int) Math.max(20, Math.min(MOST_STEPS, Math.ceil((end - start) / STEP_MM)));
        Coordinate[] dense = new Coordinate[steps + 1];
        for (int i = 0; i <= steps; i++) {
            double s = start + (end - start) * i / steps;
            dense[i] = new Coordinate(xs.value(s), ys.value(s));
        }
        this.line = LINES.createLineString(dense);
    }

    /**
     * The curve through a trace.
     *
     * @param trace points in the order of the edge, from its beginning to its end (mm)
     * @throws RefusedException when there are too few or too many, when they lie out of all proportion, or when the trace
     *     crosses itself
     */
    public static EdgeProfile through(List<Point> trace) {
        if (trace.size() > MOST_POINTS) {
            throw new RefusedException(Refusal.of(MessageCode.TOO_MANY, "points", trace.size())
                    .with("high", MOST_POINTS)
                    .with("what", "points"));
        }
        List<Point> apart = new ArrayList<>();
        for (Point p : trace) {
            if (!(Math.abs(p.x()) <= FARTHEST_MM) || !(Math.abs(p.y()) <= FARTHEST_MM)) {
                throw new RefusedException(
                        Refusal.of(MessageCode.OUT_OF_RANGE, "points", p.x() + ", " + p.y() + InWords.MM)
                                .with("what", "A place")
                                .with("low", -FARTHEST_MM + InWords.MM)
                                .with("high", FARTHEST_MM + InWords.MM));
            }
            if (apart.isEmpty() || distance(apart.get(apart.size() - 1), p) >= SAME_MM) {
                apart.add(p);
            }
        }
        if (apart.size() < LEAST_POINTS) {
            throw new RefusedException(Refusal.of(MessageCode.TOO_FEW_POINTS, "points", apart.size())
                    .with("low", LEAST_POINTS));
        }
        Coordinate[] corners =
                apart.stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new);
        if (!LINES.createLineString(corners).isSimple()) {
            throw new RefusedException(Refusal.of(MessageCode.TRACE_CROSSES, "points", apart.size()));
        }
        return new EdgeProfile(List.copyOf(apart));
    }

    /** The points as they were put down, less those put down twice (mm). */
    public List<Point> raw() {
        return raw;
    }

    /** Length of the curve (mm). */
    public double lengthMm() {
        return line.getLength();
    }

    /**
     * How wide a hump or a hollow must be to show nearly as high as it is (mm): narrower ones are evened out with the
     * waver of the hand, and show lower. It goes with the spacing of the points. Source: derived here.
     */
    public double resolutionMm() {
        return POINTS_TO_SHOW * (end - start) / (raw.size() - 1);
    }

    /** The smooth curve as points half a millimetre apart, fewer on long edges (mm). */
    public List<Point> curve() {
        List<Point> all = new ArrayList<>();
        for (Coordinate c : line.getCoordinates()) {
            all.add(new Point(c.x, c.y));
        }
        return all;
    }

    /** How far the edge rises over the line between its ends (mm): the camber of an iron; 0 where it is straight. */
    public double camberMm() {
        List<Point> all = curve();
        Point first = all.get(0);
        Point last = all.get(all.size() - 1);
        double chord = distance(first, last);
        return all.stream()
                .mapToDouble(p -> Math.abs((last.x() - first.x()) * (p.y() - first.y())
                                - (last.y() - first.y()) * (p.x() - first.x()))
                        / chord)
                .max()
                .orElse(0);
    }

    /** The greatest distance of a point put down from the smooth curve (mm): how even the hand was. */
    public double farthestPointMm() {
        return raw.stream()
                .mapToDouble(p -> line.distance(LINES.createPoint(new Coordinate(p.x(), p.y()))))
                .max()
                .orElse(0);
    }

    /** The same trace moved and turned so that its ends lie where those of another do, as nearly as they can. */
    public EdgeProfile laidOn(EdgeProfile other) {
        Point a = raw.get(0);
        Point b = raw.get(raw.size() - 1);
        Point c = other.raw.get(0);
        Point d = other.raw.get(other.raw.size() - 1);
        double turn = Math.atan2(d.y() - c.y(), d.x() - c.x()) - Math.atan2(b.y() - a.y(), b.x() - a.x());
        double cos = Math.cos(turn);
        double sin = Math.sin(turn);
        Point middle = new Point((a.x() + b.x()) / 2, (a.y() + b.y()) / 2);
        Point onto = new Point((c.x() + d.x()) / 2, (c.y() + d.y()) / 2);
        return new EdgeProfile(raw.stream()
                .map(p -> new Point(
                        onto.x() + (p.x() - middle.x()) * cos - (p.y() - middle.y()) * sin,
                        onto.y() + (p.x() - middle.x()) * sin + (p.y() - middle.y()) * cos))
                .toList());
    }

    LineString line() {
        return line;
    }

    private static double distance(Point a, Point b) {
        return Math.hypot(a.x() - b.x(), a.y() - b.y());
    }

    private static double[] runs(List<Point> points) {
        double[] run = new double[points.size()];
        for (int i = 1; i < run.length; i++) {
            run[i] = run[i - 1] + distance(points.get(i - 1), points.get(i));
        }
        return run;
    }

    /** Evens values out: {@code (I + λ·DᵀD)·f = v}, D the third divided differences scaled by the mean spacing. */
    private static double[] smoothed(double[] run, double[] v) {
        int n = v.length;
        double mean = run[n - 1] / (n - 1);
        RealMatrix normal = MatrixUtils.createRealIdentityMatrix(n);
        for (int i = 0; i + 3 < n; i++) {
            double[] d = new double[4];
            for (int j = 0; j < 4; j++) {
                double product = 1;
                for (int k = 0; k < 4; k++) {
                    product *= k == j ? 1 : (run[i + j] - run[i + k]) / mean;
                }
                d[j] = 6 / product;
            }
            // Where points lie much closer than elsewhere a divided difference grows without bound and would rule.
            double size = Math.max(1, Math.max(Math.abs(d[1]), Math.abs(d[2])) / 3);
            for (int j = 0; j < 4; j++) {
                for (int k = 0; k < 4; k++) {
                    normal.addToEntry(i + j, i + k, PENALTY * d[j] * d[k] / (size * size));
                }
            }
        }
        DecompositionSolver solver = new CholeskyDecomposition(normal).getSolver();
        RealVector even = solver.solve(MatrixUtils.createRealVector(v));
        return even.toArray();
    }

    private static double[] beyond(double[] run, double[] v, boolean ofRun) {
        int n = v.length;
        double[] more = new double[n + 2];
        System.arraycopy(v, 0, more, 1, n);
        double before = run[0] - (run[1] - run[0]);
        double after = run[n - 1] + (run[n - 1] - run[n - 2]);
        more[0] = ofRun ? before : parabola(run, v, 0, before);
        more[n + 1] = ofRun ? after : parabola(run, v, n - 3, after);
        return more;
    }

    /** The parabola through three values that follow each other, elsewhere. */
    private static double parabola(double[] run, double[] v, int from, double at) {
        double sum = 0;
        for (int j = from; j < from + 3; j++) {
            double product = v[j];
            for (int k = from; k < from + 3; k++) {
                product *= k == j ? 1 : (at - run[k]) / (run[j] - run[k]);
            }
            sum += product;
        }
        return sum;
    }
}
