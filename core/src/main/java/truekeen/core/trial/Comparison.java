package truekeen.core.trial;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Stream;
import truekeen.core.quantity.Median;
import truekeen.core.quantity.Permutation;
import truekeen.core.table.Prior;

/**
 * Two ways of a trial against each other. Its chances are raised already for all comparisons of the trial (Holm).
 *
 * @param a the one way, from 0
 * @param b the other
 * @param apart mean dullness of the first less that of the second: positive where the second stays keener
 * @param luck the chance that ways which are alike look so far apart
 * @param lasting how many times as long the first lasts
 * @param effort what it takes to bring them back, where enough edges of both were
 * @param roundsMore rounds more that would tell, if it goes on so; empty where it tells already or no number would do
 */
public record Comparison(
        int a,
        int b,
        double apart,
        double luck,
        Lasting lasting,
        Optional<EffortApart> effort,
        OptionalInt roundsMore) {

    /**
     * What it takes to bring the edges of two ways back. One that did not come back counts as more than any strokes.
     *
     * @param strokesA median of those that came back; empty where none did
     * @param strokesB likewise
     * @param backA how many came back
     * @param triedA of so many
     * @param backB how many came back
     * @param triedB of so many
     * @param lessForA whether the first takes less
     * @param luck the chance that ways which take alike look so far apart
     */
    public record EffortApart(
            OptionalDouble strokesA,
            OptionalDouble strokesB,
            int backA,
            int triedA,
            int backB,
            int triedB,
            boolean lessForA,
            double luck) {
        EffortApart raised(double to) {
            return new EffortApart(strokesA, strokesB, backA, triedA, backB, triedB, lessForA, to);
        }

        /** Whether it is proven. */
        public boolean settled() {
            return luck <= Prior.TRIAL_SETTLED_LUCK.value();
        }
    }

    /** Whether the ways are proven to differ in how they keep. */
    public boolean differs() {
        return luck <= Prior.TRIAL_SETTLED_LUCK.value();
    }

    /** Whether they are proven to last alike, as far as it matters. */
    public boolean alike() {
        double most = Prior.TRIAL_ALIKE_TIMES.value();
        return !differs()
                && lasting.low().orElse(0) >= 1 / most
                && lasting.high().orElse(Double.POSITIVE_INFINITY) <= most;
    }

    /** The way that stays keener. */
    public int better() {
        return apart > 0 ? b : a;
    }

    /** The other. */
    public int worse() {
        return apart > 0 ? a : b;
    }

    Comparison raised(double luckRaised, double effortRaised, int comparisons, Spread spread) {
        return new Comparison(
                a,
                b,
                apart,
                luckRaised,
                lasting,
                effort.map(e -> e.raised(effortRaised)),
                luckRaised <= Prior.TRIAL_SETTLED_LUCK.value()
                        ? OptionalInt.empty()
                        : spread.roundsMore(apart, comparisons));
    }

    /**
     * How edges of one way scatter.
     *
     * @param deviation standard deviation of the mean dullness within ways
     * @param edges of the way that has fewest
     */
    record Spread(double deviation, int edges) {
        private static final double POWER = 2 * Math.pow(1.96 + 0.84, 2);

        /** Rounds more with which a difference as it looks now would be proven in four cases of five (derived here). */
        OptionalInt roundsMore(double apart, int comparisons) {
            int most = Prior.TRIAL_MOST_ROUNDS.whole();
            double ratio = deviation / Math.max(Math.abs(apart), 1e-9);
            double wanted = Math.max(least(comparisons), Math.ceil(POWER * ratio * ratio + 1));
            double more = Math.max(1, wanted - edges);
            return more > most ? OptionalInt.empty() : OptionalInt.of((int) more);
        }

        /** The fewest edges of each way from which so many comparisons can be proven at all. */
        static int least(int comparisons) {
            int n = Prior.TRIAL_LEAST_EDGES.whole();
            while (2.0 * comparisons / Permutation.deals(2 * n, n) > Prior.TRIAL_SETTLED_LUCK.value()) {
                n++;
            }
            return n;
        }
    }

    /** The two ways by their edges, all of them read to {@code upTo}; chances not raised yet. */
    static Comparison of(int a, int b, List<TrialEdge> as, List<TrialEdge> bs, double upTo) {
        double[] dullA = dullness(as, upTo);
        double[] dullB = dullness(bs, upTo);
        return new Comparison(
                a,
                b,
                mean(dullA) - mean(dullB),
                Permutation.chance(dullA, dullB),
                Lasting.of(as, bs, upTo),
                effort(as, bs),
                OptionalInt.empty());
    }

    static double[] dullness(List<TrialEdge> edges, double upTo) {
        return edges.stream()
                .mapToDouble(e -> e.meanDullness(upTo).orElseThrow())
                .toArray();
    }

    private static Optional<EffortApart> effort(List<TrialEdge> as, List<TrialEdge> bs) {
        List<Effort> a = as.stream().flatMap(e -> e.effort().stream()).toList();
        List<Effort> b = bs.stream().flatMap(e -> e.effort().stream()).toList();
        if (Math.min(a.size(), b.size()) < Prior.TRIAL_LEAST_EDGES.whole()) {
            return Optional.empty();
        }
        List<Double> all = Stream.concat(a.stream(), b.stream())
                .map(Comparison::cost)
                .sorted()
                .toList();
        double[] ranksA = ranks(a, all);
        double[] ranksB = ranks(b, all);
        return Optional.of(new EffortApart(
                strokes(a),
                strokes(b),
                back(a),
                a.size(),
                back(b),
                b.size(),
                mean(ranksA) < mean(ranksB),
                Permutation.chance(ranksA, ranksB)));
    }

    private static double cost(Effort e) {
        return e.regained() ? e.strokes() : Double.POSITIVE_INFINITY;
    }

    /** Equal ones share the mean of their ranks. */
    private static double[] ranks(List<Effort> of, List<Double> all) {
        return of.stream()
                .mapToDouble(e -> (all.indexOf(cost(e)) + all.lastIndexOf(cost(e))) / 2.0)
                .toArray();
    }

    private static OptionalDouble strokes(List<Effort> of) {
        double[] back = of.stream()
                .filter(Effort::regained)
                .mapToDouble(Effort::strokes)
                .toArray();
        return back.length == 0 ? OptionalDouble.empty() : OptionalDouble.of(Median.of(back));
    }

    private static int back(List<Effort> of) {
        return (int) of.stream().filter(Effort::regained).count();
    }

    static double mean(double... of) {
        double sum = 0;
        for (double v : of) {
            sum += v;
        }
        return sum / of.length;
    }

    /** Standard deviation within ways, of all ways together. */
    static Spread spread(List<double[]> ways) {
        double squares = 0;
        int free = 0;
        int fewest = Integer.MAX_VALUE;
        for (double[] way : ways) {
            double mean = mean(way);
            for (double v : way) {
                squares += (v - mean) * (v - mean);
            }
            free += way.length - 1;
            fewest = Math.min(fewest, way.length);
        }
        return new Spread(Math.sqrt(squares / Math.max(1, free)), fewest);
    }
}
