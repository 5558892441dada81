package truekeen.core.holding;

import truekeen.core.message.InWords;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.Point;

/** Outlines that several drawings share. */
final class Outline {
    private Outline() {}

    /**
     * A blade in section: its edge at the frame's origin, its reference plane along the frame, the bevel that is worked
     * on the right.
     *
     * @param reachMm how much of it is shown
     */
    static Point[] blade(Seat seat, Scheme.Frame frame, Angle angle, double reachMm) {
        double low = seat.offset().mm();
        double deep = Math.min(seat.shoulderMm(), low);
        double heel = Math.min(deep / angle.tan(), reachMm * 0.9);
        Point edge = frame.point(0, 0);
        Point shoulder = frame.point(heel, -heel * angle.tan());
        Point lower = frame.point(reachMm, -low);
        return seat.perSide()
                ? new Point[] {edge, shoulder, lower, frame.point(reachMm, low), frame.point(heel, deep)}
                : new Point[] {edge, shoulder, lower, frame.point(reachMm, 0)};
    }

    /** How much of a blade is shown: its width, or a few times its bevel where it has no spine. */
    static double reach(Seat seat) {
        return seat.kind().spined()
                ? seat.width().mm()
                : Math.max(60, seat.thickness().mm() * 14);
    }

    static Point at(double x, double y) {
        return new Point(x, y);
    }

    /** A slab under the level y = 0. */
    static Point[] slab(double fromX, double toX, double depth) {
        return new Point[] {at(fromX, 0), at(toX, 0), at(toX, -depth), at(fromX, -depth)};
    }

    static String mm(Length length) {
        return truekeen.core.message.Numbers.plain(length.mm(), 1) + InWords.MM;
    }

    static String mm(double mm) {
        return mm(Length.ofMm(mm));
    }

    static String degrees(double degrees) {
        return truekeen.core.message.Numbers.plain(degrees, 1) + "°";
    }
}
