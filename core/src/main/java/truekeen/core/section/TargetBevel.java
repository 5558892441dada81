package truekeen.core.section;

import java.util.Optional;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.tool.Blade;

/**
 * The bevels a tool is to have, in the convention of its family.
 *
 * @param primary the bevel that the tables call primary; where it is to be hollow, its chord
 * @param last bevel at the apex: steeper than the primary, or the same where there is to be no secondary
 * @param back back bevel, if it is to have one
 * @param wheel diameter of the wheel that is to leave the primary hollow, if one is
 * @param camber how far the corners are to lie behind the middle, in the plane of the iron; zero for a straight edge,
 *     empty to leave it as it is
 */
public record TargetBevel(
        Angle primary, Angle last, Optional<Angle> back, Optional<Length> wheel, Optional<Length> camber) {
    private static final double SAME_DEG = 1e-9;

    /** Refuses a last bevel that is less steep than the primary. */
    public TargetBevel {
        if (last.degrees() < primary.degrees() - SAME_DEG) {
            throw new RefusedException(
                    Refusal.of(MessageCode.BEVEL_ORDER, "last", last).with("low", primary));
        }
    }

    /** Bevels on an edge that keeps the camber it has. */
    public TargetBevel(Angle primary, Angle last, Optional<Angle> back, Optional<Length> wheel) {
        this(primary, last, back, wheel, Optional.empty());
    }

    /** The same bevels on an edge of that camber (mm in the plane of the iron; 0 for straight). */
    public TargetBevel cambered(Length onIron) {
        return new TargetBevel(primary, last, back, wheel, Optional.of(onIron));
    }

    /** A primary and a last bevel, both flat, on a tool without a back bevel. */
    public TargetBevel(Angle primary, Angle last) {
        this(primary, last, Optional.empty(), Optional.empty());
    }

    /** The bevels that a blade has now. */
    public static TargetBevel of(Blade blade) {
        return new TargetBevel(blade.primary(), blade.lastBevel(), blade.backBevel(), blade.wheel());
    }

    /** The same with another last bevel: one bevel stays one, and a primary that would be steeper comes down to it. */
    public TargetBevel endingAt(Angle otherLast) {
        Angle under = hasSecondary() ? Angle.min(primary, otherLast) : otherLast;
        return new TargetBevel(under, otherLast, back, wheel, camber);
    }

    /** Whether there is to be a secondary bevel on the primary. */
    public boolean hasSecondary() {
        return last.degrees() > primary.degrees() + SAME_DEG;
    }
}
