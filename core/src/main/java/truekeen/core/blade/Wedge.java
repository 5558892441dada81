package truekeen.core.blade;

/**
 * The wedge that an edge is meant to be.
 *
 * @param lowerDeg angle of the lower face to the blade's line (°): 0 for the back of a chisel
 * @param upperDeg angle of the upper face (°); of a hollow one, of its chord
 * @param bodyMm thickness of the body behind it (mm)
 * @param behindMm so far behind the apex (mm) it is as thick as its body, its faces curving inward from their angles at the
 *     apex; 0 where they are flat
 * @param wheelMm diameter of the wheel that left the upper face hollow (mm); 0 where it is flat or curves outward
 * @param back hollow of the lower face between its rims
 */
public record Wedge(double lowerDeg, double upperDeg, double bodyMm, double behindMm, double wheelMm, HollowBack back) {
    /** How far back sections go (mm): beyond what any stroke of a session reaches. */
    private static final double BACK_MM = 60;

    /** Sides that a curved face is drawn by. */
    private static final int CURVED = Reshaping.ARC;

    /**
     * A back that is hollow between two flat rims.
     *
     * @param depthMm of the hollow (mm); 0 for a flat back
     * @param rimMm width of either rim (mm)
     * @param widthMm from the edge to the end of the far rim (mm)
     */
    public record HollowBack(double depthMm, double rimMm, double widthMm) {
        /** A back without a hollow. */
        public static final HollowBack FLAT = new HollowBack(0, 0, 0);

        /** Refuses a hollow that its rims leave no room for. */
        public HollowBack {
            if (depthMm < 0 || depthMm > 0 && !(rimMm > 0 && widthMm > 2 * rimMm + 2 * depthMm)) {
                throw new IllegalArgumentException("no hollow: " + depthMm + ", " + rimMm + ", " + widthMm + " mm");
            }
        }
    }

    /** One with flat faces. */
    public Wedge(double lowerDeg, double upperDeg, double bodyMm) {
        this(lowerDeg, upperDeg, bodyMm, 0, 0, HollowBack.FLAT);
    }

    /** Refuses what is no wedge. */
    public Wedge {
        if (behindMm < 0 || lowerDeg < 0 || upperDeg <= 0 || upperDeg >= 90 || lowerDeg >= 90 || bodyMm <= 0) {
            throw new IllegalArgumentException("no wedge: " + lowerDeg + "°, " + upperDeg + "°, " + bodyMm + " mm");
        }
        if (wheelMm < 0 || wheelMm > 0 && wheelMm * Math.sin(Math.toRadians(upperDeg)) <= bodyMm) {
            throw new IllegalArgumentException("no wheel of " + wheelMm + " mm grinds " + bodyMm + " mm");
        }
        if (back.depthMm() > 0 && lowerDeg > 0) {
            throw new IllegalArgumentException("a hollow back lies flat, not at " + lowerDeg + "°");
        }
    }

    /** Angle of a side (°). */
    double angleDeg(boolean upper) {
        return upper ? upperDeg : lowerDeg;
    }

    /** Thickness so far behind the apex (mm), of flat faces. */
    double thickness(double behindMm) {
        return behindMm * (Math.tan(Math.toRadians(lowerDeg)) + Math.tan(Math.toRadians(upperDeg)));
    }

    /** The same with faces that curve inward until it is so thick, so far behind the apex (mm). */
    public Wedge roundedTo(double behind, double thickness) {
        return new Wedge(lowerDeg, upperDeg, thickness, behind, wheelMm, back);
    }

    /** The same with its upper face from a wheel of that diameter (mm). */
    public Wedge hollowGround(double wheel) {
        return new Wedge(lowerDeg, upperDeg, bodyMm, behindMm, wheel, back);
    }

    /** The same with a hollow back. */
    public Wedge hollowBacked(HollowBack hollow) {
        return new Wedge(lowerDeg, upperDeg, bodyMm, behindMm, wheelMm, hollow);
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
        EdgeChain chain = back.depthMm() > 0 ? hollowBacked(x, y, scratchUm) : new EdgeChain(x, y, scratchUm);
        if (wheelMm > 0) {
            new Reshaping(chain).grind(true, Math.toRadians(upperDeg), wheelMm / 2);
        }
        return chain;
    }

    /** In the place of the corner under the shoulder, the rims and the arc between them. */
    private EdgeChain hollowBacked(double[] x, double[] y, double scratchUm) {
        int more = CURVED;
        double[] ax = new double[x.length + more];
        double[] ay = new double[x.length + more];
        double from = back.rimMm();
        double to = back.widthMm() - back.rimMm();
        double half = (to - from) / 2;
        double radius = (half * half + back.depthMm() * back.depthMm()) / (2 * back.depthMm());
        ax[0] = back.widthMm();
        for (int i = 0; i <= CURVED; i++) {
            double t = 1 - 2.0 * i / CURVED;
            ax[1 + i] = from + half * (1 + t);
            ay[1 + i] = Reshaping.depth(radius, half, t);
        }
        System.arraycopy(x, 2, ax, 2 + CURVED, x.length - 2);
        System.arraycopy(y, 2, ay, 2 + CURVED, y.length - 2);
        // Both faces end at the spine where the bevel has ended before it.
        int end = ax.length - 1;
        ax[end] = ax[end - 1] < back.widthMm() ? back.widthMm() : ax[end];
        return new EdgeChain(ax, ay, scratchUm);
    }
}
