package truekeen.core.quantity;

import java.util.Random;

/**
 * Whether two groups differ, by dealing their members out anew: the share of all deals whose means lie as far apart as
 * those that were seen. Exact where the deals can all be gone through, else from twenty thousand of them.
 *
 * <p>Source: R. A. Fisher (1935), E. J. G. Pitman (1937).
 */
public final class Permutation {
    /** Deals that are all gone through; with more, a sample of them is drawn. */
    static final long MOST_DEALS = 200_000;

    private static final int SAMPLE = 20_000;
    private static final long SEED = 20_260_101;
    private static final double SAME = 1e-9;

    private final double[] all;
    private final int first;
    private final double total;
    private final double seen;
    private long as;
    private long deals;

    private Permutation(double[] a, double[] b) {
        this.all = new double[a.length + b.length];
        System.arraycopy(a, 0, all, 0, a.length);
        System.arraycopy(b, 0, all, a.length, b.length);
        this.first = a.length;
        double sum = 0;
        double firstSum = 0;
        for (int i = 0; i < all.length; i++) {
            sum += all[i];
            firstSum += i < first ? all[i] : 0;
        }
        this.total = sum;
        this.seen = apart(firstSum);
    }

    /**
     * The chance that two groups which do not differ look as far apart as these, in either direction; from just above 0
     * to 1.
     *
     * @param a one group, not empty
     * @param b the other, not empty
     */
    public static double chance(double[] a, double[] b) {
        if (a.length == 0 || b.length == 0) {
            throw new IllegalArgumentException("an empty group cannot be compared");
        }
        Permutation p = new Permutation(a, b);
        if (deals(a.length + b.length, a.length) > MOST_DEALS) {
            return p.sampled();
        }
        p.deal(0, 0, 0);
        return (double) p.as / p.deals;
    }

    /** Ways to pick so many out of all; never less than {@link #MOST_DEALS} + 1 where it is more than that. */
    public static long deals(int of, int picked) {
        double ways = 1;
        for (int i = 1; i <= Math.min(picked, of - picked); i++) {
            ways = ways * (of - Math.min(picked, of - picked) + i) / i;
        }
        return Math.round(Math.min(ways, 1e15));
    }

    private double apart(double firstSum) {
        return Math.abs(firstSum / first - (total - firstSum) / (all.length - first));
    }

    private void deal(int at, int picked, double sum) {
        if (picked == first) {
            deals++;
            as += apart(sum) >= seen - SAME ? 1 : 0;
            return;
        }
        if (all.length - at < first - picked) {
            return;
        }
        deal(at + 1, picked + 1, sum + all[at]);
        deal(at + 1, picked, sum);
    }

    private double sampled() {
        Random random = new Random(SEED);
        double[] shuffled = all.clone();
        int far = 0;
        for (int n = 0; n < SAMPLE; n++) {
            double sum = 0;
            for (int i = 0; i < first; i++) {
                int j = i + random.nextInt(shuffled.length - i);
                double swap = shuffled[i];
                shuffled[i] = shuffled[j];
                shuffled[j] = swap;
                sum += shuffled[i];
            }
            far += apart(sum) >= seen - SAME ? 1 : 0;
        }
        return (far + 1.0) / (SAMPLE + 1);
    }
}
