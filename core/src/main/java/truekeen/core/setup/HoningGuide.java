package truekeen.core.setup;

import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * A honing guide on a roller that grips the blade by its back. Angles are perpendicular to the edge.
 *
 * <p>{@code P = (r + d·cos θ)/sin θ − s}. Source: derived here.
 *
 * @param rollerRadius r
 * @param axleBelowBack d, from the plane of the blade's back down to the axle
 * @param axleSetback s, from the front face that the projection is measured from, back to the axle; positive away from
 *     the edge
 */
public record HoningGuide(Length rollerRadius, Length axleBelowBack, Length axleSetback) {
    private static final Angle LEAST = Angle.ofDegrees(5);
    private static final Angle MOST = Angle.ofDegrees(85);
    private static final double SLACK_RAD = 1e-9;

    /** Refuses a roller without radius, and an axle above the back: two angles would share one projection. */
    public HoningGuide {
        if (!(axleBelowBack.mm() > 0)) {
            throw new RefusedException(Refusal.of(MessageCode.NOT_POSITIVE, "axleBelowBack", axleBelowBack)
                    .with("what", SetupWords.AXLE_BELOW_BACK.words()));
        }
        if (!(rollerRadius.mm() > 0)) {
            throw new RefusedException(Refusal.of(MessageCode.NOT_POSITIVE, "rollerRadius", rollerRadius)
                    .with("what", SetupWords.ROLLER_RADIUS.words()));
        }
    }

    /**
     * The projection that gives an angle.
     *
     * @param angle between back and stone, 5° to 85°
     * @throws RefusedException outside that range
     */
    public Length projection(Angle angle) {
        if (angle.compareTo(LEAST) < 0 || angle.compareTo(MOST) > 0) {
            throw new RefusedException(Refusal.of(MessageCode.GUIDE_ANGLE, "angle", angle)
                    .with("low", LEAST)
                    .with("high", MOST));
        }
        return rollerRadius
                .plus(axleBelowBack.times(angle.cos()))
                .dividedBy(angle.sin())
                .minus(axleSetback);
    }

    /** The angle that a projection gives, without an eccentric step. */
    public Angle angle(Length projection) {
        return angle(projection, Length.ofMm(0));
    }

    /**
     * The angle that a projection gives: {@code atan2(d, P+s) + asin((r+Δr)/√((P+s)² + d²))}.
     *
     * @param eccentric Δr, what an eccentric roller adds
     * @throws RefusedException where the roller would not reach the stone, or the pose is none that a guide takes: the
     *     axle beside or before the edge
     */
    public Angle angle(Length projection, Length eccentric) {
        double reach = projection.mm() + axleSetback.mm();
        double lift = (rollerRadius.mm() + eccentric.mm()) / Math.hypot(reach, axleBelowBack.mm());
        if (!(lift <= 1)) {
            throw new RefusedException(Refusal.of(MessageCode.GUIDE_NO_SOLUTION, "projection", projection));
        }
        Angle angle = Angle.ofRadians(Math.atan2(axleBelowBack.mm(), reach) + Math.asin(lift));
        if (!(reach > 0) || angle.radians() > MOST.radians() + SLACK_RAD) {
            throw new RefusedException(Refusal.of(MessageCode.GUIDE_NO_SOLUTION, "projection", projection));
        }
        return angle;
    }

    /**
     * The projection that gives an angle, where it lies before the guide's front face.
     *
     * @param field the field that asked for the angle
     * @throws RefusedException where the edge would lie inside the guide
     */
    public Length projectionOutside(Angle angle, String field) {
        Length p = projection(angle);
        if (!(p.mm() > 0)) {
            throw new RefusedException(
                    Refusal.of(MessageCode.PROJECTION_NONE, field, p).with("high", angle(Length.ofMm(0.01))));
        }
        return p;
    }

    /** Height of a body's front corner above the stone: {@code P·sin θ − drop·cos θ}; below zero it is in the stone. */
    public static Length cornerAbove(Length projection, Angle angle, Length drop) {
        return projection.times(angle.sin()).minus(drop.times(angle.cos()));
    }

    /** How far a body that stands so high may be rocked either way until it touches. */
    public static Angle rocksBy(Length cornerAbove, Length bodyWidth) {
        return Angle.asin(cornerAbove.times(2).over(bodyWidth));
    }

    /** Change of angle with projection, {@code −sin²θ/(d + r·cos θ)}, in degrees per millimetre; negative. */
    public double degreesPerMm(Angle angle) {
        return Math.toDegrees(-angle.sin() * angle.sin() / (axleBelowBack.mm() + rollerRadius.mm() * angle.cos()));
    }

    /**
     * Makes sure the roller clears a blade that lies above it.
     *
     * @throws RefusedException when {@code d − T < r}
     */
    public void requireClear(Length thickness) {
        if (!clears(thickness)) {
            throw new RefusedException(Refusal.of(MessageCode.GUIDE_FOULS, "holderId", axleBelowBack)
                    .with("low", thickness.plus(rollerRadius)));
        }
    }

    /** Whether the roller clears a blade that lies above it: {@code d − T ≥ r}. */
    public boolean clears(Length thickness) {
        return axleBelowBack.mm() >= thickness.mm() + rollerRadius.mm();
    }
}
