package truekeen.core.rehearsal;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import truekeen.core.stepsheet.Step;

/**
 * What is done otherwise than the sheet says.
 *
 * @param skipped indexes of steps that are left out
 * @param earlier indexes of steps that are made before the worked step that comes before them on the sheet
 * @param stones what is taken instead of an abrasive, by its id; nothing for what the sheet names
 * @param steeperDeg by how much the stones are laid steeper (°); less than 0 for lower
 * @param pressing how many times as hard stones are pressed
 * @param stropping how many times as many strokes on strops
 * @param shakier how many times as shaky a hand
 * @param blind whether no gate is asked: the counts of the sheet and no stroke more
 * @param counts how many times the planned strokes of a step are made, by its index; once where it is not named
 */
public record Changes(
        Set<Integer> skipped,
        Set<Integer> earlier,
        Map<String, String> stones,
        double steeperDeg,
        double pressing,
        double stropping,
        double shakier,
        boolean blind,
        Map<Integer, Double> counts) {
    /** By the sheet. */
    public static final Changes NONE = of(Set.of(), 0, 1, 1);

    /** By the counts of the sheet, whatever the gates would say. */
    public static final Changes BLIND = NONE.blindly();

    /** Keeps the parts from changing. */
    public Changes {
        skipped = Set.copyOf(skipped);
        earlier = Set.copyOf(earlier);
        stones = Map.copyOf(stones);
        counts = Map.copyOf(counts);
    }

    /** With the stones, gates and counts of the sheet. */
    public static Changes of(Set<Integer> skipped, double steeperDeg, double stropping, double shakier) {
        return new Changes(skipped, Set.of(), Map.of(), steeperDeg, 1, stropping, shakier, false, Map.of());
    }

    /** On other stones, by the id of what the sheet names. */
    public Changes on(Map<String, String> others) {
        return new Changes(skipped, earlier, others, steeperDeg, pressing, stropping, shakier, blind, counts);
    }

    /** Pressed so many times as hard. */
    public Changes pressed(double times) {
        return new Changes(skipped, earlier, stones, steeperDeg, times, stropping, shakier, blind, counts);
    }

    /** With some steps made before the worked one that comes before them. */
    public Changes earlier(Set<Integer> steps) {
        return new Changes(skipped, steps, stones, steeperDeg, pressing, stropping, shakier, blind, counts);
    }

    /** With so many times the planned strokes of a step, by its index. */
    public Changes counted(Map<Integer, Double> times) {
        return new Changes(skipped, earlier, stones, steeperDeg, pressing, stropping, shakier, blind, times);
    }

    /** With no gate asked. */
    public Changes blindly() {
        return new Changes(skipped, earlier, stones, steeperDeg, pressing, stropping, shakier, true, counts);
    }

    /** Strokes on each side of a step. */
    int each(Step step, int index) {
        double times = (step.kind() == Step.Kind.STROP ? stropping : 1) * counts.getOrDefault(index, 1.0);
        return (int) Math.round(step.strokes() * times);
    }

    /** What a step is done on. */
    String on(Step step) {
        return stones.getOrDefault(step.abrasiveId(), step.abrasiveId());
    }

    /** The steps in the order they are made in, by their indexes on the sheet. */
    List<Integer> order(List<Step> steps) {
        List<Integer> order =
                new ArrayList<>(IntStream.range(0, steps.size()).boxed().toList());
        for (int i = 0; i < steps.size(); i++) {
            if (earlier.contains(i)) {
                int at = order.indexOf(i);
                int before = at - 1;
                while (before >= 0 && !steps.get(order.get(before)).counted()) {
                    before--;
                }
                if (before >= 0) {
                    Collections.swap(order, before, at);
                }
            }
        }
        return order;
    }
}
