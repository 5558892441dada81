package truekeen.core.day;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.hipparchus.optim.linear.LinearConstraint;
import org.hipparchus.optim.linear.LinearConstraintSet;
import org.hipparchus.optim.linear.LinearObjectiveFunction;
import org.hipparchus.optim.linear.NonNegativeConstraint;
import org.hipparchus.optim.linear.Relationship;
import org.hipparchus.optim.linear.SimplexSolver;
import org.hipparchus.optim.nonlinear.scalar.GoalType;

/**
 * The least that changing over can take in a day, whatever the order, by a linear programme. Its unknowns are how often each
 * stone is laid down, how often each holder is set, and how often a tool is put into a holder. Source: derived here. In every
 * order
 *
 * <ul>
 *   <li>each stone that is used and does not lie there is laid down once at least;
 *   <li>each setting that is wanted and does not stand is set once at least;
 *   <li>every held task has its tool put in, but where the same tool was worked at the same setting just before: on the same
 *       stone, or on one that was then laid down;
 *   <li>with one person, whenever a holder comes to a stone and setting that it has not been at together, either it was set
 *       or that stone was laid down; for the first of them both were.
 * </ul>
 *
 * Cleaning is left out.
 */
final class ChangeBound {
    private static final double NEARLY = 1e-6;

    private final DayModel m;
    private final int unknowns;
    private final int clamped;

    private final List<LinearConstraint> rules = new ArrayList<>();

    private ChangeBound(DayModel m) {
        this.m = m;
        clamped = m.stones + m.holders;
        unknowns = clamped + 1;
    }

    /** In whole seconds; stones made ready are counted too. */
    static long seconds(DayModel m) {
        return m.count == 0 ? 0 : new ChangeBound(m).least();
    }

    private long least() {
        ChangeTimes times = m.day.times();
        double[] costs = new double[unknowns];
        long ready = 0;
        for (int s = 0; s < m.stones; s++) {
            costs[s] = times.changing();
            if (used(s)) {
                ready += m.ready[s];
                atLeast(lies(s) ? 0 : 1, s);
            }
        }
        for (int h = 0; h < m.holders; h++) {
            costs[m.stones + h] = times.setting();
            holder(h);
        }
        costs[clamped] = times.clamping();
        clamping();
        double least = new SimplexSolver()
                .optimize(
                        new LinearObjectiveFunction(costs, 0),
                        new LinearConstraintSet(rules),
                        GoalType.MINIMIZE,
                        new NonNegativeConstraint(true))
                .getValue();
        return ready + (long) Math.ceil(least - NEARLY);
    }

    private boolean used(int stone) {
        return IntStream.of(m.stone).anyMatch(s -> s == stone);
    }

    private boolean lies(int stone) {
        return IntStream.of(m.stoneBefore).anyMatch(s -> s == stone);
    }

    private void holder(int holder) {
        Set<Integer> settings = new HashSet<>();
        Set<Integer> runs = new HashSet<>();
        Set<Integer> stones = new HashSet<>();
        boolean free = false;
        for (int t = 0; t < m.count; t++) {
            if (m.holder[t] == holder) {
                settings.add(m.setting[t]);
                if (m.stone[t] != DayModel.NONE) {
                    runs.add(m.run[t]);
                    stones.add(m.stone[t]);
                }
                free |= m.stone[t] == DayModel.NONE;
            }
        }
        boolean stands = settings.contains(m.settingBefore[holder]);
        atLeast(settings.size() - (stands ? 1 : 0), m.stones + holder);
        if (m.people == 1 && !runs.isEmpty() && !free) {
            int given = (stands ? 1 : 0) + (stones.contains(m.stoneBefore[0]) ? 1 : 0);
            int[] events = IntStream.concat(stones.stream().mapToInt(s -> s), IntStream.of(m.stones + holder))
                    .toArray();
            atLeast(runs.size() + 1 - given, events);
        }
    }

    /** A tool on one stone at one setting is come to by putting it in, or by laying that stone down before it as it is. */
    private void clamping() {
        Set<List<Integer>> cameTo = new HashSet<>();
        Set<List<Integer>> withStone = new HashSet<>();
        for (int t = 0; t < m.count; t++) {
            if (m.holder[t] != DayModel.NONE && m.stone[t] != DayModel.NONE) {
                cameTo.add(List.of(m.job[t], m.run[t]));
                withStone.add(List.of(m.job[t], m.setting[t]));
            }
        }
        for (int t = 0; t < m.count; t++) {
            boolean bare = m.holder[t] != DayModel.NONE && m.stone[t] == DayModel.NONE;
            if (bare && !withStone.contains(List.of(m.job[t], m.setting[t]))) {
                cameTo.add(List.of(m.job[t], m.run[t]));
            }
        }
        atLeast(
                cameTo.size(),
                IntStream.concat(IntStream.range(0, m.stones), IntStream.of(clamped))
                        .toArray());
    }

    private void atLeast(int count, int... of) {
        double[] row = new double[unknowns];
        for (int i : of) {
            row[i] = 1;
        }
        rules.add(new LinearConstraint(row, Relationship.GEQ, count));
    }
}
