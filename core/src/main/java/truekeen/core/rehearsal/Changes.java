package truekeen.core.rehearsal;

import java.util.Map;
import java.util.Set;
import truekeen.core.stepsheet.Step;

/**
 * What is done otherwise than the sheet says.
 *
 * @param skipped indexes of steps that are left out
 * @param steeperDeg by how much the stones are laid steeper (°); less than 0 for lower
 * @param stropping how many times as many strokes on strops
 * @param shakier how many times as shaky a hand
 * @param blind whether no gate is asked: the counts of the sheet and no stroke more
 * @param counts how many times the planned strokes of a step are made, by its index; once where it is not named
 */
public record Changes(
        Set<Integer> skipped,
        double steeperDeg,
        double stropping,
        double shakier,
        boolean blind,
        Map<Integer, Double> counts) {
    /** By the sheet. */
    public static final Changes NONE = new Changes(Set.of(), 0, 1, 1);

    /** By the counts of the sheet, whatever the gates would say. */
    public static final Changes BLIND = new Changes(Set.of(), 0, 1, 1, true, Map.of());

    /** Keeps the parts from changing. */
    public Changes {
        skipped = Set.copyOf(skipped);
        counts = Map.copyOf(counts);
    }

    /** With the gates of the sheet and its counts. */
    public Changes(Set<Integer> skipped, double steeperDeg, double stropping, double shakier) {
        this(skipped, steeperDeg, stropping, shakier, false, Map.of());
    }

    /** Strokes on each side of a step. */
    int each(Step step, int index) {
        double times = (step.kind() == Step.Kind.STROP ? stropping : 1) * counts.getOrDefault(index, 1.0);
        return (int) Math.round(step.strokes() * times);
    }
}
