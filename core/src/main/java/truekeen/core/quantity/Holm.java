package truekeen.core.quantity;

import java.util.Arrays;

/**
 * Chances of several comparisons made at once, raised so that none of them is taken for real too often.
 *
 * <p>Source: S. Holm (1979).
 */
public final class Holm {
    private Holm() {}

    /** The raised chances, in the order they were given; none over 1. */
    public static double[] raised(double... chances) {
        Integer[] order = new Integer[chances.length];
        Arrays.setAll(order, i -> i);
        Arrays.sort(order, (a, b) -> Double.compare(chances[a], chances[b]));
        double[] out = new double[chances.length];
        double least = 0;
        for (int i = 0; i < order.length; i++) {
            least = Math.max(least, Math.min(1, (order.length - i) * chances[order[i]]));
            out[order[i]] = least;
        }
        return out;
    }
}
