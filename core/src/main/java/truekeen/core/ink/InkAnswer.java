package truekeen.core.ink;

import java.util.List;
import java.util.Optional;

/**
 * What an ink check says.
 *
 * @param finding what the setting does
 * @param words it in a sentence
 * @param off how far the setting is off; empty where it fits or where only the direction is known
 * @param also what else the ink shows: pressure, squareness, a lifted handle
 * @param unknown why no amount is given, where one might be expected; else empty
 */
public record InkAnswer(Finding finding, String words, Optional<Off> off, List<String> also, String unknown) {

    /** What the setting does, and which way it must go. */
    public enum Finding {
        /** Nothing has touched yet. */
        NOTHING(0),
        /** The setting is the bevel's own angle. */
        FITS(0),
        /** As intended: go on. */
        GOING_WELL(0),
        /** As intended, and far enough. */
        DONE(0),
        /** Lower than it should be: raise. */
        TOO_LOW(1),
        /** Steeper than it should be: lower. */
        TOO_HIGH(-1),
        /** The bevel curves outward: no one angle fits all of it. */
        ROUNDED(0),
        /** Heel at one end, edge at the other: turned in its holder. */
        TWISTED(0);

        private final int direction;

        Finding(int direction) {
            this.direction = direction;
        }

        /** 1 to raise, −1 to lower, 0 to leave. */
        public int direction() {
            return direction;
        }
    }

    /**
     * An angle by which the setting is off, without its direction (°).
     *
     * @param low least to be expected
     * @param likely most likely
     * @param high most to be expected
     */
    public record Off(double low, double likely, double high) {}

    /** Keeps the list from changing. */
    public InkAnswer {
        also = List.copyOf(also);
    }
}
