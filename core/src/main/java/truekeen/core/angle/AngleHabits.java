package truekeen.core.angle;

import java.util.Optional;
import truekeen.core.quantity.Angle;

/**
 * What a shop's house rules say about angles.
 *
 * @param form how bevels are built where the family leaves a choice
 * @param step the secondary step the shop always takes; empty to go by tool and work
 * @param repeat whether a present angle within a degree is kept, since a new angle every time is worse than one a
 *     degree off
 */
public record AngleHabits(Form form, Optional<Angle> step, boolean repeat) {
    /** What holds where nobody chose: primary and secondary, steps by tool and work, the same setting repeated. */
    public static final AngleHabits USUAL = new AngleHabits(Form.PRIMARY_AND_SECONDARY, Optional.empty(), true);

    /** How a bevel is built. */
    public enum Form {
        SINGLE_FLAT,
        PRIMARY_AND_SECONDARY,
        HOLLOW
    }
}
