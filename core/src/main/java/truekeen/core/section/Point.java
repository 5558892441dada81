package truekeen.core.section;

/**
 * A point of the section plane, which is perpendicular to the edge.
 *
 * @param x along the back, away from the apex toward the handle (mm)
 * @param y away from the back, through the thickness (mm)
 */
public record Point(double x, double y) {
    /** Distance to another point (mm). */
    public double distance(Point other) {
        return Math.hypot(x - other.x, y - other.y);
    }

    /** The same point moved by so much along the back. */
    public Point movedAlongBack(double mm) {
        return new Point(x + mm, y);
    }
}
