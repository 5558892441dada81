package truekeen.core.upkeep;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import truekeen.core.quantity.Median;
import truekeen.core.quantity.TheilSen;
import truekeen.core.table.Prior;

/**
 * How an edge dulls with use: F(u) = F₀ + A(1 − e^(−u/τ)) where five uses or more are known and they bend so, else a
 * straight line (Theil–Sen). The band is where one more reading would lie four times in five: the residuals are put
 * back on the curve at random, and it is fitted anew, two hundred times. The same readings give the same band.
 *
 * <p>Source: derived here. Not robust: readings of one day share that day's testing; the band takes them for
 * independent.
 */
public final class DullingCurve {
    /** Different uses from which the bend is fitted. */
    static final int BENDS_FROM = 5;

    private static final int AGAIN = 200;
    private static final int EACH = 8;
    private static final double LOW = 0.1;
    private static final double HIGH = 0.9;
    private static final int TAUS = 32;
    private static final double SHORTEST = 1.0 / 15;
    private static final double LONGEST = 5;
    /** Readings below which nothing surprises. */
    private static final int SURPRISES_FROM = 6;

    private static final double LEAST_INDEX = 0.01;
    private static final int HALVINGS = 20;

    /** How it bends. */
    public enum Shape {
        /** It dulls fast at first, then slowly. */
        LEVELS_OFF,
        /** It dulls alike all the time, as far as the readings tell. */
        STRAIGHT
    }

    /**
     * Where a reading would lie.
     *
     * @param low nine in ten lie above
     * @param likely the curve itself
     * @param high nine in ten lie below
     */
    public record Band(double low, double likely, double high) {}

    /**
     * When an edge comes to a limit, in use since its sharpening; empty where that lies beyond what can be said.
     *
     * @param early where the upper side of the band meets it: from here a touch-up pays
     * @param likely where the curve meets it
     * @param late where the lower side meets it
     */
    public record Crossing(OptionalDouble early, OptionalDouble likely, OptionalDouble late) {}

    private final List<UseReading> readings;
    private final Fit fit;
    private final Fit[] again;
    private final double[] residuals;
    private final double furthest;

    private DullingCurve(List<UseReading> readings, Fit fit, Fit[] again, double[] residuals, double furthest) {
        this.readings = readings;
        this.fit = fit;
        this.again = again;
        this.residuals = residuals;
        this.furthest = furthest;
    }

    /** A fitted form: τ infinite for the straight line, whose rise is then a slope. */
    private record Fit(double start, double rise, double tau) {
        double at(double use) {
            return Double.isInfinite(tau) ? start + rise * use : start + rise * -Math.expm1(-use / tau);
        }
    }

    /** Whether readings are enough for a curve: three different uses at least. */
    public static boolean enough(List<UseReading> readings) {
        return distinct(readings) >= Prior.DULLING_LEAST_USES.whole();
    }

    private static long distinct(List<UseReading> readings) {
        return readings.stream().mapToDouble(UseReading::use).distinct().count();
    }

    /**
     * The curve through readings.
     *
     * @param readings in any order, {@link #enough} of them
     * @param seed what the band is drawn with
     * @throws IllegalArgumentException where they are too few
     */
    public static DullingCurve of(List<UseReading> readings, long seed) {
        if (!enough(readings)) {
            throw new IllegalArgumentException("a curve needs three different uses");
        }
        // In the order of use: a line through very many is drawn through groups of neighbours.
        List<UseReading> byUse = readings.stream()
                .sorted(Comparator.comparingDouble(UseReading::use))
                .toList();
        double[] u = byUse.stream().mapToDouble(UseReading::use).toArray();
        double[] f = byUse.stream().mapToDouble(UseReading::index).toArray();
        double furthest = Arrays.stream(u).max().orElseThrow();
        TheilSen.Places places = new TheilSen.Places(u);
        Bends bends = distinct(readings) >= BENDS_FROM ? new Bends(u, furthest) : null;
        Fit fit = bends == null ? straight(places, f) : bends.fit(f).orElseGet(() -> straight(places, f));
        Bends bent = Double.isInfinite(fit.tau) ? null : bends;
        double[] residuals = residuals(u, f, fit);
        Random random = new Random(seed);
        Fit[] again = new Fit[AGAIN];
        double[] drawn = new double[u.length];
        for (int b = 0; b < AGAIN; b++) {
            for (int i = 0; i < u.length; i++) {
                drawn[i] = fit.at(u[i]) + residuals[random.nextInt(residuals.length)];
            }
            again[b] =
                    bent == null ? straight(places, drawn) : bent.fit(drawn).orElseGet(() -> straight(places, drawn));
        }
        return new DullingCurve(List.copyOf(readings), fit, again, residuals, furthest);
    }

    /** A line that does not fall: use sharpens nothing. */
    private static Fit straight(TheilSen.Places places, double[] f) {
        TheilSen line = places.line(f);
        return line.slope() >= 0
                ? new Fit(line.start(), line.slope(), Double.POSITIVE_INFINITY)
                : new Fit(Median.of(f), 0, Double.POSITIVE_INFINITY);
    }

