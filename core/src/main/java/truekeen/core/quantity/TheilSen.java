package truekeen.core.quantity;

import java.util.Arrays;

/**
 * A straight line through scattered points that few wild ones do not turn: its slope is the median of the slopes of all
 * pairs, its height the median of what is left.
 *
 * <p>Source: H. Theil (1950), P. K. Sen (1968).
 *
 * @param start height at 0
 * @param slope rise for one of x
 */
public record TheilSen(double start, double slope) {
    /** More points than this are first gathered into groups of neighbours, each by its medians. */
    static final int MOST_POINTS = 40;

    /**
     * The line.
     *
     * @param x where, at least two of them different
     * @param y how much there
     * @throws IllegalArgumentException where all points stand at one place
     */
    public static TheilSen through(double[] x, double[] y) {
        return new Places(x).line(y);
    }

    /** Height at x. */
    public double at(double x) {
        return start + slope * x;
    }

    /** Places through which line after line is drawn: what does not hang on the heights is worked out once. */
    public static final class Places {
        private final Integer[] order;
        private final int groups;
        private final double[] x;

        /**
         * The places.
         *
         * @param x in any order
         */
        public Places(double[] x) {
            this.order = new Integer[x.length];
            Arrays.setAll(order, i -> i);
            this.groups = Math.min(x.length, MOST_POINTS);
            if (x.length > MOST_POINTS) {
                Arrays.sort(order, (a, b) -> Double.compare(x[a], x[b]));
            }
            this.x = grouped(x);
        }

        /**
         * The line through heights at these places.
         *
         * @param y as many as there are places, in their order
         * @throws IllegalArgumentException where all points stand at one place
         */
        public TheilSen line(double[] y) {
            double[] height = grouped(y);
            double[] slopes = new double[groups * (groups - 1) / 2];
            int found = 0;
            for (int i = 0; i < groups; i++) {
                for (int j = i + 1; j < groups; j++) {
                    if (x[i] != x[j]) {
                        slopes[found++] = (height[j] - height[i]) / (x[j] - x[i]);
                    }
                }
            }
            if (found == 0) {
                throw new IllegalArgumentException("a line needs two places");
            }
            double slope = Median.of(Arrays.copyOf(slopes, found));
            double[] left = new double[groups];
            for (int i = 0; i < groups; i++) {
                left[i] = height[i] - slope * x[i];
            }
            return new TheilSen(Median.of(left), slope);
        }

        /** Neighbours in groups of as many points each, by their medians; few points stay as they are. */
        private double[] grouped(double[] of) {
            double[] out = new double[groups];
            for (int g = 0; g < groups; g++) {
                int from = (int) ((long) g * order.length / groups);
                int to = (int) ((long) (g + 1) * order.length / groups);
                double[] group = new double[to - from];
                for (int i = from; i < to; i++) {
                    group[i - from] = of[order[i]];
                }
                out[g] = group.length == 1 ? group[0] : Median.of(group);
            }
            return out;
        }
    }
}
