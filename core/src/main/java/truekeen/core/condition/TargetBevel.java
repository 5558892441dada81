package truekeen.core.condition;

import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;

/**
 * The bevels a flat-back tool is to have.
 *
 * @param primary ground bevel, from the back
 * @param last bevel at the apex, from the back; steeper than the primary
 */
public record TargetBevel(Angle primary, Angle last) {
    /** Refuses a last bevel that is no steeper than the primary. */
    public TargetBevel {
        if (last.compareTo(primary) <= 0) {
            throw new RefusedException(
                    Refusal.of(MessageCode.BEVEL_ORDER, "last", last).with("low", primary));
        }
    }
}
