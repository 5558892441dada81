package truekeen.core.fault;

import java.util.Optional;
import truekeen.core.keenness.Stretch;
import truekeen.core.message.Numbers;
import truekeen.core.table.Prior;

/**
 * A sign, and where it was met.
 *
 * @param sign what was seen
 * @param where the part of the edge; empty where it holds for the whole, or where nobody said
 * @param earlier whether it was seen while the edge was still being worked: it has changed since, so that this says less
 */
public record Observation(Sign sign, Optional<Stretch> where, boolean earlier) {
    /** Share of its weight that an earlier observation keeps. Prior. */
    static final double EARLIER_SHARE = Prior.OBSERVATION_EARLIER_SHARE.value();

    /** Seen on the edge as it is now. */
    public Observation(Sign sign, Optional<Stretch> where) {
        this(sign, where, false);
    }

    /** The same, seen while the edge was still being worked. */
    public Observation whileWorked() {
        return new Observation(sign, where, true);
    }

    /** What it keeps of a weight. */
    double share() {
        return earlier ? EARLIER_SHARE : 1;
    }

    /** Seen, with no place. */
    public static Observation of(Sign sign) {
        return new Observation(sign, Optional.empty());
    }

    /** Seen from one place to another (mm). */
    public static Observation of(Sign sign, double fromMm, double toMm) {
        return new Observation(sign, Optional.of(new Stretch(fromMm, toMm)));
    }

    /** The same in words, with its place. */
    public String words() {
        return (earlier ? FaultWords.AT_THE_BENCH.words() : "")
                + sign.words()
                + where.map(w -> ", " + place(w)).orElse("");
    }

    /** A stretch of the edge in words. */
    static String place(Stretch where) {
        return FaultWords.PLACE.fill("from", Numbers.plain(where.fromMm(), 1), "to", Numbers.plain(where.toMm(), 1));
    }
}
