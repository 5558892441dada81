package truekeen.core.bench;

import java.util.List;
import truekeen.core.quantity.Median;

/**
 * Whether an instrument has come to rest, and where: the median of what it read over its last second.
 *
 * @param settled whether enough was read and all of it lies within the instrument's own span
 * @param value the median; not a number where nothing was read
 * @param span largest less smallest
 */
public record Settling(boolean settled, double value, double span) {
    private static final long WINDOW_MS = 1000;
    private static final int LEAST = 3;

    /**
     * A value and when it came.
     *
     * @param atMs by the clock of the machine (ms)
     */
    public record Sample(long atMs, double value) {}

    /** Judges the newest values, oldest first. */
    public static Settling of(List<Sample> samples, Instrument instrument) {
        if (samples.isEmpty()) {
            return new Settling(false, Double.NaN, 0);
        }
        long last = samples.get(samples.size() - 1).atMs();
        double[] values = samples.stream()
                .filter(s -> s.atMs() >= last - WINDOW_MS)
                .mapToDouble(Sample::value)
                .sorted()
                .toArray();
        double span = values[values.length - 1] - values[0];
        return new Settling(values.length >= LEAST && span <= instrument.settledWithin(), Median.of(values), span);
    }
}
