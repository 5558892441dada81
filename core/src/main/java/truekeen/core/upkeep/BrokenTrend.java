package truekeen.core.upkeep;

import java.util.Arrays;
import truekeen.core.quantity.Median;
import truekeen.core.table.Prior;

/**
 * Which readings break the trend that the others make: those left over by more than three times the usual, where the
 * usual is 1.4826 times the median of what all leave over. A median does not see the wild ones it is to find. Readings
 * that lie closer together than a tester repeats itself are not told from each other. Before ten readings can speak, what
 * is usual is a prior: a slip is asked about while the edge is still there to be read again.
 *
 * <p>Source: the factor 1.4826 makes the median deviation of a normal spread its standard deviation; three of them is a
 * workshop prior.
 */
public final class BrokenTrend {
    /** Readings beyond those that make the trend, from which they say themselves what is usual. */
    private static final int SPEAK_FROM = 10;

    private static final double MEDIAN_TO_DEVIATION = 1.4826;

    private BrokenTrend() {}

    /**
     * Whether each breaks it.
     *
     * @param left what each reading leaves over beside its trend, as a share of it (or a logarithm)
     * @param fitted how many figures the trend was made of: as many readings, the nearest, lie on it without saying
     *     anything, and do not count for the median
     */
    public static boolean[] breaks(double[] left, int fitted) {
        boolean[] out = new boolean[left.length];
        if (left.length <= fitted) {
            return out;
        }
        double[] sizes = Arrays.stream(left).map(Math::abs).toArray();
        double[] sorted = sizes.clone();
        Arrays.sort(sorted);
        double usual = left.length - fitted < SPEAK_FROM
                ? Prior.TREND_USUAL_SHARE.value()
                : MEDIAN_TO_DEVIATION * Median.of(Arrays.copyOfRange(sorted, fitted, sorted.length));
        double limit = Prior.TREND_BROKEN_FROM.value() * Math.max(usual, Prior.TESTER_REPEATS_SHARE.value());
        for (int i = 0; i < left.length; i++) {
            out[i] = sizes[i] > limit;
        }
        return out;
    }
}
