package truekeen.core.angle;

import java.util.List;
import java.util.Optional;
import truekeen.core.quantity.Angle;

/**
 * Angles chosen for a tool, in the convention of its family.
 *
 * @param primary ground bevel
 * @param step what the secondary adds; zero where there is to be none
 * @param floor lowest sound last bevel of the steel; empty where the tool has no apex
 * @param primaryKept whether the present primary was kept
 * @param belowFloor whether the last bevel stays below the floor although all was raised that may be
 * @param reasons why, one line for each thing that decided
 */
public record AngleChoice(
        Angle primary,
        Angle step,
        Optional<Angle> floor,
        boolean primaryKept,
        boolean belowFloor,
        List<String> reasons) {

    /** The bevel at the apex: primary and step together. */
    public Angle last() {
        return primary.plus(step);
    }
}
