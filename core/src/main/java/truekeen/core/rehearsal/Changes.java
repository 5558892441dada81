package truekeen.core.rehearsal;

import java.util.Set;

/**
 * What is done otherwise than the sheet says.
 *
 * @param skipped indexes of steps that are left out
 * @param steeperDeg by how much the stones are laid steeper (°); less than 0 for lower
 * @param stropping how many times as many strokes on strops
 * @param shakier how many times as shaky a hand
 */
public record Changes(Set<Integer> skipped, double steeperDeg, double stropping, double shakier) {
    /** By the sheet. */
    public static final Changes NONE = new Changes(Set.of(), 0, 1, 1);

    /** Keeps the steps from changing. */
    public Changes {
        skipped = Set.copyOf(skipped);
    }
}
