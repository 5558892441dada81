package truekeen.core.blade;

import java.util.Arrays;

/**
 * The corners of a section near its edge: a chain of points from the heel of the lower face round the apex to the heel of the
 * upper face, in mm, the apex towards negative x, and how deep each side between them is scratched. What it is like, and how a
 * plane takes the place of corners.
 */
abstract class Corners {
    /** Lower and upper ends of the chain lie so far back that no stroke reaches them. */
    private static final int FIRST_ROOM = 24;

    /** Corners nearer to each other than this are one (mm): a tenth of a nanometre. */
    private static final double ONE_CORNER_MM = 1e-7;

    /** Heights nearer to each other than this are level (mm). */
    static final double LEVEL = 1e-15;

    /** A corner turns inward by more than what rounding makes of a straight one (mm², twice the area of its triangle). */
    private static final double INWARD = 1e-12;

    double[] x;
    double[] y;

    /** Depth of the scratches on the side from each corner to the next (µm). */
    double[] scratch;

    int size;

    /** Whether a corner turns inward, so that a plane can cut it in several pieces. */
    boolean hollow;

    Corners(double[] x, double[] y, double scratchUm) {
        this.size = x.length;
        int room = Math.max(FIRST_ROOM, 2 * size);
        this.x = Arrays.copyOf(x, room);
        this.y = Arrays.copyOf(y, room);
        this.scratch = new double[room];
        Arrays.fill(scratch, 0, size, scratchUm);
        this.hollow = turnsInward();
    }

    Corners(Corners other) {
        size = other.size;
        hollow = other.hollow;
        x = other.x.clone();
        y = other.y.clone();
        scratch = other.scratch.clone();
    }

    final boolean turnsInward() {
        for (int i = 1; i < size - 1; i++) {
            double turn = (x[i] - x[i - 1]) * (y[i + 1] - y[i]) - (y[i] - y[i - 1]) * (x[i + 1] - x[i]);
            if (turn > INWARD) {
                return true;
            }
        }
        return false;
    }

    /** Whether a corner turns inward. */
    final boolean hollow() {
        return hollow;
    }

    /** Scratches of the side above a corner (µm). */
    final double faceAbove(int corner) {
        return corner < size - 1 ? scratch[corner] : 0;
    }

    final double faceBelow(int corner) {
        return corner > 0 ? scratch[corner - 1] : 0;
    }

    /**
     * The apex as work on a side meets it: of a land, square to the blade, its corner on the other side. Before that is
     * reached no burr turns up there.
     */
    final int farCorner(boolean upper) {
        int apex = apex();
        int far = apex;
        int step = upper ? -1 : 1;
        while (far + step >= 0 && far + step < size && x[far + step] - x[apex] < ONE_CORNER_MM) {
            far += step;
        }
        return far;
    }

    /** Angle of the face beside the apex on a side (rad). */
    final double slope(boolean upper) {
        return slope(apex(), upper);
    }

    private double slope(int apex, boolean upper) {
        int next = upper ? apex + 1 : apex - 1;
        return Math.atan2(Math.abs(y[next] - y[apex]), x[next] - x[apex]);
    }

    /** Everything that stands above a plane goes, in as many pieces as it is; the ends of the chain stay. */
    final void clear(double nx, double ny, double at) {
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
    final void between(int from, int to, double[] otherX, double[] otherY) {
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

    /** Puts the new facet in the place of the corners that went. */
    final void replace(double nx, double ny, double at, int lo, int hi, double scratchUm) {
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
    final int apex() {
        int apex = 0;
        for (int i = 1; i < size; i++) {
            if (x[i] < x[apex]) {
                apex = i;
            }
        }
        return apex;
    }

    /** How far back the apex stands (mm along the blade). */
    final double recession() {
        return x[apex()];
    }

    /** Thickness so far behind the apex (mm). */
    final double thickness(double behind) {
        double at = recession() + behind;
        return across(at, true) - across(at, false);
    }

    /** Depth of the scratches that reach the apex from a side (µm). */
    final double apexScratch(boolean upper) {
        int apex = apex();
        return upper ? faceAbove(apex) : faceBelow(apex);
    }

    /** Height of a face at a place along the blade (mm). */
    final double across(double at, boolean upper) {
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
    final double area() {
        double twice = 0;
        for (int i = 0; i < size; i++) {
            int j = (i + 1) % size;
            twice += x[i] * y[j] - x[j] * y[i];
        }
        return Math.abs(twice) / 2;
    }

    /** How many corners it has. */
    final int size() {
        return size;
    }

    /** Corner of that number (mm). */
    final double x(int corner) {
        return x[corner];
    }

    final double y(int corner) {
        return y[corner];
    }
}
