package truekeen.core.job;

import java.util.Optional;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.tool.Blade;

/**
 * The bevel that is ground now and then and that another one will cover at the edge.
 *
 * @param shaping what it takes
 * @param bevel its angle; of a hollow one the chord
 * @param recession how far the edge goes back by it
 * @param wheel diameter of the wheel that leaves it hollow, if one is to
 */
public record GroundBevel(Shaping shaping, Angle bevel, Length recession, Optional<Length> wheel) implements Job {
    @Override
    public JobKind kind() {
        return JobKind.PRIMARY;
    }

    @Override
    public Optional<Angle> angle() {
        return Optional.of(bevel);
    }

    @Override
    public boolean covered() {
        return true;
    }

    @Override
    public boolean byMachine() {
        return true;
    }

    /** Ground to the edge, so that nothing is left of what was honed on it. */
    @Override
    public Blade after(Blade before) {
        BladeChange change = BladeChange.of(before).shorter(recession.mm()).groundAt(bevel);
        change.without("wheelDiameter");
        wheel.ifPresent(w -> change.with("wheelDiameter", w.mm()));
        return change.blade();
    }
}
