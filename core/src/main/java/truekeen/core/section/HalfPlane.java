package truekeen.core.section;

import truekeen.core.quantity.Angle;

/**
 * The steel on one side of a straight cut: all points with {@code nx·x + ny·y ≤ c}.
 *
 * @param nx unit normal pointing at what is cut off, along the back
 * @param ny unit normal pointing at what is cut off, through the thickness
 * @param c distance of the line from the origin along the normal (mm)
 */
public record HalfPlane(double nx, double ny, double c) {

    /** The steel below a bevel plane that meets the back at {@code apexX} under the angle {@code bevel}. */
    public static HalfPlane bevel(double apexX, Angle bevel) {
        return new HalfPlane(-bevel.sin(), bevel.cos(), -bevel.sin() * apexX);
    }

    /** The steel behind a blunt cut, square to the back, at {@code x}. */
    public static HalfPlane blunt(double x) {
        return new HalfPlane(-1, 0, -x);
    }

    /** The other side of the same cut. */
    public HalfPlane complement() {
        return new HalfPlane(-nx, -ny, -c);
    }

    /** How far a point lies beyond the cut (mm); negative inside the steel that is kept. */
    public double beyond(Point p) {
        return nx * p.x() + ny * p.y() - c;
    }
}
