package truekeen.core.job;

import java.util.Optional;
import truekeen.core.quantity.Angle;
import truekeen.core.tool.Blade;

/** Work on the back of a tool that is lifted off the stone, so that only a strip along the edge is worked. */
public sealed interface LiftedBack extends Job permits BackBevel, ThinRuleStrip {
    /** How far the back is lifted. */
    Angle lift();

    @Override
    default Optional<Angle> angle() {
        return Optional.of(lift());
    }

    @Override
    default boolean backSide() {
        return true;
    }

    @Override
    default Blade after(Blade before) {
        return BladeChange.of(before).with("backBevel", lift().degrees()).blade();
    }
}
