package truekeen.core.job;

import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * A bevel on the back: its own angle, its own side, its own setting, its steel charged to itself.
 *
 * @param shaping what it takes
 * @param lift angle to the back
 * @param reach from the edge to where something is laid under the blade to lift it so
 */
public record BackBevel(Shaping shaping, Angle lift, Length reach) implements LiftedBack {
    @Override
    public JobKind kind() {
        return JobKind.BACK_BEVEL;
    }
}
