package truekeen.core.angle;

import java.util.List;
import truekeen.core.quantity.Angle;

/**
 * Angles chosen for a flat-back tool, from the back.
 *
 * @param primary ground bevel
 * @param step what the secondary adds
 * @param floor lowest sound last bevel of the steel
 * @param primaryKept whether the present primary was kept
 * @param belowFloor whether the last bevel stays below the floor although all was raised that may be
 * @param reasons why, one line for each thing that decided
 */
public record AngleChoice(
        Angle primary, Angle step, Angle floor, boolean primaryKept, boolean belowFloor, List<String> reasons) {

    /** The bevel at the apex: primary and step together. */
    public Angle last() {
        return primary.plus(step);
    }
}
