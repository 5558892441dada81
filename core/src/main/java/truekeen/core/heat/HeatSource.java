package truekeen.core.heat;

import java.util.Arrays;
import java.util.Optional;

/**
 * How much of the work of an abrasive goes into the steel: power = partition × specific energy × removal rate. Sources:
 * workshop priors.
 */
public enum HeatSource {
    DRY_WHEEL("dry grinding wheel", 0.75, 40, 1, 6, 0.3, 1),
    BELT("abrasive belt", 0.6, 20, 3, 15, 1, 3),
    SLOW_WET_WHEEL("slow wet wheel", 0.3, 40, 0.2, 0.8, 0.2, 0.4);

    private final String kind;
    private final double partition;
    private final double jouleMm3;
    private final double slow;
    private final double fast;
    private final double lightSlow;
    private final double lightFast;

    HeatSource(
            String kind,
            double partition,
            double jouleMm3,
            double slow,
            double fast,
            double lightSlow,
            double lightFast) {
        this.kind = kind;
        this.partition = partition;
        this.jouleMm3 = jouleMm3;
        this.slow = slow;
        this.fast = fast;
        this.lightSlow = lightSlow;
        this.lightFast = lightFast;
    }

    /** The source that a kind of abrasive is, if it heats. */
    public static Optional<HeatSource> of(String kind) {
        return Arrays.stream(values()).filter(s -> s.kind.equals(kind)).findFirst();
    }

    /** Heat into the steel (W) at a removal rate (mm³/s). */
    public double watts(double mm3PerSecond) {
        return partition * jouleMm3 * mm3PerSecond;
    }

    double slow() {
        return slow;
    }

    /** Working removal at the faster end (mm³/s). */
    public double fast() {
        return fast;
    }

    double lightSlow() {
        return lightSlow;
    }

    /** Light removal at the faster end (mm³/s). */
    public double lightFast() {
        return lightFast;
    }
}
