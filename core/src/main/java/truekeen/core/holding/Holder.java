package truekeen.core.holding;

import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.section.TargetBevel;

/**
 * A thing that holds an angle. Every one turns an angle into a number to set and back; {@code gives(seat,
 * setting(seat, a).value())} is {@code a} again.
 */
public sealed interface Holder
        permits RollerHolder, RestHolder, BarHolder, BeltTable, SpineStack, WedgeBlock, SpineHone, HandStone {
    /** Angles that are held at all. */
    Angle LEAST = Angle.ofDegrees(4);
    /** Angles that are held at all. */
    Angle MOST = Angle.ofDegrees(85);

    /** What a limit may be missed by for rounding (rad). */
    double SLACK = 1e-9;

    /** What it is. */
    HolderKind kind();

    /**
     * What to set for an angle.
     *
     * @param angle in the convention of the tool, perpendicular to the edge
     * @throws RefusedException where it cannot hold this blade, or not at this angle, with the reason and the limit
     */
    Setting setting(Seat seat, Angle angle);

    /**
     * The bevels that it holds when these are wanted: where something in it cannot be changed, that decides the last one.
     *
     * @param wanted in the convention of the tool
     * @throws RefusedException where no angle belongs to what cannot be changed
     */
    default TargetBevel held(Seat seat, TargetBevel wanted) {
        return wanted;
    }

    /** Whether it holds an angle as it is: what cannot be set holds only its own. */
    default boolean holds(Seat seat, Angle angle) {
        return true;
    }

    /**
     * What stands at the very edge when it grinds a bevel of that chord: less on a wheel, which leaves a hollow.
     *
     * @throws RefusedException where the bevel would span the wheel
     */
    default Angle edgeOfHollow(Seat seat, Angle chord) {
        return chord;
    }

    /** What to set for a secondary bevel, once it was set for the primary under it. */
    default Setting settingAfter(Seat seat, Angle primary, Angle last) {
        return setting(seat, last);
    }

    /**
     * The angle that a setting gives.
     *
     * @param value in the unit of the setting
     * @throws RefusedException where no angle belongs to it
     */
    Angle gives(Seat seat, double value);

    /** Makes sure that it holds such a blade, and that the angle is one to hold. */
    static void require(Holder holder, Seat seat, Angle angle) {
        holder.kind().require(seat.kind());
        inRange(angle);
    }

    /** Makes sure that an angle is one to hold. */
    static Angle inRange(Angle angle) {
        if (angle.radians() < LEAST.radians() - SLACK || angle.radians() > MOST.radians() + SLACK) {
            throw new RefusedException(Refusal.of(MessageCode.ANGLE_NOT_HELD, "angle", angle)
                    .with("low", LEAST)
                    .with("high", MOST));
        }
        return angle;
    }
}
