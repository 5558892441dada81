package truekeen.core.job;

import java.util.Optional;
import truekeen.core.quantity.Angle;
import truekeen.core.tool.Blade;

/**
 * The back worked flat on the stone until it is even, then polished.
 *
 * @param shaping what it takes
 */
public record BackFlat(Shaping shaping) implements Job {
    @Override
    public JobKind kind() {
        return JobKind.BACK;
    }

    @Override
    public Optional<Angle> angle() {
        return Optional.empty();
    }

    @Override
    public Hold hold() {
        return Hold.FACE;
    }

    @Override
    public boolean backSide() {
        return true;
    }

    /** A flat back changes no dimension that is kept. */
    @Override
    public Blade after(Blade before) {
        return before;
    }
}
