package truekeen.core.section;

import truekeen.core.quantity.Angle;

/**
 * The edge of a cut: a straight line, the round of a wheel, or the round of a convex bevel, all in one form. It passes
 * through a point {@code q} with the unit normal {@code n} pointing into the steel that is kept, and has the signed
 * curvature {@code κ}. With {@code g(p) = κ·|p − q|²/2 − (p − q)·n} the kept side is {@code g ≤ 0}.
 *
 * <p>κ = 0 is a half-plane; κ &gt; 0 keeps the inside of a disc of radius 1/κ, which leaves a convex bevel; κ &lt; 0
 * keeps the outside of a disc of radius 1/|κ|, which leaves a hollow one. Nothing in the form grows without bound as the
 * radius does, so a very large wheel goes over into the flat cut without loss of digits.
 *
 * @param px a point of the cut, along the back (mm)
 * @param py the same point, through the thickness (mm)
 * @param nx unit normal there, pointing at what is kept, along the back
 * @param ny unit normal there, pointing at what is kept, through the thickness
 * @param curvature κ (1/mm)
 */
public record Cutter(double px, double py, double nx, double ny, double curvature) {

    /** A flat bevel on the upper side that meets the line y = 0 at {@code apexX} under the angle {@code bevel}. */
    public static Cutter bevel(double apexX, Angle bevel) {
        return bevel(apexX, 0, bevel, 0);
    }

    /**
     * A bevel on the upper side.
     *
     * @param apexX where it ends toward the edge, along the back (mm)
     * @param riseMm how far above the line y = 0 it ends (mm): half of a land, or zero at an apex
     * @param bevel its tangent there
     * @param curvature κ (1/mm): negative where a wheel left it hollow, positive where it is convex
     */
    public static Cutter bevel(double apexX, double riseMm, Angle bevel, double curvature) {
        return new Cutter(apexX, riseMm, bevel.sin(), -bevel.cos(), curvature);
    }

    /** The steel behind a blunt cut, square to the back, at {@code x}. */
    public static Cutter blunt(double x) {
        return new Cutter(x, 0, 1, 0, 0);
    }

    /** The same cut on the other side of the line y = 0. */
    public Cutter mirrored() {
        return new Cutter(px, -py, nx, -ny, curvature);
    }

    /** The other side of the same cut. */
    public Cutter complement() {
        return new Cutter(px, py, -nx, -ny, -curvature);
    }

    /** {@code g} of a point (mm): negative within the steel that is kept, zero on the cut. */
    public double level(Point p) {
        double x = p.x() - px;
        double y = p.y() - py;
        return curvature * (x * x + y * y) / 2 - (x * nx + y * ny);
    }

    /** How far a point lies beyond the cut (mm); negative inside the steel that is kept. */
    public double beyond(Point p) {
        return distance(level(p));
    }

    /** The distance from the cut that belongs to a level; it grows with the level. */
    double distance(double level) {
        return 2 * level / (1 + Math.sqrt(Math.max(0, 1 + 2 * curvature * level)));
    }

    /** Order of points that lie on the cut, as it is run along with the kept steel on the left. */
    double along(Point onCut) {
        double x = onCut.x() - px;
        double y = onCut.y() - py;
        double forward = x * ny - y * nx;
        return forward == 0 ? 0 : (x * x + y * y) / forward;
    }
}
