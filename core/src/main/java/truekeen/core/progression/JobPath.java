package truekeen.core.progression;

import java.util.List;

/**
 * The path of one job: of least time, unless something else was asked for.
 *
 * @param job the job
 * @param legs abrasives in order
 * @param passedOver what else stands on the shelf, and why it is not used
 * @param flags what was relaxed, or is to be known
 * @param oilOnTool whether the tool is oily afterwards
 * @param answered the answer that the legs are
 * @param alternatives each answer, the chosen one among them
 * @param freelySeconds least time if nothing were asked for (s)
 */
public record JobPath(
        StoneWork job,
        List<Leg> legs,
        List<PassedOver> passedOver,
        List<String> flags,
        boolean oilOnTool,
        Answer answered,
        List<Alternative> alternatives,
        double freelySeconds) {
    /** Time in all (s). */
    public double seconds() {
        return legs.stream().mapToDouble(Leg::seconds).sum();
    }

    /** Steel that goes in all (mm³). */
    public double volumeMm3() {
        return legs.stream().mapToDouble(Leg::volumeMm3).sum();
    }

    /** Scratch left at the end (µm). */
    public double scratchLeftUm() {
        return legs.get(legs.size() - 1).scratchAfterUm();
    }
}
