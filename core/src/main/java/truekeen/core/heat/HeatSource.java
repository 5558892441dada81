package truekeen.core.heat;

/**
 * How much of the work of an abrasive goes into the steel: power = partition × specific energy × removal rate. Sources:
 * workshop priors.
 */
public enum HeatSource {
    DRY_WHEEL(0.75, 40),
    BELT(0.6, 20),
    SLOW_WET_WHEEL(0.3, 40);

    private final double partition;
    private final double jouleMm3;

    HeatSource(double partition, double jouleMm3) {
        this.partition = partition;
        this.jouleMm3 = jouleMm3;
    }

    /** Heat into the steel (W) at a removal rate (mm³/s). */
    public double watts(double mm3PerSecond) {
        return partition * jouleMm3 * mm3PerSecond;
    }
}