    /** What is left of readings, about nought, and as wide as they scatter before the curve was bent to them. */
    private static double[] residuals(double[] u, double[] f, Fit fit) {
        double[] left = new double[u.length];
        double mean = 0;
        for (int i = 0; i < u.length; i++) {
            left[i] = f[i] - fit.at(u[i]);
            mean += left[i] / u.length;
        }
        int fitted = Double.isInfinite(fit.tau) ? 2 : 3;
        double wider = Math.sqrt((double) u.length / Math.max(1, u.length - fitted));
        for (int i = 0; i < u.length; i++) {
            left[i] = (left[i] - mean) * wider;
        }
        return left;
    }

    /**
     * The newest reading, where it breaks the trend of the others and wants to be read again.
     *
     * @return what the curve makes likely instead
     */
    public OptionalDouble newestSurprises() {
        int n = readings.size();
        double[] left = new double[n];
        for (int i = 0; i < n; i++) {
            left[i] = Math.log(readings.get(i).index()
                    / Math.max(LEAST_INDEX, fit.at(readings.get(i).use())));
        }
        boolean[] breaks = BrokenTrend.breaks(left, Double.isInfinite(fit.tau) ? 2 : 3);
        return breaks[n - 1] && n >= SURPRISES_FROM
                ? OptionalDouble.of(fit.at(readings.get(n - 1).use()))
                : OptionalDouble.empty();
    }

    /** How it bends. */
    public Shape shape() {
        return Double.isInfinite(fit.tau) ? Shape.STRAIGHT : Shape.LEVELS_OFF;
    }

    /** Readings it rests on. */
    public List<UseReading> readings() {
        return readings;
    }

    /** The most use that was read. */
    public double furthest() {
        return furthest;
    }

    /** Index fresh from the stones. */
    public double start() {
        return fit.start;
    }

    /** How much it rises in the end (index), where it levels off; for a straight line its rise over the uses that were read. */
    public double rise() {
        return Double.isInfinite(fit.tau) ? fit.rise * furthest : fit.rise;
    }

    /** Use in which two thirds of the rise are done, where it levels off. */
    public OptionalDouble tau() {
        return Double.isInfinite(fit.tau) ? OptionalDouble.empty() : OptionalDouble.of(fit.tau);
    }

    /** Where one more reading would lie after some use. */
    public Band at(double use) {
        int each = Math.min(EACH, residuals.length);
        double[] drawn = new double[AGAIN * each];
        for (int b = 0; b < AGAIN; b++) {
            double at = again[b].at(use);
            for (int i = 0; i < each; i++) {
                drawn[b * each + i] = at + residuals[(b * each + i) % residuals.length];
            }
        }
        Arrays.sort(drawn);
        return new Band(quantile(drawn, LOW), fit.at(use), quantile(drawn, HIGH));
    }

    private static double quantile(double[] sorted, double share) {
        double place = share * (sorted.length - 1);
        int below = (int) Math.floor(place);
        int above = Math.min(sorted.length - 1, below + 1);
        return sorted[below] + (place - below) * (sorted[above] - sorted[below]);
    }

    /** When it comes to a limit (index); looked for up to four times the use that was read. */
    public Crossing crosses(double limit) {
        return new Crossing(first(limit, 2), first(limit, 1), first(limit, 0));
    }

    /** No side of the band falls with use, so that halving finds the place. */
    private OptionalDouble first(double limit, int side) {
        double low = 0;
        double high = Prior.DULLING_LOOK_AHEAD.value() * furthest;
        if (side(0, side) >= limit) {
            return OptionalDouble.of(0);
        }
        if (side(high, side) < limit) {
            return OptionalDouble.empty();
        }
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (side(middle, side) >= limit) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return OptionalDouble.of((low + high) / 2);
    }

    private double side(double use, int side) {
        if (side == 1) {
            return fit.at(use);
        }
        Band band = at(use);
        return side == 0 ? band.low : band.high;
    }

    /** The bending form for given uses: what does not hang on the readings is worked out once for each τ. */
    private static final class Bends {
        private final double[] taus = new double[TAUS];
        private final double[][] bent = new double[TAUS][];
        private final double[] sum = new double[TAUS];
        private final double[] squares = new double[TAUS];

        Bends(double[] u, double furthest) {
            for (int t = 0; t < TAUS; t++) {
                taus[t] = furthest * SHORTEST * Math.pow(LONGEST / SHORTEST, (double) t / (TAUS - 1));
                bent[t] = new double[u.length];
                for (int i = 0; i < u.length; i++) {
                    bent[t][i] = -Math.expm1(-u[i] / taus[t]);
                    sum[t] += bent[t][i];
                    squares[t] += bent[t][i] * bent[t][i];
                }
            }
        }

        /** By least squares; empty where it does not rise, or bends so little that a line says as much. */
        Optional<Fit> fit(double[] f) {
            int n = f.length;
            double all = 0;
            double own = 0;
            for (double v : f) {
                all += v;
                own += v * v;
            }
            double least = Double.POSITIVE_INFINITY;
            int best = -1;
            Fit found = null;
            for (int t = 0; t < TAUS; t++) {
                double both = 0;
                for (int i = 0; i < n; i++) {
                    both += bent[t][i] * f[i];
                }
                double spread = n * squares[t] - sum[t] * sum[t];
                double rise = (n * both - sum[t] * all) / spread;
                double start = (all - rise * sum[t]) / n;
                double error = own - start * all - rise * both;
                if (spread > 0 && rise > 0 && start > 0 && error < least) {
                    least = error;
                    best = t;
                    found = new Fit(start, rise, taus[t]);
                }
            }
            return best < 0 || best == TAUS - 1 ? Optional.empty() : Optional.of(found);
        }
    }
}
