package truekeen.core.day;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/** Orders that a person would think of, each given person by person as task numbers. */
final class DayOrders {
    private final DayModel m;
    private final DayClock clock;

    DayOrders(DayModel model) {
        m = model;
        clock = new DayClock(model);
    }

    /** One ticket after the other, each tool to its end; tools are dealt to whoever has the least to do so far. */
    int[][] byTicket() {
        return tools(IntStream.range(0, m.jobs).boxed().toList());
    }

    /** The same, the tool that was promised first first. */
    int[][] byPromise() {
        return tools(IntStream.range(0, m.jobs)
                .boxed()
                .sorted(Comparator.comparingInt(j -> m.promised[j]))
                .toList());
    }

    private int[][] tools(List<Integer> order) {
        long[] load = Arrays.stream(m.from).asLongStream().toArray();
        List<List<Integer>> tasks = begun();
        for (int job : order) {
            int p = IntStream.range(0, m.people)
                    .boxed()
                    .min(Comparator.comparingLong(x -> load[x]))
                    .orElseThrow();
            for (int t = 0; t < m.count; t++) {
                if (m.job[t] == job && !m.isPinned[t]) {
                    tasks.get(p).add(t);
                    load[p] += m.seconds[t];
                }
            }
        }
        return arrays(tasks);
    }

    /**
     * What can be gone on with at the least cost of changing over is next, and a run of alike tasks is begun when all of it
     * can be done; of those the tool that is promised first. A tool whose promise comes near goes before all.
     *
     * @param urgentAt how many times the work that is left on a tool the time until its promise may be before it counts as
     *     near; 0 for never
     * @param putOff what each run is put off by besides (s), by its number; none where nothing is
     */
    int[][] byChange(double urgentAt, int[] putOff) {
        List<List<Integer>> tasks = begun();
        Greedy greedy = new Greedy(urgentAt, putOff);
        for (int p = 0; p < m.people; p++) {
            for (int t : tasks.get(p)) {
                greedy.place(t, p);
            }
        }
        while (greedy.left > 0) {
            int p = greedy.freeFirst();
            int best = greedy.best(p);
            tasks.get(p).add(best);
            greedy.place(best, p);
        }
        return arrays(tasks);
    }

    /** Tasks placed one after the other by the clock, each the best at its moment. */
    private final class Greedy {
        private final double urgentAt;
        private final int[] putOff;
        private final boolean[] placed = new boolean[m.count];
        private final long[] jobLeft = new long[m.jobs];
        /** How often a task of a run waits for one of another run. */
        private final int[] notYet = new int[m.runs];

        private int left = m.count;

        Greedy(double urgentAt, int[] putOff) {
            this.urgentAt = urgentAt;
            this.putOff = putOff;
            clock.begin();
            for (int t = 0; t < m.count; t++) {
                jobLeft[m.job[t]] += m.seconds[t];
                for (int b : m.before[t]) {
                    notYet[m.run[t]] += m.run[b] == m.run[t] ? 0 : 1;
                }
            }
        }

        int freeFirst() {
            int first = 0;
            for (int p = 1; p < m.people; p++) {
                first = clock.freeAt(p) < clock.freeAt(first) ? p : first;
            }
            return first;
        }

        int best(int p) {
            int best = DayModel.NONE;
            boolean bestNear = false;
            int bestCost = 0;
            for (int t = 0; t < m.count; t++) {
                if (placed[t] || !clock.free(t)) {
                    continue;
                }
                boolean near = near(t, p);
                if (best != DayModel.NONE && bestNear && !near) {
                    continue;
                }
                int cost = costly(t, p);
                if (best == DayModel.NONE || near != bestNear || before(t, cost, best, bestCost, near, clock.last(p))) {
                    best = t;
                    bestNear = near;
                    bestCost = cost;
                }
            }
            return best;
        }

        private boolean before(int a, int costA, int b, int costB, boolean near, int last) {
            int byPromise = Integer.compare(m.promised[m.job[a]], m.promised[m.job[b]]);
            int byCost = Integer.compare(costA, costB);
            int first = near ? byPromise : byCost;
            int second = near ? byCost : byPromise;
            if (first != 0 || second != 0) {
                return first != 0 ? first < 0 : second < 0;
            }
            // The tool that is in the hand goes on.
            boolean inHand = last != DayModel.NONE && m.job[last] == m.job[a];
            boolean otherInHand = last != DayModel.NONE && m.job[last] == m.job[b];
            return inHand == otherInHand ? um(a) > um(b) : inHand;
        }

        void place(int t, int p) {
            clock.work(t, p);
            placed[t] = true;
            left--;
            jobLeft[m.job[t]] -= m.seconds[t];
            for (int n : m.next[t]) {
                notYet[m.run[n]] -= m.run[n] == m.run[t] ? 0 : 1;
            }
        }

        /** Changing over and waiting, and coming back later for what of the run cannot be done yet. */
        private int costly(int t, int p) {
            int cost = clock.begins(t, p) - clock.freeAt(p);
            int last = clock.last(p);
            if (last != DayModel.NONE && m.run[last] == m.run[t]) {
                return cost;
            }
            boolean comesBack = notYet[m.run[t]] > 0;
            return cost
                    + putOff[m.run[t]]
                    + (comesBack ? m.day.times().setting() + m.day.times().changing() : 0);
        }

        private boolean near(int t, int p) {
            int promised = m.promised[m.job[t]];
            return promised != Integer.MAX_VALUE && clock.freeAt(p) + urgentAt * jobLeft[m.job[t]] > promised;
        }
    }

    private double um(int t) {
        return m.stone[t] == DayModel.NONE ? 0 : m.um[m.stone[t]];
    }

    /** For each person what is pinned to them. */
    private List<List<Integer>> begun() {
        return Arrays.stream(m.pinned)
                .<List<Integer>>map(
                        tasks -> new ArrayList<>(Arrays.stream(tasks).boxed().toList()))
                .toList();
    }

    /** An order of an earlier plan, of which tasks may have gone and to which others may have come, which are added last. */
    int[][] as(List<List<String>> earlier) {
        List<List<Integer>> tasks = begun();
        Set<Integer> there = new HashSet<>();
        tasks.forEach(there::addAll);
        for (int p = 0; p < Math.min(m.people, earlier.size()); p++) {
            for (String id : earlier.get(p)) {
                Integer t = m.taskIndex.get(id);
                if (t != null && there.add(t)) {
                    tasks.get(p).add(t);
                }
            }
        }
        for (int t = 0; t < m.count; t++) {
            if (there.add(t)) {
                int p = IntStream.range(0, m.people)
                        .boxed()
                        .min(Comparator.comparingInt(x -> tasks.get(x).size()))
                        .orElseThrow();
                tasks.get(p).add(t);
            }
        }
        return arrays(tasks);
    }

    private static int[][] arrays(List<List<Integer>> tasks) {
        return tasks.stream().map(l -> l.stream().mapToInt(x -> x).toArray()).toArray(int[][]::new);
    }
}
