package truekeen.core.upkeep;

import java.util.List;
import java.util.Optional;
import truekeen.core.message.Numbers;
import truekeen.core.quantity.TheilSen;
import truekeen.core.table.Prior;

/**
 * What creeps over the sharpenings while nobody wants it to: the last bevel, the two sides of a knife, the camber of an
 * iron. It is told where so steady an order comes by luck in one case of ten at most (Kendall's count over all orders,
 * exactly up to eight of them) and what has come together is as much as matters.
 *
 * <p>Source: the count is M. G. Kendall's (1938); the slope by {@link TheilSen}. Not robust: a change that was wanted, in
 * steps, looks like a creep.
 *
 * @param kind what creeps
 * @param from what the line says of the first
 * @param to what it says of the newest
 * @param count how many measurements it rests on
 * @param luck the chance that an order as steady comes by luck
 */
public record Drift(Kind kind, double from, double to, int count, double luck) {
    private static final double MOST_LUCK = 0.1;
    private static final int EXACT = 8;
    private static final int MOST = 12;

    /** What may creep. */
    public enum Kind {
        /** Last bevel of the set-ups (degrees). */
        LAST_BEVEL(Prior.DRIFT_BEVEL_DEG),
        /** Angle of the left side less that of the right (degrees). */
        SIDES_APART(Prior.DRIFT_SIDES_DEG),
        /** Rise of the edge over the line between its corners (mm). */
        CAMBER(Prior.DRIFT_CAMBER_MM);

        private final Prior matters;

        Kind(Prior matters) {
            this.matters = matters;
        }
    }

    /** The drift of measurements, oldest first; of more than twelve the newest twelve. */
    public static Optional<Drift> of(Kind kind, List<Double> measured) {
        List<Double> last = measured.subList(Math.max(0, measured.size() - MOST), measured.size());
        int n = last.size();
        if (n < 2) {
            return Optional.empty();
        }
        double[] x = new double[n];
        double[] y = new double[n];
        for (int i = 0; i < n; i++) {
            x[i] = i;
            y[i] = last.get(i);
        }
        double luck = luck(y);
        TheilSen line = TheilSen.through(x, y);
        return luck > MOST_LUCK || Math.abs(line.slope()) * (n - 1) < kind.matters.value()
                ? Optional.empty()
                : Optional.of(new Drift(kind, line.start(), line.at(n - 1), n, luck));
    }

    /** What each measurement adds to the one before. */
    public double each() {
        return (to - from) / (count - 1);
    }

    private static double luck(double[] y) {
        long seen = Math.abs(inOrder(y));
        return y.length <= EXACT ? exact(y, seen) : normal(y.length, seen);
    }

    /** Pairs that rise less pairs that fall. */
    private static long inOrder(double[] y) {
        long count = 0;
        for (int i = 0; i < y.length; i++) {
            for (int j = i + 1; j < y.length; j++) {
                count += (long) Math.signum(y[j] - y[i]);
            }
        }
        return count;
    }

    private static double exact(double[] y, long seen) {
        long[] counts = new long[2];
        permute(y.clone(), 0, seen, counts);
        return (double) counts[0] / counts[1];
    }

    private static void permute(double[] y, int at, long seen, long[] counts) {
        if (at == y.length) {
            counts[1]++;
            counts[0] += Math.abs(inOrder(y)) >= seen ? 1 : 0;
            return;
        }
        for (int i = at; i < y.length; i++) {
            swap(y, at, i);
            permute(y, at + 1, seen, counts);
            swap(y, at, i);
        }
    }

    private static void swap(double[] y, int a, int b) {
        double held = y[a];
        y[a] = y[b];
        y[b] = held;
    }

    /** Kendall's count of nine or more is near enough to normal. */
    private static double normal(int n, long seen) {
        double deviation = Math.sqrt(n * (n - 1.0) * (2 * n + 5) / 18);
        double z = Math.max(0, seen - 1) / deviation;
        return org.hipparchus.special.Erf.erfc(z / Math.sqrt(2));
    }

    /** It in a sentence, with what to do. */
    public String words() {
        return switch (kind) {
            case LAST_BEVEL ->
                (to > from ? UpkeepWords.BEVEL_CREEPS_UP : UpkeepWords.BEVEL_CREEPS_DOWN)
                        .fill("from", degrees(from), "to", degrees(to), "count", count);
            case SIDES_APART ->
                UpkeepWords.SIDES_CREEP.fill(
                        "side",
                        (to > from ? UpkeepWords.LEFT_SIDE : UpkeepWords.RIGHT_SIDE).words(),
                        "other",
                        (to > from ? UpkeepWords.RIGHT_SIDE : UpkeepWords.LEFT_SIDE).words(),
                        "apart",
                        degrees(Math.abs(to - from)),
                        "count",
                        count);
            case CAMBER ->
                (to > from ? UpkeepWords.CAMBER_GROWS : UpkeepWords.CAMBER_GOES)
                        .fill("from", Numbers.plain(from, 2), "to", Numbers.plain(to, 2), "count", count);
        };
    }

    private static String degrees(double of) {
        return Numbers.plain(of, 1) + "°";
    }
}
