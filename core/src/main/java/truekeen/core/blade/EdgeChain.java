package truekeen.core.blade;

import java.util.Arrays;
import truekeen.core.table.Prior;

/**
 * One section of a blade near its edge: a convex chain of points from the heel of the lower face round the apex to the heel of
 * the upper face, in mm, the apex towards negative x. Strokes cut it down by planes.
 *
 * <p>A cut finds the plane's offset so that exactly the asked area goes: above a plane the width grows linearly from corner to
 * corner, so that the area is a quadratic of the depth in every slab, and the right one is solved in closed form.
 */
final class EdgeChain {
    /** Lower and upper ends of the chain lie so far back that no stroke reaches them. */
    private static final int FIRST_ROOM = 24;

    /** Corners nearer to each other than this are one (mm): a tenth of a nanometre. */
    private static final double ONE_CORNER_MM = 1e-7;

    private static final double LEVEL = 1e-15;
    private static final double UM_PER_MM = 1000;
    /** Share of a scratch's depth that must go until it is gone: the same that plans count with. */
    private static final double SCRATCH_SHARE = Prior.SCRATCH_SHARE.value();

    private double[] x;
    private double[] y;
    /** Depth of the scratches on the side from each corner to the next (µm). */
    private double[] scratch;

    private int size;

    /** What the last cut took off the corner that stood highest (mm). */
    private double depth;

    /** What the last cut took (mm²): less than asked only where the chain has no more. */
    private double taken;

    private boolean apexCut;

    /** How far the apex lay below the plane of the last cut (mm); less than 0 where it was cut. */
    private double apexBelow;

    EdgeChain(double[] x, double[] y, double scratchUm) {
        this.size = x.length;
        int room = Math.max(FIRST_ROOM, 2 * size);
        this.x = Arrays.copyOf(x, room);
        this.y = Arrays.copyOf(y, room);
        this.scratch = new double[room];
        Arrays.fill(scratch, 0, size, scratchUm);
    }

    private EdgeChain(EdgeChain other) {
        size = other.size;
        x = other.x.clone();
        y = other.y.clone();
        scratch = other.scratch.clone();
    }

    EdgeChain copy() {
        return new EdgeChain(this);
    }

