package truekeen.core.trial;

import java.util.List;
import java.util.OptionalDouble;
import truekeen.core.quantity.Permutation;

/**
 * How many times as long the edges of one way last as those of another: the stretch of the use by which the two dull
 * alike. Its interval holds every stretch that luck could make so in more than one case of ten (the permutation test
 * turned round), so that it holds the true one nine times in ten.
 *
 * <p>Source: derived here. Not robust: edges that hardly dull within the trial leave an end of it open.
 *
 * @param times likeliest stretch; empty where nothing between a sixteenth and sixteen makes them alike
 * @param low least, empty where open
 * @param high most, empty where open
 */
public record Lasting(OptionalDouble times, OptionalDouble low, OptionalDouble high) {
    private static final double MOST = Math.log(16);
    private static final double STEP = 0.05;
    private static final int HALVINGS = 14;
    /** Share of cases in which the interval misses. */
    static final double MISSES = 0.1;

    /**
     * The stretch between two ways.
     *
     * @param a edges of one way, all read to {@code upTo}
     * @param b edges of the other
     * @param upTo use to which both are compared
     */
    static Lasting of(List<TrialEdge> a, List<TrialEdge> b, double upTo) {
        int steps = (int) Math.ceil(MOST / STEP);
        OptionalDouble low = OptionalDouble.empty();
        OptionalDouble high = OptionalDouble.empty();
        boolean lowOpen = luck(a, b, upTo, -steps * STEP) > MISSES;
        boolean highOpen = luck(a, b, upTo, steps * STEP) > MISSES;
        double point = zero(a, b, upTo, steps * STEP);
        if (Double.isNaN(point)) {
            return new Lasting(OptionalDouble.empty(), low, high);
        }
        if (!lowOpen) {
            low = OptionalDouble.of(Math.exp(bound(a, b, upTo, point, -STEP)));
        }
        if (!highOpen) {
            high = OptionalDouble.of(Math.exp(bound(a, b, upTo, point, STEP)));
        }
        return new Lasting(OptionalDouble.of(Math.exp(point)), low, high);
    }

    /** From the likeliest outwards until luck no longer makes it so, then halved. */
    private static double bound(List<TrialEdge> a, List<TrialEdge> b, double upTo, double point, double step) {
        double in = point;
        double out = point + step;
        while (luck(a, b, upTo, out) > MISSES) {
            in = out;
            out += step;
        }
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (in + out) / 2;
            if (luck(a, b, upTo, middle) > MISSES) {
                in = middle;
            } else {
                out = middle;
            }
        }
        return (in + out) / 2;
    }

    /** Where the two dull alike (logarithm of the stretch); no number where that lies outside what is looked at. */
    private static double zero(List<TrialEdge> a, List<TrialEdge> b, double upTo, double most) {
        double low = -most;
        double high = most;
        if (apart(a, b, upTo, low) >= 0 || apart(a, b, upTo, high) <= 0) {
            return Double.NaN;
        }
        for (int i = 0; i < 2 * HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (apart(a, b, upTo, middle) < 0) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    private static double apart(List<TrialEdge> a, List<TrialEdge> b, double upTo, double stretch) {
        return Comparison.mean(dullness(a, upTo, Math.min(0, stretch)))
                - Comparison.mean(dullness(b, upTo, Math.min(0, -stretch)));
    }

    private static double luck(List<TrialEdge> a, List<TrialEdge> b, double upTo, double stretch) {
        return Permutation.chance(dullness(a, upTo, Math.min(0, stretch)), dullness(b, upTo, Math.min(0, -stretch)));
    }

    private static double[] dullness(List<TrialEdge> edges, double upTo, double shorter) {
        return edges.stream()
                .mapToDouble(e -> e.meanDullness(upTo * Math.exp(shorter)).orElseThrow())
                .toArray();
    }
}
