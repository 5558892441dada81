package truekeen.core.removal;

import java.util.Arrays;
import java.util.Optional;

/** How fast powered abrasives take steel at the bench, as ranges. Source: workshop prior. */
public enum PowerRate {
    DRY_WHEEL("dry grinding wheel", 1, 6, 0.3, 1),
    SLOW_WET_WHEEL("slow wet wheel", 0.2, 0.8, 0.2, 0.8),
    BELT("abrasive belt", 3, 15, 3, 15),
    PAPER_DISC("paper disc", 0.4, 0.6, 0.4, 0.6);

    /** Share of the steel that goes in the light last passes. */
    private static final double LAST_PASSES = 0.1;

    private final String kind;
    private final double slow;
    private final double fast;
    private final double slowLast;
    private final double fastLast;

    PowerRate(String kind, double slow, double fast, double slowLast, double fastLast) {
        this.kind = kind;
        this.slow = slow;
        this.fast = fast;
        this.slowLast = slowLast;
        this.fastLast = fastLast;
    }

    /** The rate of a kind of abrasive, if it runs under power. */
    public static Optional<PowerRate> of(String kind) {
        return Arrays.stream(values()).filter(r -> r.kind.equals(kind)).findFirst();
    }

    /** Fastest removal (mm³/s), near a finished edge or not. */
    public double fastest(boolean light) {
        return light ? fastLast : fast;
    }

    /** Slowest removal (mm³/s), near a finished edge or not. */
    public double slowest(boolean light) {
        return light ? slowLast : slow;
    }

    /** Least time for a volume (s): blunt first at the fast rate, the last tenth light. */
    public double leastSeconds(double volumeMm3) {
        return volumeMm3 * (1 - LAST_PASSES) / fast + volumeMm3 * LAST_PASSES / fastLast;
    }

    /** Most time for a volume (s). */
    public double mostSeconds(double volumeMm3) {
        return volumeMm3 * (1 - LAST_PASSES) / slow + volumeMm3 * LAST_PASSES / slowLast;
    }
}