    /**
     * Cuts by a plane whose outward normal is (nx, ny).
     *
     * @param area what is to go (mm²)
     * @param scratchUm how deep the abrasive scratches (µm)
     */
    void cut(double nx, double ny, double area, double scratchUm) {
        int top = 0;
        double highest = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < size; i++) {
            double p = nx * x[i] + ny * y[i];
            if (p > highest) {
                highest = p;
                top = i;
            }
        }
        int lo = top;
        int hi = top;
        double level = highest;
        double width = 0;
        double left = area;
        double deepest = 0;
        double at = highest;
        while (lo > 0 || hi < size - 1) {
            // Where the chain ends its body goes on as a wall: nothing wider, and nothing lower before the other end.
            double pl = lo > 0 ? nx * x[lo - 1] + ny * y[lo - 1] : Double.NEGATIVE_INFINITY;
            double ph = hi < size - 1 ? nx * x[hi + 1] + ny * y[hi + 1] : Double.NEGATIVE_INFINITY;
            double next = Math.max(pl, ph);
            double slab = level - next;
            if (slab > LEVEL) {
                double growth =
                        (lo > 0 ? growth(nx, ny, lo, lo - 1) : 0) + (hi < size - 1 ? growth(nx, ny, hi, hi + 1) : 0);
                double all = (width + growth * slab / 2) * slab;
                if (all >= left) {
                    at = level - 2 * left / (width + Math.sqrt(width * width + 2 * growth * left));
                    left = 0;
                    break;
                }
                left -= all;
                width += growth * slab;
            }
            level = next;
            at = next;
            if (pl >= ph) {
                width += level(nx, ny, lo, lo - 1, slab);
                deepest = Math.max(deepest, scratch[lo - 1]);
                lo--;
            } else {
                width += level(nx, ny, hi, hi + 1, slab);
                deepest = Math.max(deepest, scratch[hi]);
                hi++;
            }
        }
        taken = area - left;
        depth = highest - at;
        if (taken <= 0 || depth <= 0 || left > 0) {
            // More than there is of it: it is left as it stands.
            taken = 0;
            depth = 0;
            apexCut = false;
            apexBelow = Double.POSITIVE_INFINITY;
            return;
        }
        int apex = farCorner(ny > 0);
        apexCut = apex >= lo && apex <= hi;
        apexBelow = at - nx * x[apex] - ny * y[apex];
        double gone = depth;
        if (apexCut) {
            // What counts is the face that ended at the apex, and what went from it there.
            deepest = ny > 0 ? faceAbove(apex) : faceBelow(apex);
            gone = -apexBelow;
        } else if (lo == hi) {
            deepest = Math.max(faceBelow(lo), faceAbove(hi));
        }
        replace(nx, ny, at, lo, hi, Math.max(scratchUm, deepest - gone * UM_PER_MM / SCRATCH_SHARE));
    }

    /** Scratches of the side above a corner (µm). */
    private double faceAbove(int corner) {
        return corner < size - 1 ? scratch[corner] : 0;
    }

    private double faceBelow(int corner) {
        return corner > 0 ? scratch[corner - 1] : 0;
    }

    /**
     * The apex as work on a side meets it: of a land, square to the blade, its corner on the other side. Before that is
     * reached no burr turns up there.
     */
    private int farCorner(boolean upper) {
        int apex = apex();
        int far = apex;
        int step = upper ? -1 : 1;
        while (far + step >= 0 && far + step < size && x[far + step] - x[apex] < ONE_CORNER_MM) {
            far += step;
        }
        return far;
    }

    /** Cuts everything off that stands above a plane through the apex, at an angle (rad) on one side. */
    void plane(boolean upper, double angle) {
        double nx = -Math.sin(angle);
        double ny = upper ? Math.cos(angle) : -Math.cos(angle);
        // Of a land the corner on the other side stays.
        int stays = farCorner(upper);
        double at = nx * x[stays] + ny * y[stays];
        int lo = -1;
        int hi = -1;
        for (int i = 1; i < size - 1; i++) {
            if (nx * x[i] + ny * y[i] > at + LEVEL) {
                lo = lo < 0 ? i : lo;
                hi = i;
            }
        }
        if (lo >= 0) {
            replace(nx, ny, at, lo, hi, Math.max(scratch[lo - 1], scratch[hi]));
        }
    }

    /** Cuts a facet of that width (mm) at an angle (rad) over a sharp apex; none where the face there is as steep already. */
    void facet(boolean upper, double angle, double width) {
        int apex = apex();
        double face = slope(apex, upper);
        double other = slope(apex, !upper);
        double steeper = angle - face;
        if (steeper <= 0 || width <= 0) {
            return;
        }
        // In the triangle that goes, the facet lies opposite the wedge and the way back along the other face opposite
        // the difference of the two angles.
        double back = width * Math.sin(steeper) / Math.sin(face + other);
        double side = upper ? 1 : -1;
        cut(-Math.sin(angle), side * Math.cos(angle), back * width * Math.sin(angle + other) / 2, 0);
    }

    /** Angle of the face beside the apex on a side (rad). */
    double slope(boolean upper) {
        return slope(apex(), upper);
    }

    private double slope(int apex, boolean upper) {
        int next = upper ? apex + 1 : apex - 1;
        return Math.atan2(Math.abs(y[next] - y[apex]), x[next] - x[apex]);
    }

    /** Cuts it back square: everything farther forward than so far behind the apex goes (mm). */
    void cutBack(double back) {
        double at = recession() + back;
        int first = 0;
        while (x[first] > at) {
            first++;
        }
        int last = size - 1;
        while (x[last] > at) {
            last--;
        }
        if (first > 0 && last < size - 1 && first <= last) {
            replace(-1, 0, -at, first, last, Math.max(scratch[first], scratch[last]));
        }
    }

    /**
     * How much wider the chain gets for each mm of depth on one side; less than nothing where both sides lean the same way
     * and this is the one that leans less.
     */
    private double growth(double nx, double ny, int from, int to) {
        double down = nx * (x[from] - x[to]) + ny * (y[from] - y[to]);
        return down <= LEVEL ? 0 : outward(nx, ny, from, to) / down;
    }

    /** Width of a side that lies level with the plane; nothing of any other. */
    private double level(double nx, double ny, int from, int to, double slab) {
        double down = nx * (x[from] - x[to]) + ny * (y[from] - y[to]);
        return slab <= LEVEL && down <= LEVEL ? outward(nx, ny, from, to) : 0;
    }

    /** How far a corner lies beyond its neighbour along the plane, away from the other side of the chain (mm). */
    private double outward(double nx, double ny, int from, int to) {
        double along = ny * (x[to] - x[from]) - nx * (y[to] - y[from]);
        return to > from ? along : -along;
    }

    /** Puts the new facet in the place of the corners that went. */
    private void replace(double nx, double ny, double at, int lo, int hi, double scratchUm) {
        double below = lo > 0 ? share(nx, ny, at, lo, lo - 1) : 0;
        double ax = lo > 0 ? x[lo] + below * (x[lo - 1] - x[lo]) : x[0];
        double ay = lo > 0 ? y[lo] + below * (y[lo - 1] - y[lo]) : (at - nx * x[0]) / ny;
        double above = hi < size - 1 ? share(nx, ny, at, hi, hi + 1) : 0;
        double bx = hi < size - 1 ? x[hi] + above * (x[hi + 1] - x[hi]) : x[hi];
        double by = hi < size - 1 ? y[hi] + above * (y[hi + 1] - y[hi]) : (at - nx * x[hi]) / ny;
        boolean one = near(bx - ax, by - ay);
        int corners = one ? 1 : 2;
        int gone = hi - lo + 1;
        int grown = size + corners - gone;
        if (grown > x.length) {
            x = Arrays.copyOf(x, 2 * grown);
            y = Arrays.copyOf(y, 2 * grown);
            scratch = Arrays.copyOf(scratch, 2 * grown);
        }
        double after = scratch[hi];
        System.arraycopy(x, hi + 1, x, lo + corners, size - hi - 1);
        System.arraycopy(y, hi + 1, y, lo + corners, size - hi - 1);
        System.arraycopy(scratch, hi + 1, scratch, lo + corners, size - hi - 1);
        x[lo] = ax;
        y[lo] = ay;
        scratch[lo] = one ? after : scratchUm;
        if (!one) {
            x[lo + 1] = bx;
            y[lo + 1] = by;
            scratch[lo + 1] = after;
        }
        size = grown;
        merge(lo);
    }

    /** How far down the side between a corner that goes and one that stays the plane crosses it. */
    private double share(double nx, double ny, double at, int gone, int stays) {
        double pg = nx * x[gone] + ny * y[gone];
        double ps = nx * x[stays] + ny * y[stays];
        return pg - ps <= LEVEL ? 0 : (pg - at) / (pg - ps);
    }

    private static boolean near(double dx, double dy) {
        return dx * dx + dy * dy < ONE_CORNER_MM * ONE_CORNER_MM;
    }

    /** Corners that have come together beside a new facet are one. */
    private void merge(int from) {
        for (int i = Math.max(1, from - 1); i < Math.min(size - 1, from + 2); ) {
            if (size > 3 && near(x[i + 1] - x[i], y[i + 1] - y[i])) {
                System.arraycopy(x, i + 1, x, i, size - i - 1);
                System.arraycopy(y, i + 1, y, i, size - i - 1);
                System.arraycopy(scratch, i + 1, scratch, i, size - i - 1);
                size--;
            } else {
                i++;
            }
        }
    }

    /** The corner that stands farthest forward. */
    int apex() {
        int apex = 0;
        for (int i = 1; i < size; i++) {
            if (x[i] < x[apex]) {
                apex = i;
            }
        }
        return apex;
    }

    /** What the last cut took (mm²). */
    double taken() {
        return taken;
    }

    /** How deep the last cut went (mm). */
    double depth() {
        return depth;
    }

    /** Whether the plane of the last cut passed the apex. */
    boolean apexCut() {
        return apexCut;
    }

    /** How far the apex lay below the plane of the last cut (mm); less than 0 where it was cut. */
    double apexBelow() {
        return apexBelow;
    }

    /** How far back the apex stands (mm along the blade). */
    double recession() {
        return x[apex()];
    }

    /** Thickness so far behind the apex (mm). */
    double thickness(double behind) {
        double at = recession() + behind;
        return across(at, true) - across(at, false);
    }

    /** Depth of the scratches that reach the apex from a side (µm). */
    double apexScratch(boolean upper) {
        int apex = apex();
        return upper ? faceAbove(apex) : faceBelow(apex);
    }

    private double across(double at, boolean upper) {
        int apex = apex();
        int step = upper ? 1 : -1;
        for (int i = apex; i + step >= 0 && i + step < size; i += step) {
            if (x[i + step] >= at) {
                double run = x[i + step] - x[i];
                return run <= 0 ? y[i + step] : y[i] + (y[i + step] - y[i]) * (at - x[i]) / run;
            }
        }
        return y[upper ? size - 1 : 0];
    }

    /** Area between the chain and the line from its one end to the other (mm²). */
    double area() {
        double twice = 0;
        for (int i = 0; i < size; i++) {
            int j = (i + 1) % size;
            twice += x[i] * y[j] - x[j] * y[i];
        }
        return Math.abs(twice) / 2;
    }

    /** How many corners it has. */
    int size() {
        return size;
    }

    /** Corner of that number (mm). */
    double x(int corner) {
        return x[corner];
    }

    double y(int corner) {
        return y[corner];
    }
}
