package truekeen.core.blade;

import truekeen.core.table.Prior;

/**
 * One section of a blade near its edge, which strokes cut down by planes. It is convex but where a face is hollow; what the stones
 * leave of a hollow bevel in the end is convex.
 *
 * <p>A cut finds the plane's offset so that exactly the asked area goes: above a plane the width grows linearly from corner to
 * corner, so that the area is a quadratic of the depth in every slab, and the right one is solved in closed form.
 */
final class EdgeChain extends Corners {
    private static final double UM_PER_MM = 1000;
    /** Share of a scratch's depth that must go until it is gone: the same that plans count with. */
    private static final double SCRATCH_SHARE = Prior.SCRATCH_SHARE.value();

    /** What the last cut took off the corner that stood highest (mm). */
    private double depth;

    /** What the last cut took (mm²): less than asked only where the chain has no more. */
    private double taken;

    private boolean apexCut;

    /** How far the apex lay below the plane of the last cut (mm); less than 0 where it was cut. */
    private double apexBelow;

    EdgeChain(double[] x, double[] y, double scratchUm) {
        super(x, y, scratchUm);
    }

    private EdgeChain(EdgeChain other) {
        super(other);
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
}
