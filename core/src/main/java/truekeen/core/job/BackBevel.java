package truekeen.core.job;

import truekeen.core.quantity.Angle;

/**
 * A bevel on the back: its own angle, its own side, its own setting, its steel charged to itself.
 *
 * @param shaping what it takes
 * @param lift angle to the back
 */
public record BackBevel(Shaping shaping, Angle lift) implements LiftedBack {
    @Override
    public JobKind kind() {
        return JobKind.BACK_BEVEL;
    }
}
