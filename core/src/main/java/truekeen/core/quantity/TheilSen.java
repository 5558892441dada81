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
     */
    public static TheilSen through(double[] x, double[] y) {
        if (x.length > MOST_POINTS) {
            double[][] grouped = grouped(x, y);
            return through(grouped[0], grouped[1]);
        }
        double[] slopes = new double[x.length * (x.length - 1) / 2];
        int found = 0;
        for (int i = 0; i < x.length; i++) {
            for (int j = i + 1; j < x.length; j++) {
                if (x[i] != x[j]) {
                    slopes[found++] = (y[j] - y[i]) / (x[j] - x[i]);
                }
            }
        }
        if (found == 0) {
            throw new IllegalArgumentException("a line needs two places");
        }
        double slope = Median.of(Arrays.copyOf(slopes, found));
        double[] left = new double[x.length];
        for (int i = 0; i < x.length; i++) {
            left[i] = y[i] - slope * x[i];
        }
        return new TheilSen(Median.of(left), slope);
    }

    /** Neighbours in groups of as many points each. */
    private static double[][] grouped(double[] x, double[] y) {
        Integer[] order = new Integer[x.length];
        Arrays.setAll(order, i -> i);
        Arrays.sort(order, (a, b) -> Double.compare(x[a], x[b]));
        double[][] out = new double[2][MOST_POINTS];
        for (int g = 0; g < MOST_POINTS; g++) {
            int from = (int) ((long) g * x.length / MOST_POINTS);
            int to = (int) ((long) (g + 1) * x.length / MOST_POINTS);
            double[] gx = new double[to - from];
            double[] gy = new double[to - from];
            for (int i = from; i < to; i++) {
                gx[i - from] = x[order[i]];
                gy[i - from] = y[order[i]];
            }
            out[0][g] = Median.of(gx);
            out[1][g] = Median.of(gy);
        }
        return out;
    }

    /** Height at x. */
    public double at(double x) {
        return start + slope * x;
    }
}
