package truekeen.core.angle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.core.quantity.Angle;
import truekeen.core.steel.SteelClass;
import truekeen.core.tool.Trade;

/**
 * Chooses primary and last bevel of a flat-back tool.
 *
 * <p>A present primary inside the trade's range is kept, else the usual one taken. The secondary adds its usual step.
 * Where that lies below the steel's lowest sound last bevel, the step is raised as far as it may be, then the primary
 * as far as the trade allows; what is still too low is kept and warned of, since the floor warns and does not forbid.
 * Source: workshop prior.
 */
public final class AngleChooser {
    private static final double SLACK_DEG = 1e-9;

    private AngleChooser() {}

    /** Chooses the angles; {@code present} is the primary the tool has now, if it has one. */
    public static AngleChoice choose(Trade trade, SteelClass steel, Optional<Angle> present) {
        List<String> reasons = new ArrayList<>();
        boolean kept = present.filter(p -> inRange(p, trade)).isPresent();
        Angle primary = kept ? present.get() : trade.primaryUsual();
        if (kept) {
            reasons.add("The present primary of " + primary + " lies within " + trade.primaryLow() + " to "
                    + trade.primaryHigh() + " for this work, so it is kept: no steel goes for it.");
        } else if (present.isPresent()) {
            reasons.add("The present primary of " + present.get() + " lies outside " + trade.primaryLow() + " to "
                    + trade.primaryHigh() + " for this work, so it is reground to the usual " + primary + ".");
        } else {
            reasons.add("The usual primary for this work is " + primary + ".");
        }
        Angle step = trade.stepUsual();
        reasons.add("The secondary adds its usual " + step + ": only a sliver is honed.");
        Angle floor = steel.lowestFromBack();
        if (primary.plus(step).degrees() < floor.degrees() - SLACK_DEG) {
            Angle wanted = Angle.min(floor.minus(primary), trade.stepMax());
            if (wanted.compareTo(step) > 0) {
                step = wanted;
                reasons.add("The steel (" + steel.name() + ") holds no last bevel under " + floor
                        + ", so the step is raised to " + step + ".");
            }
        }
        if (primary.plus(step).degrees() < floor.degrees() - SLACK_DEG) {
            Angle raised = Angle.min(floor.minus(step), trade.primaryHigh());
            if (raised.compareTo(primary) > 0) {
                primary = raised;
                kept = false;
                reasons.add("The step may not grow further, so the primary is raised to " + primary + ".");
            }
        }
        boolean below = primary.plus(step).degrees() < floor.degrees() - SLACK_DEG;
        if (below) {
            reasons.add("At " + primary.plus(step) + " the edge stays below what this steel is known to hold, " + floor
                    + ": it may crumble. Go on only knowingly.");
        }
        return new AngleChoice(primary, step, floor, kept, below, List.copyOf(reasons));
    }

    private static boolean inRange(Angle present, Trade trade) {
        return present.degrees() >= trade.primaryLow().degrees() - SLACK_DEG
                && present.degrees() <= trade.primaryHigh().degrees() + SLACK_DEG;
    }
}
