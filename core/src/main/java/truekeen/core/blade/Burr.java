package truekeen.core.blade;

import truekeen.core.table.Prior;

/**
 * The burr at one station: how long it is, how thick at its root, and on which side it hangs. Plausible priors of the brief.
 */
final class Burr {
    private static final double TURN = Prior.BURR_TURN.value();
    private static final double TURN_GUMMY = Prior.BURR_TURN_GUMMY.value();
    private static final double SETTLE = Prior.BURR_SETTLES.value();
    private static final double GROWTH = Prior.BURR_GROWTH.value();
    private static final double LONGEST = Prior.BURR_LONGEST.value();
    private static final double TEARS = Prior.BURR_TEARS.value();
    private static final double LIGHT_N = Prior.BURR_LIGHT_N.value();
    private static final double TORN = Prior.BURR_TORN_LEAVES.value();
    private static final double ROOT_LEFT = Prior.BURR_TORN_ROOT.value();
    /** What is left of a burr that is gone (µm). */
    private static final double GONE_UM = Prior.BURR_GONE_UM.value();

    private static final double PULLED = Prior.BURR_PULLED_TIMES.value();
    private static final double PULLED_LEAVES = Prior.BURR_PULLED_LEAVES.value();

    /** Length (µm). */
    double lengthUm;

    /** Thickness at its root (µm). */
    double rootUm;

    /** Whether there is one. */
    boolean there;

    /** Whether it hangs on the upper side. */
    boolean upper;

    /**
     * A stroke whose plane passes the apex.
     *
     * @param workedUpper whether the upper side is worked
     * @param apexUm2 area that it took (µm²)
     */
    void stroke(boolean workedUpper, double apexUm2, Grain grain, double forceN, Gum gum) {
        if (!there) {
            there = true;
            upper = !workedUpper;
            rootUm = grain.rootUm();
        } else if (upper == workedUpper) {
            upper = !workedUpper;
            rootUm *= gum == Gum.GUMMY ? TURN_GUMMY : TURN;
        }
        if (rootUm > grain.rootUm()) {
            rootUm -= SETTLE * (rootUm - grain.rootUm());
        }
        if (!grain.strop()) {
            double thick = Math.max(rootUm, grain.rootUm());
            lengthUm = Math.max(lengthUm, Math.min(lengthUm + GROWTH * gum.times() * apexUm2 / thick, LONGEST * thick));
        }
        if (lengthUm > TEARS * rootUm && forceN <= LIGHT_N) {
            lengthUm *= TORN;
            rootUm = Math.max(rootUm, ROOT_LEFT * grain.rootUm());
        }
    }

    /**
     * Whether it hangs on the side that is worked and stands so far above the face there that a stroke reaches it which does
     * not reach the apex.
     *
     * @param belowUm how far the apex lies below the stroke (µm)
     */
    boolean standsProud(boolean workedUpper, double belowUm) {
        return there && upper == workedUpper && belowUm <= lengthUm;
    }

    /** Whether something hangs on: what is hardly longer than it is thick does not fold. */
    boolean hangs() {
        return lengthUm > GONE_UM && lengthUm > PULLED * rootUm;
    }

    /** Soft wood pulls along the edge: what is some times as long as its root comes off, and little of it stays. */
    void drawThroughWood() {
        if (lengthUm > PULLED * rootUm) {
            lengthUm *= PULLED_LEAVES;
        }
    }

    Burr copy() {
        Burr same = new Burr();
        same.lengthUm = lengthUm;
        same.rootUm = rootUm;
        same.there = there;
        same.upper = upper;
        return same;
    }
}
