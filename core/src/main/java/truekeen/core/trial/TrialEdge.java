package truekeen.core.trial;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * One edge of a trial from fresh to its end.
 *
 * @param way which way it was finished, from 0
 * @param readings in any order
 * @param effort what it took to bring it back, where that was tried
 * @param end why it was not read to the last checkpoint
 */
public record TrialEdge(int way, List<TrialReading> readings, Optional<Effort> effort, End end) {
    /** Keeps the readings from changing. */
    public TrialEdge {
        readings = List.copyOf(readings);
    }

    /** Why an edge was not read any further. */
    public enum End {
        /** It was read to the end, or is still being used. */
        NONE,
        /** It was too dull to go on: from there it counts as that dull, which is the least it can be. */
        TOO_DULL,
        /** A chip, a nail, no time: nothing is known of it from there. */
        OTHER
    }

    /** The checkpoint at which it is read next; empty where it was read to the last, or is read no further. */
    public OptionalDouble next(double... checkpoints) {
        return end == End.NONE
                ? Arrays.stream(checkpoints)
                        .filter(use -> readings.stream().noneMatch(r -> r.use() == use))
                        .findFirst()
                : OptionalDouble.empty();
    }

    /** Whether it has not gone on since a checkpoint, so that what was read there can be read again. */
    public boolean standsAt(double use) {
        return end == End.NONE && readings.stream().noneMatch(r -> r.use() > use);
    }

    /** Force at each checkpoint over that of the fresh edge, mean of its stations; empty without a fresh reading. */
    public NavigableMap<Double, Double> dulling() {
        Map<Double, Double> means = readings.stream()
                .collect(Collectors.groupingBy(
                        TrialReading::use, TreeMap::new, Collectors.averagingDouble(TrialReading::grams)));
        Double fresh = means.get(0.0);
        NavigableMap<Double, Double> out = new TreeMap<>();
        if (fresh != null) {
            means.forEach((use, grams) -> out.put(use, grams / fresh));
        }
        return out;
    }

    /** How far it can be judged: its last checkpoint, or no end where it was given up for being too dull. */
    public double reaches() {
        NavigableMap<Double, Double> dulling = dulling();
        return dulling.isEmpty() ? 0 : end == End.TOO_DULL ? Double.POSITIVE_INFINITY : dulling.lastKey();
    }

    /**
     * The area under its dulling from fresh to some use, by that use: its mean dullness, 1 for an edge that never dulls.
     * Between checkpoints it is taken for straight.
     *
     * @param upTo more than 0
     * @return empty where it was not read so far
     */
    public OptionalDouble meanDullness(double upTo) {
        NavigableMap<Double, Double> dulling = dulling();
        if (dulling.isEmpty() || upTo > reaches()) {
            return OptionalDouble.empty();
        }
        double area = 0;
        double use = 0;
        double at = 1;
        for (Map.Entry<Double, Double> next : dulling.tailMap(0.0, false).entrySet()) {
            double to = Math.min(upTo, next.getKey());
            double there = at + (next.getValue() - at) * (to - use) / (next.getKey() - use);
            area += (to - use) * (at + there) / 2;
            use = to;
            at = there;
            if (use >= upTo) {
                return OptionalDouble.of(area / upTo);
            }
        }
        return OptionalDouble.of((area + (upTo - use) * at) / upTo);
    }
}
