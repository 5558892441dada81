package truekeen.core.blade;

import java.util.Arrays;
import truekeen.core.table.Prior;

/**
 * One section of a blade near its edge: a chain of points from the heel of the lower face round the apex to the heel of the
 * upper face, in mm, the apex towards negative x. Strokes cut it down by planes. It is convex but where a face is hollow; what
 * the stones leave of a hollow bevel in the end is convex.
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
    /** A corner turns inward by more than what rounding makes of a straight one (mm², twice the area of its triangle). */
    private static final double INWARD = 1e-12;

    private static final double UM_PER_MM = 1000;
    /** Share of a scratch's depth that must go until it is gone: the same that plans count with. */
    private static final double SCRATCH_SHARE = Prior.SCRATCH_SHARE.value();

    private double[] x;
    private double[] y;
    /** Depth of the scratches on the side from each corner to the next (µm). */
    private double[] scratch;

    private int size;

    /** Whether a corner turns inward, so that a plane can cut it in several pieces. */
    private boolean hollow;

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
        this.hollow = turnsInward();
    }

    private EdgeChain(EdgeChain other) {
        size = other.size;
        hollow = other.hollow;
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
        if (hollow) {
            cutInPieces(nx, ny, area, scratchUm);
            return;
        }
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
            leave();
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

    /** More is asked than there is of it: it is left as it stands. */
    private void leave() {
        taken = 0;
        depth = 0;
        apexCut = false;
        apexBelow = Double.POSITIVE_INFINITY;
    }

    /** The same where a face is hollow: the plane takes every piece that stands above it. */
    private void cutInPieces(double nx, double ny, double area, double scratchUm) {
        PlaneLevel levels = new PlaneLevel(x, y, size, nx, ny);
        double at = levels.above(area);
        if (area <= 0 || at == Double.NEGATIVE_INFINITY) {
            leave();
            return;
        }
        int apex = farCorner(ny > 0);
        taken = area;
        depth = levels.highest() - at;
        apexBelow = at - levels.height(apex);
        apexCut = apexBelow < 0;
        for (int hi = size - 1; hi >= 0; hi--) {
            if (levels.height(hi) > at) {
                int lo = hi;
                double peak = levels.height(hi);
                double deepest = 0;
                while (lo > 0 && levels.height(lo - 1) > at) {
                    lo--;
                    peak = Math.max(peak, levels.height(lo));
                    deepest = Math.max(deepest, scratch[lo]);
                }
                double gone = peak - at;
                if (apexCut && apex >= lo && apex <= hi) {
                    deepest = ny > 0 ? faceAbove(apex) : faceBelow(apex);
                    gone = -apexBelow;
                } else if (lo == hi) {
                    deepest = Math.max(faceBelow(lo), faceAbove(hi));
                }
                replace(nx, ny, at, lo, hi, Math.max(scratchUm, deepest - gone * UM_PER_MM / SCRATCH_SHARE));
                hi = lo;
            }
        }
        hollow = turnsInward();
    }

    private boolean turnsInward() {
        for (int i = 1; i < size - 1; i++) {
            double turn = (x[i] - x[i - 1]) * (y[i + 1] - y[i]) - (y[i] - y[i - 1]) * (x[i + 1] - x[i]);
            if (turn > INWARD) {
                return true;
            }
        }
        return false;
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
    int farCorner(boolean upper) {
        int apex = apex();
        int far = apex;
        int step = upper ? -1 : 1;
        while (far + step >= 0 && far + step < size && x[far + step] - x[apex] < ONE_CORNER_MM) {
            far += step;
        }
        return far;
    }

    /** Angle of the face beside the apex on a side (rad). */
    double slope(boolean upper) {
        return slope(apex(), upper);
    }

    private double slope(int apex, boolean upper) {
        int next = upper ? apex + 1 : apex - 1;
        return Math.atan2(Math.abs(y[next] - y[apex]), x[next] - x[apex]);
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

    /** Everything that stands above a plane goes, in as many pieces as it is; the ends of the chain stay. */
    void clear(double nx, double ny, double at) {
        for (int hi = size - 2; hi > 0; hi--) {
            int lo = hi;
            while (lo > 0 && nx * x[lo] + ny * y[lo] > at + LEVEL) {
                lo--;
            }
            if (lo < hi) {
                replace(nx, ny, at, lo + 1, hi, Math.max(scratch[lo], scratch[hi]));
                hi = lo + 1;
            }
        }
        hollow = turnsInward();
    }

    /** Puts other corners in the place of those between two. */
    void between(int from, int to, double[] otherX, double[] otherY) {
        int grown = size + otherX.length - (to - from - 1);
        if (grown > x.length) {
            room(2 * grown);
        }
        int stays = from + 1 + otherX.length;
        System.arraycopy(x, to, x, stays, size - to);
        System.arraycopy(y, to, y, stays, size - to);
        System.arraycopy(scratch, to, scratch, stays, size - to);
        System.arraycopy(otherX, 0, x, from + 1, otherX.length);
        System.arraycopy(otherY, 0, y, from + 1, otherY.length);
        Arrays.fill(scratch, from + 1, stays, scratch[from]);
        size = grown;
        hollow = turnsInward();
    }

    private void room(int corners) {
        x = Arrays.copyOf(x, corners);
        y = Arrays.copyOf(y, corners);
        scratch = Arrays.copyOf(scratch, corners);
    }

    /** Whether a corner turns inward. */
    boolean hollow() {
        return hollow;
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
            room(2 * grown);
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

    /** Height of a face at a place along the blade (mm). */
    double across(double at, boolean upper) {
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
