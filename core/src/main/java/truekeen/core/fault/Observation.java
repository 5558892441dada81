package truekeen.core.fault;

import java.util.Optional;
import truekeen.core.keenness.Stretch;
import truekeen.core.message.Numbers;

/**
 * A sign, and where it was met.
 *
 * @param sign what was seen
 * @param where the part of the edge; empty where it holds for the whole, or where nobody said
 */
public record Observation(Sign sign, Optional<Stretch> where) {
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
        return sign.words()
                + where.map(w -> ", " + Numbers.plain(w.fromMm(), 1) + " to " + Numbers.plain(w.toMm(), 1) + " mm")
                        .orElse("");
    }
}
