package truekeen.core.job;

import java.util.Optional;
import truekeen.core.quantity.Angle;
import truekeen.core.tool.Blade;

/**
 * A bevel on the back: its own angle, its own side, its own setting, its steel charged to itself.
 *
 * @param shaping what it takes
 * @param lift angle to the back
 */
public record BackBevel(Shaping shaping, Angle lift) implements Job {
    @Override
    public JobKind kind() {
        return JobKind.BACK_BEVEL;
    }

    @Override
    public Optional<Angle> angle() {
        return Optional.of(lift);
    }

    @Override
    public Hold hold() {
        return Hold.SETTING;
    }

    @Override
    public boolean backSide() {
        return true;
    }

    @Override
    public Blade after(Blade before) {
        return BladeChange.of(before).with("backBevel", lift.degrees()).blade();
    }
}
