package truekeen.core.blade;

/**
 * The wedge that an edge is meant to be.
 *
 * @param lowerDeg angle of the lower face to the blade's line (°): 0 for the back of a chisel
 * @param upperDeg angle of the upper face (°)
 * @param bodyMm thickness of the body behind it (mm)
 */
public record Wedge(double lowerDeg, double upperDeg, double bodyMm) {
    /** How far back sections go (mm): beyond what any stroke of a session reaches. */
    private static final double BACK_MM = 60;

    /** Refuses what is no wedge. */
    public Wedge {
        if (lowerDeg < 0 || upperDeg <= 0 || upperDeg >= 90 || lowerDeg >= 90 || bodyMm <= 0) {
            throw new IllegalArgumentException("no wedge: " + lowerDeg + "°, " + upperDeg + "°, " + bodyMm + " mm");
        }
    }

    /** Angle of a side (°). */
    double angleDeg(boolean upper) {
        return upper ? upperDeg : lowerDeg;
    }

    /** Thickness so far behind the apex (mm). */
    double thickness(double behindMm) {
        return behindMm * (Math.tan(Math.toRadians(lowerDeg)) + Math.tan(Math.toRadians(upperDeg)));
    }

    /** It with a sharp apex at 0, its body as thick as it is. */
    EdgeChain chain(double scratchUm) {
        double sum = Math.tan(Math.toRadians(lowerDeg)) + Math.tan(Math.toRadians(upperDeg));
        double shoulder = Math.min(bodyMm / sum, BACK_MM / 2);
        double below = -shoulder * Math.tan(Math.toRadians(lowerDeg));
        double above = shoulder * Math.tan(Math.toRadians(upperDeg));
        return new EdgeChain(
                new double[] {BACK_MM, shoulder, 0, shoulder, BACK_MM},
                new double[] {below, below, 0, above, above},
                scratchUm);
    }
}
