package truekeen.core.section;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;

/**
 * One piece of a cross-section: a simple outline of lines and arcs, counter-clockwise, each side named by its facet.
 * Area is exact (shoelace and circular segments). Flat bevels give convex sections; hollow bevels and backs do not. A cut
 * works on either and may leave several pieces.
 *
 * <p>Two cuts closer than about 1e-12 mm are not told apart; nothing at the bench is. An arc is the lesser one over its
 * chord: no facet of a blade turns through half a circle.
 *
 * @param corners the vertices, at least three, or two where an arc joins them
 * @param facets facet of the side from each vertex to the next; as many as vertices
 * @param bends curvature of each of those sides (1/mm): 0 straight, positive bulging outward, negative hollow
 */
public record Section(List<Point> corners, List<Facet> facets, List<Double> bends) {
    private static final double SLIVER_MM2 = 1e-15;
    private static final double TOUCH_MM = 1e-12;
    private static final double FIT_MM = 1e-9;

    /** Keeps the lists from changing. */
    public Section {
        corners = List.copyOf(corners);
        facets = List.copyOf(facets);
        bends = List.copyOf(bends);
        if (corners.size() < 2 || corners.size() != facets.size() || corners.size() != bends.size()) {
            throw new IllegalArgumentException("a section wants two corners at least, a facet and a bend for each");
        }
    }

    /** A section of straight sides only. */
    public Section(List<Point> corners, List<Facet> facets) {
        this(corners, facets, Collections.nCopies(corners.size(), 0.0));
    }

    /** A stretch of the outline that lies on one side of a cut. */
    private record Bit(Point start, int side, boolean kept) {}

    private record Crossing(Point at, double along, boolean entry, int bit) {}

