package truekeen.core.profile;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.linearref.LengthIndexedLine;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.table.Prior;

/**
 * The edge after grinding laid over the edge before. What went evenly, along the whole of it, is no change of shape; the
 * rest is. Distances are taken square to the edge as it was. Source: derived here; tolerances are workshop priors.
 *
 * @param lostMm steel that went evenly (mm): the middle of all distances
 * @param samples distance place by place
 * @param worst where the shape differs most
 * @param changes stretches that are no longer curved as they were
 * @param resolutionMm what is narrower than this shows less than it is (mm): of both traces the coarser one's
 */
public record ProfileComparison(
        double lostMm, List<Sample> samples, Sample worst, List<ShapeChange> changes, double resolutionMm) {
    /** Differences up to this are taken as the same shape (mm). */
    public static final double SAME_SHAPE_MM = Prior.PROFILE_COMPARISON_SAME_SHAPE_MM.value();

    private static final GeometryFactory POINTS = new GeometryFactory();
    private static final int PLACES = 400;
    private static final double LEAST_OVERLAP = 0.6;
    /** A curve has been ground straight where so little of its rise over a window is left. */
    private static final double STRAIGHT_SHARE = Prior.PROFILE_STRAIGHT_SHARE.value();
    /** Less rise than this over a window cannot be told from none (mm). */
    private static final double SEEN_MM = Prior.PROFILE_SEEN_MM.value();

    /**
     * A place.
     *
     * @param alongMm along the edge as it was (mm)
     * @param apartMm how far it lies behind the edge as it was (mm), toward the steel
     * @param deviationMm the same less what went evenly (mm): more than zero where too much went
     */
    public record Sample(double alongMm, double apartMm, double deviationMm) {}

    /** Keeps the lists from changing. */
    public ProfileComparison {
        samples = List.copyOf(samples);
        changes = List.copyOf(changes);
    }

    /** Whether the shape was kept. */
    public boolean kept() {
        return Math.abs(worst.deviationMm()) <= SAME_SHAPE_MM && changes.isEmpty();
    }

    /**
     * Compares two traces.
     *
     * @param sameFrame whether both were taken from the same marks; else they are laid on each other by their ends, and
     *     what went evenly cannot be told
     * @throws RefusedException when they hardly lie beside each other
     */
    public static ProfileComparison of(EdgeProfile before, EdgeProfile after, boolean sameFrame) {
        EdgeProfile laid = sameFrame ? after : after.laidOn(before);
        LineString was = before.line();
        LineString is = laid.line();
        LengthIndexedLine alongWas = new LengthIndexedLine(was);
        LengthIndexedLine alongIs = new LengthIndexedLine(is);
        double window = Math.max(8, was.getLength() / 12);
        List<double[]> found = new ArrayList<>();
        for (int i = 0; i <= PLACES; i++) {
            double s = was.getLength() * i / PLACES;
            Coordinate p = alongWas.extractPoint(s);
            double t = alongIs.project(p);
            if (t <= 0 || t >= is.getLength()) {
                // Beside the end of the other trace there is nothing square to measure to, unless it ends just here.
                if (is.distance(POINTS.createPoint(p)) > 0.5 || !beside(i)) {
                    continue;
                }
            }
            Coordinate q = alongIs.extractPoint(t);
            found.add(new double[] {s, side(alongWas, s, q) * p.distance(q), t});
        }
        if (found.size() < LEAST_OVERLAP * PLACES) {
            throw new RefusedException(
                    Refusal.of(MessageCode.TRACES_APART, "after", Math.round(100.0 * found.size() / PLACES) + " %"));
        }
        double middle = median(found.stream().mapToDouble(f -> f[1]).toArray());
        // Steel only goes: the side most of the edge went to is where the steel is; else it lies inside the curve.
        double steel = Math.abs(middle) > 0.02 ? Math.signum(middle) : insideOf(alongWas, was.getLength());
        double lost = steel * middle;
        List<Sample> samples = found.stream()
                .map(f -> new Sample(f[0], steel * f[1], steel * f[1] - lost))
                .toList();
        Sample worst = samples.stream()
                .reduce((a, b) -> Math.abs(b.deviationMm()) > Math.abs(a.deviationMm()) ? b : a)
                .orElseThrow();
        return new ProfileComparison(
                sameFrame ? lost : 0,
                samples,
                worst,
                changes(found, alongWas, alongIs, steel, window),
                Math.max(before.resolutionMm(), after.resolutionMm()));
    }

    private static boolean beside(int i) {
        return i == 0 || i == PLACES;
    }

    /** On which side of the edge's run a point lies: 1 to the left of it, −1 to the right. */
    private static double side(LengthIndexedLine line, double s, Coordinate q) {
        Coordinate a = line.extractPoint(Math.max(line.getStartIndex(), s - 0.5));
        Coordinate b = line.extractPoint(Math.min(line.getEndIndex(), s + 0.5));
        return Math.signum((b.x - a.x) * (q.y - a.y) - (b.y - a.y) * (q.x - a.x));
    }

    /** The side on which the middle of the chord lies: inside a bulging edge. */
    private static double insideOf(LengthIndexedLine line, double length) {
        Coordinate a = line.extractPoint(0);
        Coordinate b = line.extractPoint(length);
        double turned = side(line, length / 2, new Coordinate((a.x + b.x) / 2, (a.y + b.y) / 2));
        return turned == 0 ? 1 : turned;
    }

    /** How far the edge bulges away from its steel over a window about a place (mm); negative where it falls in. */
    private static double rise(LengthIndexedLine line, double s, double window, double steel) {
        double from = Math.max(line.getStartIndex(), s - window / 2);
        double to = Math.min(line.getEndIndex(), s + window / 2);
        Coordinate a = line.extractPoint(from);
        Coordinate b = line.extractPoint(to);
        Coordinate m = line.extractPoint((from + to) / 2);
        double chord = a.distance(b);
        double left = ((b.x - a.x) * (m.y - a.y) - (b.y - a.y) * (m.x - a.x)) / chord;
        // A window cut short at an end sees less of the same curve: carry it to the full width.
        double share = window / (to - from);
        return -steel * left * share * share;
    }

    private static List<ShapeChange> changes(
            List<double[]> found, LengthIndexedLine was, LengthIndexedLine is, double steel, double window) {
        double[] rises =
                found.stream().mapToDouble(f -> rise(was, f[0], window, steel)).toArray();
        List<ShapeChange> all = new ArrayList<>();
        int n = found.size();
        for (int i = 0; i < n; ) {
            ShapeChange.Kind kind = change(rises[i], rise(is, found.get(i)[2], window, steel));
            int last = i;
            while (kind != null
                    && last + 1 < n
                    && change(rises[last + 1], rise(is, found.get(last + 1)[2], window, steel)) == kind) {
                last++;
            }
            if (kind != null && found.get(last)[0] - found.get(i)[0] >= window / 4) {
                all.add(named(kind, found, is, rises, i, last));
            }
            i = last + 1;
        }
        return all;
    }

    /** The whole of a stretch: what is straight goes on as far as the edge keeps to the line of its middle. */
    private static ShapeChange named(
            ShapeChange.Kind kind, List<double[]> found, LengthIndexedLine is, double[] rises, int first, int last) {
        if (kind != ShapeChange.Kind.BELLY_STRAIGHTENED) {
            return new ShapeChange(kind, found.get(first)[0], found.get(last)[0]);
        }
        LineSegment straight =
                new LineSegment(is.extractPoint(found.get(first)[2]), is.extractPoint(found.get(last)[2]));
        int from = first;
        while (from > 0 && straight.distancePerpendicular(is.extractPoint(found.get(from - 1)[2])) < SEEN_MM) {
            from--;
        }
        int to = last;
        while (to + 1 < found.size()
                && straight.distancePerpendicular(is.extractPoint(found.get(to + 1)[2])) < SEEN_MM) {
            to++;
        }
        boolean wasFlat = IntStream.rangeClosed(from, to).anyMatch(i -> Math.abs(rises[i]) < SEEN_MM / 3);
        return wasFlat
                ? new ShapeChange(ShapeChange.Kind.FLAT_WIDENED, found.get(first)[0], found.get(to)[0])
                : new ShapeChange(kind, found.get(from)[0], found.get(to)[0]);
    }

    private static ShapeChange.Kind change(double was, double is) {
        if (was - is < SEEN_MM) {
            return null;
        }
        if (is < -SEEN_MM && was > -SEEN_MM) {
            return ShapeChange.Kind.HOLLOWED;
        }
        return was > SEEN_MM && is < STRAIGHT_SHARE * was ? ShapeChange.Kind.BELLY_STRAIGHTENED : null;
    }

    private static double median(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        int n = sorted.length;
        return n % 2 == 1 ? sorted[n / 2] : (sorted[n / 2 - 1] + sorted[n / 2]) / 2;
    }
}
