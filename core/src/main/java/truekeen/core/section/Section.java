package truekeen.core.section;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;

/**
 * One piece of a cross-section: a simple polygon, counter-clockwise, each side named by its facet. Area is exact
 * (shoelace). Flat bevels give convex sections, but a cut works on any simple polygon and may leave several pieces.
 *
 * <p>A vertex that lies on the cut counts as kept. Two cuts closer than about 1e-12 mm are not told apart; nothing at
 * the bench is.
 *
 * @param corners the vertices, at least three
 * @param facets facet of the side from each vertex to the next; as many as vertices
 */
public record Section(List<Point> corners, List<Facet> facets) {
    private static final double SLIVER_MM2 = 1e-15;

    /** Keeps both lists from changing. */
    public Section {
        corners = List.copyOf(corners);
        facets = List.copyOf(facets);
        if (corners.size() < 3 || corners.size() != facets.size()) {
            throw new IllegalArgumentException("a section wants three corners at least and a facet for each");
        }
    }

    private record Crossing(Point at, double along, boolean entry, int edge) {}

    /** Area (mm²), by the shoelace sum. */
    public double area() {
        double twice = 0;
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % corners.size());
            twice += a.x() * b.y() - b.x() * a.y();
        }
        return twice / 2;
    }

    /** Whether no corner turns inward. */
    public boolean convex() {
        int n = corners.size();
        for (int i = 0; i < n; i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % n);
            Point c = corners.get((i + 2) % n);
            if ((b.x() - a.x()) * (c.y() - b.y()) - (b.y() - a.y()) * (c.x() - b.x()) < -1e-12) {
                return false;
            }
        }
        return true;
    }

    /** Length of all sides of a facet together (mm). */
    public double lengthOf(Facet facet) {
        double sum = 0;
        for (int i = 0; i < corners.size(); i++) {
            if (facets.get(i) == facet) {
                sum += corners.get(i).distance(corners.get((i + 1) % corners.size()));
            }
        }
        return sum;
    }

    /** Where the back ends toward the edge: the least x (mm). */
    public double apexX() {
        return corners.stream().mapToDouble(Point::x).min().orElseThrow();
    }

    /** Greatest distance of this piece from the line of a cut, on the side beyond it (mm); 0 if all lies within. */
    public double farthestBeyond(HalfPlane line) {
        return Math.max(0, corners.stream().mapToDouble(line::beyond).max().orElseThrow());
    }

    /** The same section with the sides of one facet called by another. */
    public Section renamed(Facet from, Facet to) {
        return new Section(corners, facets.stream().map(f -> f == from ? to : f).toList());
    }

    /** The same section moved along the back. */
    public Section movedAlongBack(double mm) {
        return new Section(corners.stream().map(p -> p.movedAlongBack(mm)).toList(), facets);
    }

    /**
     * The pieces of this section that lie within the half-plane; the fresh side gets the facet given.
     *
     * @return no piece where all is cut away, several where the cut divides the section
     */
    public List<Section> within(HalfPlane keep, Facet fresh) {
        int n = corners.size();
        double[] beyond = new double[n];
        int outside = 0;
        for (int i = 0; i < n; i++) {
            beyond[i] = keep.beyond(corners.get(i));
            outside += beyond[i] > 0 ? 1 : 0;
        }
        if (outside == 0) {
            return List.of(this);
        }
        if (outside == n) {
            return List.of();
        }
        return join(crossings(keep, beyond), beyond, fresh);
    }

    private List<Crossing> crossings(HalfPlane keep, double[] beyond) {
        int n = corners.size();
        List<Crossing> found = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double from = beyond[i];
            double to = beyond[(i + 1) % n];
            if (from > 0 != to > 0) {
                Point a = corners.get(i);
                Point b = corners.get((i + 1) % n);
                double share = from / (from - to);
                Point at = new Point(a.x() + share * (b.x() - a.x()), a.y() + share * (b.y() - a.y()));
                found.add(new Crossing(at, keep.ny() * at.x() - keep.nx() * at.y(), from > 0, i));
            }
        }
        found.sort(Comparator.comparingDouble(Crossing::along));
        // The outline runs counter-clockwise, so entries and exits alternate along the cut, an entry first. Where a
        // corner touches the cut, rounding may have put two crossings of one place the wrong way round.
        for (int i = 0; i + 1 < found.size(); i++) {
            if (found.get(i).entry != (i % 2 == 0)) {
                Collections.swap(found, i, i + 1);
            }
        }
        return found;
    }

    /** Along the cut the crossings come in pairs, and steel lies between the two of a pair. */
    private List<Section> join(List<Crossing> crossings, double[] beyond, Facet fresh) {
        int n = corners.size();
        boolean[] used = new boolean[crossings.size()];
        List<Section> pieces = new ArrayList<>();
        for (int start = 0; start < crossings.size(); start++) {
            if (used[start] || !crossings.get(start).entry) {
                continue;
            }
            List<Point> points = new ArrayList<>();
            List<Facet> sides = new ArrayList<>();
            int at = start;
            do {
                Crossing entry = crossings.get(at);
                used[at] = true;
                points.add(entry.at);
                sides.add(facets.get(entry.edge));
                int vertex = (entry.edge + 1) % n;
                while (beyond[vertex] <= 0) {
                    points.add(corners.get(vertex));
                    sides.add(facets.get(vertex));
                    vertex = (vertex + 1) % n;
                }
                int exit = exitOn(crossings, (vertex + n - 1) % n);
                used[exit] = true;
                points.add(crossings.get(exit).at);
                sides.add(fresh);
                at = exit % 2 == 0 ? exit + 1 : exit - 1;
            } while (at != start);
            Section piece = new Section(points, sides);
            if (piece.area() > SLIVER_MM2) {
                pieces.add(piece);
            }
        }
        return pieces;
    }

    private static int exitOn(List<Crossing> crossings, int edge) {
        for (int i = 0; i < crossings.size(); i++) {
            if (crossings.get(i).edge == edge && !crossings.get(i).entry) {
                return i;
            }
        }
        throw new IllegalStateException("the outline leaves the cut without having crossed it");
    }
}
