package truekeen.core.trial;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import truekeen.core.upkeep.UseUnit;

/**
 * How a trial is laid out.
 *
 * @param question what it is to settle
 * @param ways the ways that stand against each other, two to {@link #MOST_WAYS}, each by name
 * @param unit in what use is counted
 * @param checkpoints use at which each edge is read, rising from 0
 * @param stations places along the edge that are read each time
 * @param rounds edges of each way
 * @param blind whether whoever reads is not told which edge is which
 */
public record TrialDesign(
        Question question,
        List<String> ways,
        UseUnit unit,
        List<Double> checkpoints,
        int stations,
        int rounds,
        boolean blind) {
    /** Most ways of a trial. */
    public static final int MOST_WAYS = 4;

    /** Most checkpoints after the fresh one. */
    public static final int MOST_CHECKPOINTS = 20;

    /** Most stations along an edge. */
    public static final int MOST_STATIONS = 7;

    /** Most rounds of a trial. */
    public static final int MOST_ROUNDS = 20;

    /** Keeps the lists from changing. */
    public TrialDesign {
        ways = List.copyOf(ways);
        checkpoints = List.copyOf(checkpoints);
    }

    /** Checkpoints at even steps from fresh. */
    public static List<Double> every(double step, int times) {
        return IntStream.rangeClosed(0, times).mapToObj(i -> i * step).toList();
    }

    /** Fewest rounds that can prove anything between so many ways. */
    public static int leastRounds(int ways) {
        return Comparison.Spread.least(ways * (ways - 1) / 2);
    }

    /** Which way each edge is, in the order in which they are made: each round holds every way once, shuffled. */
    public List<Integer> dealt(long seed) {
        Random random = new Random(seed);
        List<Integer> all = new ArrayList<>();
        for (int round = 0; round < rounds; round++) {
            List<Integer> one =
                    new ArrayList<>(IntStream.range(0, ways.size()).boxed().toList());
            Collections.shuffle(one, random);
            all.addAll(one);
        }
        return all;
    }

    /** Readings of the whole trial. */
    public int readings() {
        return ways.size() * rounds * checkpoints.size() * stations;
    }
}
