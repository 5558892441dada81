package truekeen.core.job;

import java.util.Optional;
import truekeen.core.quantity.Angle;
import truekeen.core.tool.Blade;

/** Work on a face that lies on the stone by itself. What goes off it is too thin to change a dimension that is kept. */
public sealed interface LaidFace extends Job permits BackFlat, BroadFace {
    @Override
    default Optional<Angle> angle() {
        return Optional.empty();
    }

    @Override
    default Hold hold() {
        return Hold.FACE;
    }

    @Override
    default Blade after(Blade before) {
        return before;
    }
}
