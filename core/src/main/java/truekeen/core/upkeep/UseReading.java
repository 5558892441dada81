package truekeen.core.upkeep;

/**
 * How keen an edge was after some work.
 *
 * @param use work since its last full sharpening, in the unit of its work; 0 or more
 * @param index keenness index: the reading over the shop's own of a new utility blade; above 0
 */
public record UseReading(double use, double index) {
    /** Refuses what is no reading. */
    public UseReading {
        if (!(use >= 0) || !(index > 0) || Double.isInfinite(use) || Double.isInfinite(index)) {
            throw new IllegalArgumentException("no reading: " + index + " after " + use);
        }
    }
}
