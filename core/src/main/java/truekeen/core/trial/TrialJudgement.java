package truekeen.core.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeSet;
import truekeen.core.quantity.Holm;
import truekeen.core.table.Prior;

/**
 * What the edges of a trial say, all ways taken together.
 *
 * @param verdict in a word
 * @param upTo use to which they were compared; 0 while nothing was
 * @param compared edges of each way that were
 * @param comparisons each way against each other
 * @param roundsMore rounds more that would tell, while there are too few; empty where no number of them would
 * @param winner the way that is proven better than every other, in keeping or else in effort
 * @param noStart edges left out without a fresh reading
 * @param tooShort edges left out that were not read so far
 * @param countedAsDull edges that count as dull as they were when they were given up
 * @param surprises readings to be read again
 */
public record TrialJudgement(
        Verdict verdict,
        double upTo,
        List<Integer> compared,
        List<Comparison> comparisons,
        OptionalInt roundsMore,
        OptionalInt winner,
        int noStart,
        int tooShort,
        int countedAsDull,
        List<Asked> surprises) {

    /** How a trial stands. */
    public enum Verdict {
        /** Fewer edges than can prove anything. */
        NOT_ENOUGH,
        /** A difference in keeping is proven. */
        DIFFERENT,
        /** The effort of bringing them back is proven to differ, their keeping is not. */
        EFFORT_DECIDES,
        /** They are proven to last alike, as far as it matters. */
        ALIKE,
        /** Neither. */
        NOT_PROVEN
    }

    /**
     * A reading that wants to be read again.
     *
     * @param edge its place in the list that was judged
     * @param use the checkpoint
     * @param station the place along the edge
     * @param grams what was read
     * @param expected what the others make likely (g)
     */
    public record Asked(int edge, double use, int station, double grams, double expected) {}

    /** Whether something is proven. */
    public boolean settled() {
        return verdict != Verdict.NOT_ENOUGH && verdict != Verdict.NOT_PROVEN;
    }

    /**
     * Judges a trial.
     *
     * @param ways how many there are, from 2
     * @param edges all that were begun, each of a way from 0 to {@code ways} − 1
     */
    public static TrialJudgement of(int ways, List<TrialEdge> edges) {
        List<Asked> asked = Surprises.in(edges).stream()
                .map(s -> new Asked(
                        s.edge(),
                        s.reading().use(),
                        s.reading().station(),
                        s.reading().grams(),
                        s.expected()))
                .toList();
        List<TrialEdge> started =
                edges.stream().filter(e -> !e.dulling().isEmpty()).toList();
        double upTo = upTo(ways, started);
        List<List<TrialEdge>> of = new ArrayList<>();
        for (int way = 0; way < ways; way++) {
            int one = way;
            of.add(started.stream()
                    .filter(e -> e.way() == one && upTo > 0 && e.reaches() >= upTo)
                    .toList());
        }
        int fewest = of.stream().mapToInt(List::size).min().orElse(0);
        boolean enough = fewest >= Prior.TRIAL_LEAST_EDGES.whole();
        List<Comparison> comparisons = enough ? comparisons(of, upTo) : List.of();
        long begun = edges.stream().filter(e -> !e.readings().isEmpty()).count();
        int counted = of.stream().mapToInt(List::size).sum();
        return new TrialJudgement(
                verdict(enough, comparisons),
                upTo,
                of.stream().map(List::size).toList(),
                comparisons,
                enough ? OptionalInt.empty() : roundsMore(of, fewest, upTo),
                winner(ways, comparisons),
                (int) begun - started.size(),
                upTo > 0 ? started.size() - counted : 0,
                (int) of.stream()
                        .flatMap(List::stream)
                        .filter(e -> e.dulling().lastKey() < upTo)
                        .count(),
                asked);
    }

    /** The furthest checkpoint that enough edges of every way reached; else the furthest that one of each did. */
    private static double upTo(int ways, List<TrialEdge> edges) {
        TreeSet<Double> uses = new TreeSet<>();
        edges.forEach(e -> uses.addAll(e.dulling().tailMap(0.0, false).keySet()));
        for (int least : new int[] {Prior.TRIAL_LEAST_EDGES.whole(), 1}) {
            for (double use : uses.descendingSet()) {
                boolean all = true;
                for (int way = 0; way < ways; way++) {
                    int one = way;
                    all &= edges.stream()
                                    .filter(e -> e.way() == one && e.reaches() >= use)
                                    .count()
                            >= least;
                }
                if (all) {
                    return use;
                }
            }
        }
        return 0;
    }

    /** From two edges of each way it is worked out as the ways look now; before that it is the least. */
    private static OptionalInt roundsMore(List<List<TrialEdge>> of, int fewest, double upTo) {
        int pairs = of.size() * (of.size() - 1) / 2;
        if (fewest < 2) {
            return OptionalInt.of(Comparison.Spread.least(pairs) - fewest);
        }
        List<double[]> dull =
                of.stream().map(edges -> Comparison.dullness(edges, upTo)).toList();
        double most = dull.stream().mapToDouble(Comparison::mean).max().orElseThrow();
        double least = dull.stream().mapToDouble(Comparison::mean).min().orElseThrow();
        return Comparison.spread(dull).roundsMore(most - least, pairs);
    }

    private static List<Comparison> comparisons(List<List<TrialEdge>> of, double upTo) {
        List<Comparison> bare = new ArrayList<>();
        for (int a = 0; a < of.size(); a++) {
            for (int b = a + 1; b < of.size(); b++) {
                bare.add(Comparison.of(a, b, of.get(a), of.get(b), upTo));
            }
        }
        double[] luck = Holm.raised(bare.stream().mapToDouble(Comparison::luck).toArray());
        double[] effort = Holm.raised(bare.stream()
                .mapToDouble(c -> c.effort().map(Comparison.EffortApart::luck).orElse(1.0))
                .toArray());
        Comparison.Spread spread = Comparison.spread(
                of.stream().map(edges -> Comparison.dullness(edges, upTo)).toList());
        List<Comparison> out = new ArrayList<>();
        for (int i = 0; i < bare.size(); i++) {
            out.add(bare.get(i).raised(luck[i], effort[i], bare.size(), spread));
        }
        return List.copyOf(out);
    }

    private static Verdict verdict(boolean enough, List<Comparison> comparisons) {
        if (!enough) {
            return Verdict.NOT_ENOUGH;
        }
        if (comparisons.stream().anyMatch(Comparison::differs)) {
            return Verdict.DIFFERENT;
        }
        if (comparisons.stream().anyMatch(TrialJudgement::effortDecides)) {
            return Verdict.EFFORT_DECIDES;
        }
        return comparisons.stream().allMatch(Comparison::alike) ? Verdict.ALIKE : Verdict.NOT_PROVEN;
    }

    private static boolean effortDecides(Comparison c) {
        return c.effort().map(Comparison.EffortApart::settled).orElse(false);
    }

    /** Proven against every other way: by keeping, and where that does not differ by effort. */
    private static OptionalInt winner(int ways, List<Comparison> comparisons) {
        for (int way = 0; way < ways; way++) {
            int one = way;
            List<Comparison> its = comparisons.stream()
                    .filter(c -> c.a() == one || c.b() == one)
                    .toList();
            if (!its.isEmpty()
                    && its.stream().allMatch(c -> ahead(c).filter(w -> w == one).isPresent())) {
                return OptionalInt.of(one);
            }
        }
        return OptionalInt.empty();
    }

    private static Optional<Integer> ahead(Comparison c) {
        return c.differs()
                ? Optional.of(c.better())
                : c.effort().filter(Comparison.EffortApart::settled).map(e -> e.lessForA() ? c.a() : c.b());
    }
}
