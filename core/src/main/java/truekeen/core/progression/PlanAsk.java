package truekeen.core.progression;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import truekeen.core.job.JobKind;
import truekeen.core.section.TargetBevel;

/**
 * What is asked of a plan beside the state of the tool and the shelf.
 *
 * @param loggedScratchUm scratch the last session left on the bevel (µm), if one is logged
 * @param grindOn id of the wheel or belt chosen to shape the primary; ignored where none is wanted
 * @param wishes what is wished of single jobs; those not named are planned for least time
 * @param target the bevels that are to be, as far as they decide what lies well on a stone
 * @param strop the strop that was asked for; empty where what follows the last stone is taken
 * @param hardnessHrc hardness of the blade (HRC), if it is known: a file skates over what is hard
 */
public record PlanAsk(
        OptionalDouble loggedScratchUm,
        Optional<String> grindOn,
        Map<JobKind, Wish> wishes,
        Optional<TargetBevel> target,
        Optional<StropWish> strop,
        OptionalDouble hardnessHrc) {
    /** Keeps the wishes from changing. */
    public PlanAsk {
        wishes = Map.copyOf(wishes);
    }

    /** Nothing beyond what is logged and where it is ground. */
    public PlanAsk(OptionalDouble loggedScratchUm, Optional<String> grindOn) {
        this(loggedScratchUm, grindOn, Map.of(), Optional.empty());
    }

    /** The same with the shaping done on another machine, or on none. */
    public PlanAsk groundOn(Optional<String> machine) {
        return new PlanAsk(loggedScratchUm, machine, wishes, target, strop, hardnessHrc);
    }

    /** The same for other bevels. */
    public PlanAsk at(TargetBevel other) {
        return new PlanAsk(loggedScratchUm, grindOn, wishes, Optional.of(other), strop, hardnessHrc);
    }

    /** The same of a blade whose hardness is not known. */
    public PlanAsk(
            OptionalDouble loggedScratchUm,
            Optional<String> grindOn,
            Map<JobKind, Wish> wishes,
            Optional<TargetBevel> target) {
        this(loggedScratchUm, grindOn, wishes, target, Optional.empty(), OptionalDouble.empty());
    }
}
