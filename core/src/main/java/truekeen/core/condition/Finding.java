package truekeen.core.condition;

/**
 * One thing found along the edge.
 *
 * @param kind what it is
 * @param fromMm where it starts, from the left corner as the strip is drawn (mm)
 * @param toMm where it ends (mm)
 * @param depthMm how far it reaches back from the edge at its deepest (mm); for a bright spot it is not measured and 0
 * @param leave whether it is left in place on purpose
 */
public record Finding(Kind kind, double fromMm, double toMm, double depthMm, boolean leave) {

    /** What can be found along an edge. */
    public enum Kind {
        /** Steel broken out: deepest in the middle of its width. */
        CHIP,
        /** Light seen on the apex: a flat, a roll, or a place the last stones did not reach. */
        BRIGHT,
        /** A corner rounded off: deepest at the corner. */
        ROUNDED_CORNER
    }

    /**
     * How far the edge lies back at a place because steel is missing there (mm). A chip is taken as a V, a rounded
     * corner as a straight ease; both are zero at their inner ends.
     *
     * @param x place along the edge (mm)
     * @param edgeLengthMm length of the edge (mm)
     */
    public double missingAt(double x, double edgeLengthMm) {
        if (x < fromMm || x > toMm || kind == Kind.BRIGHT) {
            return 0;
        }
        if (kind == Kind.ROUNDED_CORNER) {
            boolean left = atLeft(edgeLengthMm);
            return depthMm * (left ? (toMm - x) : (x - fromMm)) / (toMm - fromMm);
        }
        double half = (toMm - fromMm) / 2;
        return depthMm * (1 - Math.abs(x - fromMm - half) / half);
    }

    /** Whether a rounded corner is the left one. */
    public boolean atLeft(double edgeLengthMm) {
        return fromMm + toMm < edgeLengthMm;
    }
}
