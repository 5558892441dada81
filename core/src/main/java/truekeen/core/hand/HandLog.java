package truekeen.core.hand;

import java.util.ArrayList;
import java.util.List;
import truekeen.core.abrasive.Abrasive;

/** What one person's sessions teach, read from the whole log: the way sums are worked out anew. */
public final class HandLog {
    private final HandSums sums = new HandSums();
    private final List<StandsOut> standing = new ArrayList<>();

    private HandLog() {}

    /** Learns from the sessions of one person, oldest first. */
    public static HandLog of(List<StrokeRatio> oldestFirst) {
        HandLog log = new HandLog();
        oldestFirst.forEach(log::take);
        return log;
    }

    private void take(StrokeRatio seen) {
        if (seen.judged() == StrokeRatio.Judged.STONE) {
            return;
        }
        if (seen.judged() == StrokeRatio.Judged.OPEN) {
            var out = sums.standsOut(seen);
            if (out.isPresent()) {
                standing.add(out.get());
                return;
            }
        }
        sums.learn(seen);
    }

    /** Sessions that stand out and wait to be judged; none of them was learned. */
    public List<StandsOut> standingOut() {
        return List.copyOf(standing);
    }

    /** The sums of those that were learned. */
    public HandSums sums() {
        return sums;
    }

    /** What is to be expected on a piece, of a kind, on a steel. */
    public Abrasive.Effort effort(String abrasiveId, String kind, String steel) {
        return sums.effort(abrasiveId, kind, steel);
    }
}
