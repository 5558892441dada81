package truekeen.core.profile;

import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Length;
import truekeen.core.section.Point;

/**
 * From pixels of a photograph to millimetres on the tool: the first mark is the origin, the second lies on the axis. Taken
 * on two marks that sharpening does not touch, every photograph of the tool has the same frame. Holds for a camera square
 * on to the blade. Source: derived here.
 *
 * @param first a mark, in pixels, y downward
 * @param second another
 * @param apart how far apart they are on the tool
 */
public record PhotoScale(Point first, Point second, Length apart) {
    private static final double LEAST_PIXELS = 20;

    /** Refuses marks too close to each other to scale anything by, and a distance of nothing. */
    public PhotoScale {
        double pixels = Math.hypot(second.x() - first.x(), second.y() - first.y());
        if (!(pixels >= LEAST_PIXELS)) {
            throw new RefusedException(
                    Refusal.of(MessageCode.MARKS_TOO_CLOSE, "marks", Numbers.plain(pixels, 0) + " pixels")
                            .with("low", Numbers.plain(LEAST_PIXELS, 0) + " pixels"));
        }
        if (!(apart.mm() > 0)) {
            throw new RefusedException(
                    Refusal.of(MessageCode.NOT_POSITIVE, "apart", apart).with("what", "The distance of the marks"));
        }
    }

    /** Size of a pixel on the tool (mm). */
    public double mmPerPixel() {
        return apart.mm() / Math.hypot(second.x() - first.x(), second.y() - first.y());
    }

    /** A place on the tool (mm, y upward) from its pixel. */
    public Point onTool(Point pixel) {
        double scale = mmPerPixel() / Math.hypot(second.x() - first.x(), second.y() - first.y());
        double ax = second.x() - first.x();
        double ay = second.y() - first.y();
        double px = pixel.x() - first.x();
        double py = pixel.y() - first.y();
        return new Point((px * ax + py * ay) * scale, (px * ay - py * ax) * scale);
    }

    /** The pixel of a place on the tool. */
    public Point onPhoto(Point mm) {
        double perMm = 1 / mmPerPixel();
        double length = Math.hypot(second.x() - first.x(), second.y() - first.y());
        double ux = (second.x() - first.x()) / length;
        double uy = (second.y() - first.y()) / length;
        return new Point(
                first.x() + (mm.x() * ux + mm.y() * uy) * perMm, first.y() + (mm.x() * uy - mm.y() * ux) * perMm);
    }
}
