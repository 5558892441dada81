package truekeen.core.holding;

import java.util.Optional;
import java.util.OptionalDouble;
import truekeen.core.quantity.Length;
import truekeen.core.setup.WheelSpeed;

/**
 * A wheel as it is now.
 *
 * @param name what it is called at the bench
 * @param kind what it is made of
 * @param diameter by caliper, after the last truing
 * @param perMinute turns a minute, where known
 * @param markedSpeed surface speed marked on it (m/s), where it bears one
 */
public record Wheel(String name, Kind kind, Length diameter, OptionalDouble perMinute, OptionalDouble markedSpeed) {

    /** What wheels are made of. */
    public enum Kind {
        DRY_STONE("dry grinding wheel", false),
        WET_STONE("slow wet wheel", false),
        PAPER_DISC("wheel faced with abrasive paper", false),
        LEATHER("leather wheel", true),
        FELT("felt wheel", true);

        private final String words;
        private final boolean soft;

        Kind(String words, boolean soft) {
            this.words = words;
            this.soft = soft;
        }

        /** What it is called. */
        public String words() {
            return words;
        }

        /** Whether it gives under the edge: it polishes, runs away from the edge, and rounds what is held too steep. */
        public boolean soft() {
            return soft;
        }
    }

    /** R. */
    public Length radius() {
        return diameter.dividedBy(2);
    }

    /** Surface speed (m/s), where the turns are known. */
    public Optional<Double> speed() {
        return perMinute.isEmpty()
                ? Optional.empty()
                : Optional.of(WheelSpeed.metresPerSecond(diameter, perMinute.getAsDouble()));
    }

    /**
     * Makes sure it runs within its marking, where both are known.
     *
     * @throws truekeen.core.message.RefusedException above it
     */
    public void requireWithinMarking() {
        if (perMinute.isPresent() && markedSpeed.isPresent()) {
            WheelSpeed.requireWithin(diameter, perMinute.getAsDouble(), markedSpeed.getAsDouble());
        }
    }
}
