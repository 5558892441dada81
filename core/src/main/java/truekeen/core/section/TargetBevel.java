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
 */
public record TargetBevel(Angle primary, Angle last, Optional<Angle> back, Optional<Length> wheel) {
    private static final double SAME_DEG = 1e-9;

    /** Refuses a last bevel that is less steep than the primary. */
    public TargetBevel {
        if (last.degrees() < primary.degrees() - SAME_DEG) {
            throw new RefusedException(
                    Refusal.of(MessageCode.BEVEL_ORDER, "last", last).with("low", primary));
        }
    }

    /** A primary and a last bevel, both flat, on a tool without a back bevel. */
    public TargetBevel(Angle primary, Angle last) {
        this(primary, last, Optional.empty(), Optional.empty());
    }

    /** The bevels that a blade has now. */
    public static TargetBevel of(Blade blade) {
        return new TargetBevel(blade.primary(), blade.lastBevel(), blade.backBevel(), blade.wheel());
    }

    /** Whether there is to be a secondary bevel on the primary. */
    public boolean hasSecondary() {
        return last.degrees() > primary.degrees() + SAME_DEG;
    }
}
