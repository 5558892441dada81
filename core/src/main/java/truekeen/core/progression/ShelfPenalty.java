package truekeen.core.progression;

import java.util.Arrays;
import java.util.List;
import java.util.function.BiPredicate;
import truekeen.core.abrasive.Abrasive;

/** What costs time on an abrasive without barring it, each with its reason. Times are workshop priors. */
public enum ShelfPenalty {
    GLAZED("glazed: it is dressed first", 60, (a, use) -> a.state().glazed()),
    DUG_INTO(
            "soft, and this bevel is steep and narrow: it digs in, so the hand goes light and slow",
            20,
            (a, use) -> a.nature().firmness() == Abrasive.Firmness.SOFT
                    && use.job.bevel().digsIn()),
    BURR_HANGS_ON(
            "soft: the burr is hard to take off on it",
            15,
            (a, use) -> a.nature().firmness() == Abrasive.Firmness.SOFT && use.last);

    private record Use(StoneWork job, boolean last) {}

    private final String reason;
    private final double seconds;
    private final BiPredicate<Abrasive, Use> applies;

    ShelfPenalty(String reason, double seconds, BiPredicate<Abrasive, Use> applies) {
        this.reason = reason;
        this.seconds = seconds;
        this.applies = applies;
    }

    /** The reason, in words. */
    public String reason() {
        return reason;
    }

    /** What it costs (s). */
    public double seconds() {
        return seconds;
    }

    /** What applies to an abrasive in a job. */
    public static List<ShelfPenalty> of(Abrasive abrasive, StoneWork job, boolean last) {
        Use use = new Use(job, last);
        return Arrays.stream(values())
                .filter(p -> p.applies.test(abrasive, use))
                .toList();
    }
}
