package truekeen.core.training;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * What somebody practised so far, and what to practise next.
 *
 * @param rounds in the order they were worked
 */
public record TrainingRecord(List<Round> rounds) {
    /** Right answers in a row after which it gets harder, and wrong ones after which it gets easier. */
    private static final int HARDER_AFTER = 3;

    private static final int EASIER_AFTER = 2;

    /** One round. */
    public record Round(Exercise exercise, int grade, boolean right) {}

    /** Keeps the list from changing. */
    public TrainingRecord {
        rounds = List.copyOf(rounds);
    }

    /** How many rounds of an exercise were worked. */
    public int tried(Exercise exercise) {
        return (int) rounds.stream().filter(r -> r.exercise == exercise).count();
    }

    /** How many of them were right. */
    public int right(Exercise exercise) {
        return (int)
                rounds.stream().filter(r -> r.exercise == exercise && r.right).count();
    }

    /** How hard the next round of an exercise is: harder after three right ones in a row, easier after two wrong ones. */
    public int grade(Exercise exercise) {
        int grade = 1;
        int inRow = 0;
        for (Round round : rounds) {
            if (round.exercise != exercise) {
                continue;
            }
            inRow = round.right ? Math.max(0, inRow) + 1 : Math.min(0, inRow) - 1;
            if (inRow >= HARDER_AFTER && grade < Exercise.GRADES) {
                grade++;
                inRow = 0;
            } else if (inRow <= -EASIER_AFTER && grade > 1) {
                grade--;
                inRow = 0;
            }
        }
        return grade;
    }

    /** What to practise next: what was never tried, in its order, else what comes out right least often. */
    public Exercise next() {
        Map<Exercise, Double> share = new EnumMap<>(Exercise.class);
        for (Exercise e : Exercise.values()) {
            // One round that went right and one that went wrong are taken as known of everybody.
            share.put(e, tried(e) == 0 ? -1.0 : (right(e) + 1.0) / (tried(e) + 2.0) + grade(e));
        }
        return share.entrySet().stream()
                .min(Comparator.comparingDouble(Map.Entry::getValue))
                .orElseThrow()
                .getKey();
    }
}