    /** Area (mm²). */
    public double area() {
        double twice = 0;
        double round = 0;
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            Point b = next(i);
            twice += a.x() * b.y() - b.x() * a.y();
            if (bends.get(i) != 0) {
                round += Side.segment(a.distance(b), bends.get(i));
            }
        }
        return twice / 2 + round;
    }

    /** Whether no corner turns inward and no side is hollow. */
    public boolean convex() {
        int n = corners.size();
        for (int i = 0; i < n; i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % n);
            Point c = corners.get((i + 2) % n);
            if (bends.get(i) < 0 || (b.x() - a.x()) * (c.y() - b.y()) - (b.y() - a.y()) * (c.x() - b.x()) < -TOUCH_MM) {
                return false;
            }
        }
        return true;
    }

    /** Length of all sides of a facet together (mm), along their arcs. */
    public double lengthOf(Facet facet) {
        double sum = 0;
        for (int i = 0; i < corners.size(); i++) {
            if (facets.get(i) == facet) {
                sum += Side.length(corners.get(i).distance(next(i)), bends.get(i));
            }
        }
        return sum;
    }

    /** Where the back ends toward the edge: the least x (mm). */
    public double apexX() {
        return corners.stream().mapToDouble(Point::x).min().orElseThrow();
    }

    /** Thickness at a place along the back (mm), measured square to it; 0 where there is no steel. */
    public double thicknessAt(double x) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        Cutter upright = Cutter.blunt(x);
        for (int i = 0; i < corners.size(); i++) {
            Side side = side(i);
            double[] c = side.levels(upright);
            for (double t : Side.roots(c[0], c[1], c[2])) {
                if (t >= -TOUCH_MM && t <= side.end + TOUCH_MM) {
                    low = Math.min(low, side.at(t).y());
                    high = Math.max(high, side.at(t).y());
                }
            }
        }
        return Math.max(0, high - low);
    }

    /** Greatest distance of this piece from a cut, on the side beyond it (mm); 0 if all lies within. */
    public double farthestBeyond(Cutter line) {
        double level = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < corners.size(); i++) {
            level = Math.max(level, side(i).greatestLevel(line, next(i)));
        }
        return Math.max(0, line.distance(level));
    }

    /** The same section with the sides of one facet called by another. */
    public Section renamed(Facet from, Facet to) {
        return new Section(corners, facets.stream().map(f -> f == from ? to : f).toList(), bends);
    }

    /** The same section moved along the back. */
    public Section movedAlongBack(double mm) {
        return new Section(corners.stream().map(p -> p.movedAlongBack(mm)).toList(), facets, bends);
    }

    /**
     * The pieces of this section that lie within the cut; the fresh side gets the facet given.
     *
     * @return no piece where all is cut away, several where the cut divides the section
     * @throws IllegalArgumentException when a wheel's round would lie wholly inside the steel
     */
    public List<Section> within(Cutter keep, Facet fresh) {
        List<Bit> bits = bits(keep);
        long kept = bits.stream().filter(Bit::kept).count();
        if (kept == bits.size()) {
            return List.of(this);
        }
        return kept == 0 ? List.of() : join(bits, crossings(bits, keep), keep.curvature(), fresh);
    }

    /** The outline divided where it crosses the cut. Each stretch is judged by a point in its middle. */
    private List<Bit> bits(Cutter keep) {
        List<Bit> bits = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            Side side = side(i);
            double[] c = side.levels(keep);
            double at = 0;
            int first = bits.size();
            for (double t : Side.roots(c[0], c[1], c[2])) {
                if (t > at + TOUCH_MM && t < side.end - TOUCH_MM) {
                    add(bits, first, side, i, at, t, keep);
                    at = t;
                }
            }
            add(bits, first, side, i, at, side.end, keep);
        }
        return bits;
    }

    private static void add(List<Bit> bits, int first, Side side, int index, double from, double to, Cutter keep) {
        boolean kept = keep.level(side.at((from + to) / 2)) <= TOUCH_MM;
        boolean goesOn = bits.size() > first && bits.get(bits.size() - 1).kept == kept;
        if (!goesOn) {
            bits.add(new Bit(from == 0 ? side.from : side.at(from), index, kept));
        }
    }

    private static List<Crossing> crossings(List<Bit> bits, Cutter keep) {
        List<Crossing> found = new ArrayList<>();
        for (int i = 0; i < bits.size(); i++) {
            Bit before = bits.get((i + bits.size() - 1) % bits.size());
            Bit bit = bits.get(i);
            if (before.kept != bit.kept) {
                found.add(new Crossing(bit.start, keep.along(bit.start), bit.kept, i));
            }
        }
        found.sort(Comparator.comparingDouble(Crossing::along));
        // Run along with the kept steel on the left, the cut leaves the outline where the outline leaves the steel:
        // exits and entries alternate, an exit first. Where a corner touches the cut, rounding may have put two
        // crossings of one place the wrong way round.
        for (int i = 0; i + 1 < found.size(); i++) {
            if (found.get(i).entry == (i % 2 == 0)) {
                Collections.swap(found, i, i + 1);
            }
        }
        if (found.get(0).entry) {
            throw new IllegalArgumentException("the cut would bore into the steel instead of crossing it");
        }
        return found;
    }

    /** Along the cut the crossings come in pairs, and the fresh side lies between the two of a pair. */
    private List<Section> join(List<Bit> bits, List<Crossing> crossings, double curvature, Facet fresh) {
        boolean[] used = new boolean[crossings.size()];
        List<Section> pieces = new ArrayList<>();
        for (int start = 1; start < crossings.size(); start += 2) {
            if (used[start]) {
                continue;
            }
            List<Point> points = new ArrayList<>();
            List<Facet> names = new ArrayList<>();
            List<Double> rounds = new ArrayList<>();
            int at = start;
            do {
                used[at] = true;
                int bit = crossings.get(at).bit;
                while (bits.get(bit).kept) {
                    points.add(bits.get(bit).start);
                    names.add(facets.get(bits.get(bit).side));
                    rounds.add(bends.get(bits.get(bit).side));
                    bit = (bit + 1) % bits.size();
                }
                int exit = exitAt(crossings, bit);
                points.add(crossings.get(exit).at);
                names.add(fresh);
                rounds.add(curvature);
                at = exit + 1;
            } while (at != start);
            Section piece = new Section(points, names, rounds);
            if (piece.area() > SLIVER_MM2) {
                pieces.add(piece);
            }
        }
        return pieces;
    }

    private static int exitAt(List<Crossing> crossings, int bit) {
        for (int i = 0; i < crossings.size(); i += 2) {
            if (crossings.get(i).bit == bit) {
                return i;
            }
        }
        throw new IllegalStateException("the outline leaves the cut without having crossed it");
    }

    /**
     * This piece put together again with the one it was taken from, which then is no longer among those given; itself
     * where none of them fits.
     */
    Section joined(List<Section> others) {
        int mine = facets.indexOf(Facet.JOIN);
        for (int o = 0; mine >= 0 && o < others.size(); o++) {
            Section other = others.get(o);
            int theirs = other.facets.indexOf(Facet.JOIN);
            if (theirs >= 0
                    && corners.get(mine).distance(other.next(theirs)) < FIT_MM
                    && next(mine).distance(other.corners.get(theirs)) < FIT_MM) {
                others.remove(o);
                return joined(mine, other, theirs);
            }
        }
        return this;
    }

    private Section joined(int mine, Section other, int theirs) {
        List<Point> points = new ArrayList<>();
        List<Facet> names = new ArrayList<>();
        List<Double> rounds = new ArrayList<>();
        for (int k = 1; k <= corners.size(); k++) {
            int at = (mine + k) % corners.size();
            boolean last = at == mine;
            int on = (theirs + 1) % other.corners.size();
            points.add(corners.get(at));
            names.add(last ? other.facets.get(on) : facets.get(at));
            rounds.add(last ? other.bends.get(on) : bends.get(at));
        }
        for (int k = 2; k < other.corners.size(); k++) {
            int at = (theirs + k) % other.corners.size();
            points.add(other.corners.get(at));
            names.add(other.facets.get(at));
            rounds.add(other.bends.get(at));
        }
        return new Section(points, names, rounds);
    }

    private Point next(int corner) {
        return corners.get((corner + 1) % corners.size());
    }

    private Side side(int i) {
        return new Side(corners.get(i), next(i), bends.get(i));
    }
}
