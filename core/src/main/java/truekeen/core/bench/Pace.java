package truekeen.core.bench;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import truekeen.core.quantity.Median;
import truekeen.core.table.Prior;

/** How fast a hand works, from the times of its counts. */
public final class Pace {
    /** Longer between two counts is a pause, not a stroke (s). Prior. */
    private static final double PAUSE_S = Prior.PACE_PAUSE_S.value();

    /** Nobody takes a stroke in less: two touches of one finger, or counts that were caught up with (s). Prior. */
    private static final double QUICKEST_S = Prior.PACE_QUICKEST_S.value();

    private static final int LEAST = Prior.PACE_LEAST.whole();

    private Pace() {}

    /**
     * Median seconds for a stroke at a step; empty where fewer than three believable gaps between counts are known.
     *
     * @param events of the session, in order
     */
    public static OptionalDouble secondsPerStroke(List<BenchEvent> events, int step) {
        List<Double> gaps = new ArrayList<>();
        BenchEvent before = null;
        for (BenchEvent event : events) {
            if (event.kind() != BenchEvent.Kind.COUNT || event.step() != step) {
                continue;
            }
            if (before != null && before.device().equals(event.device())) {
                double gap = Duration.between(before.at(), event.at()).toMillis() / 1000.0;
                double each = gap / event.amount();
                if (each >= QUICKEST_S && gap <= PAUSE_S) {
                    gaps.add(each);
                }
            }
            before = event;
        }
        if (gaps.size() < LEAST) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(Median.of(gaps.stream().mapToDouble(g -> g).toArray()));
    }
}
