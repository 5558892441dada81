package truekeen.core.setup;

import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * A platform rest in front of a wheel: {@code tilt = 90° − β − asin(h/R)}, below level. Source: derived here.
 *
 * @param radius R of the wheel as it is now
 * @param contact h, height of the contact above the wheel's centre; negative below it
 */
public record PlatformRest(Length radius, Length contact) {
    /** Refuses a contact at or beyond the wheel's own height. */
    public PlatformRest {
        if (!(radius.mm() > 0)) {
            throw new RefusedException(Refusal.of(MessageCode.NOT_POSITIVE, "radius", radius)
                    .with("what", SetupWords.WHEEL_RADIUS.words()));
        }
        if (!(Math.abs(contact.mm()) < radius.mm())) {
            throw new RefusedException(Refusal.of(MessageCode.CONTACT_OFF_WHEEL, "contact", contact)
                    .with("high", radius));
        }
    }

    /** The rest that gave a bevel at a tilt: the height of the contact is taken from it. */
    public static PlatformRest thatGave(Length radius, Angle tilt, Angle bevel) {
        double rise = Math.PI / 2 - bevel.radians() - tilt.radians();
        return new PlatformRest(radius, radius.times(Math.sin(rise)));
    }

    /** The tilt below level that gives a bevel. */
    public Angle tilt(Angle bevel) {
        return Angle.ofRadians(Math.PI / 2 - bevel.radians() - Math.asin(contact.mm() / radius.mm()));
    }

    /** The bevel, to the tangent at the contact, that a tilt gives. */
    public Angle bevel(Angle tilt) {
        return tilt(tilt);
    }
}
