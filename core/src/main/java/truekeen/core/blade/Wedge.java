package truekeen.core.blade;

/**
 * The wedge that an edge is meant to be.
 *
 * @param lowerDeg angle of the lower face to the blade's line (°): 0 for the back of a chisel
 * @param upperDeg angle of the upper face (°)
 * @param bodyMm thickness of the body behind it (mm)
 * @param behindMm so far behind the apex (mm) it is as thick as its body, its faces curving inward from their angles at the
 *     apex; 0 where they are flat
 */
public record Wedge(double lowerDeg, double upperDeg, double bodyMm, double behindMm) {
    /** How far back sections go (mm): beyond what any stroke of a session reaches. */
    private static final double BACK_MM = 60;

    /** Corners that a curved face is drawn by. */
    private static final int CURVED = 12;

    /** One with flat faces. */
    public Wedge(double lowerDeg, double upperDeg, double bodyMm) {
        this(lowerDeg, upperDeg, bodyMm, 0);
    }

    /** Refuses what is no wedge. */
    public Wedge {
        if (behindMm < 0 || lowerDeg < 0 || upperDeg <= 0 || upperDeg >= 90 || lowerDeg >= 90 || bodyMm <= 0) {
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

    /** The same with faces that curve inward until it is so thick, so far behind the apex (mm). */
    public Wedge roundedTo(double behind, double thickness) {
        return new Wedge(lowerDeg, upperDeg, thickness, behind);
    }

    /** It with a sharp apex at 0, its body as thick as it is. */
    EdgeChain chain(double scratchUm) {
        double sum = Math.tan(Math.toRadians(lowerDeg)) + Math.tan(Math.toRadians(upperDeg));
        boolean flat = behindMm <= 0 || sum * behindMm <= bodyMm;
        double shoulder = flat ? Math.min(bodyMm / sum, BACK_MM / 2) : behindMm;
        int corners = flat ? 1 : CURVED;
        double[] x = new double[2 * corners + 3];
        double[] y = new double[x.length];
        // A parabola: as steep as the face at the apex, and at the shoulder as thick as the body.
        double curve = flat ? 0 : (sum - bodyMm / behindMm) / (2 * behindMm);
        for (int side = 0; side < 2; side++) {
            double tan = Math.tan(Math.toRadians(side == 0 ? lowerDeg : upperDeg));
            for (int i = 1; i <= corners; i++) {
                double at = shoulder * i / corners;
                int corner = side == 0 ? corners + 1 - i : corners + 1 + i;
                x[corner] = at;
                y[corner] = (side == 0 ? -1 : 1) * (tan - curve * at) * at;
            }
            int end = side == 0 ? 0 : x.length - 1;
            x[end] = BACK_MM;
            y[end] = y[side == 0 ? 1 : x.length - 2];
        }
        return new EdgeChain(x, y, scratchUm);
    }
}
