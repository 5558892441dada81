package truekeen.core.job;

import java.util.Optional;
import truekeen.core.quantity.Angle;
import truekeen.core.tool.Blade;

/**
 * The broad face of a single-bevel knife laid on the stone and worked evenly.
 *
 * @param shaping what it takes
 */
public record BroadFace(Shaping shaping) implements Job {
    @Override
    public JobKind kind() {
        return JobKind.BROAD_FACE;
    }

    @Override
    public Optional<Angle> angle() {
        return Optional.empty();
    }

    @Override
    public Hold hold() {
        return Hold.FACE;
    }

    /** What it takes is too thin to change a dimension that is kept. */
    @Override
    public Blade after(Blade before) {
        return before;
    }
}
