package truekeen.core.quantity;

import java.util.Arrays;

/** The middle of some numbers: half of them lie on either side. */
public final class Median {
    private Median() {}

    /**
     * The median; of an even count the mean of the middle two.
     *
     * @param values in any order, at least one
     */
    public static double of(double... values) {
        if (values.length == 0) {
            throw new IllegalArgumentException("nothing has no middle");
        }
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        int half = sorted.length / 2;
        return sorted.length % 2 == 1 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2;
    }
}
