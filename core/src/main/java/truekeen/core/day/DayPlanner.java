package truekeen.core.day;

import ai.timefold.solver.core.api.solver.Solver;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.localsearch.LocalSearchPhaseConfig;
import ai.timefold.solver.core.config.localsearch.LocalSearchType;
import ai.timefold.solver.core.config.solver.EnvironmentMode;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.IntStream;

/**
 * Puts a day in order: the best of the orders a person would think of, and of an earlier plan, made better by local search.
 * The search ends after a number of tries, so that the same day gives the same plan; only where the time runs out first, which
 * is said, may it differ.
 */
public final class DayPlanner {
    /** Tries for each task of the day: enough that more would change little. */
    private static final int TRIES_FOR_EACH = 70;

    private static final int LEAST_TRIES = 20_000;
    /** From never, over near, to whatever is promised at all. */
    private static final List<Double> URGENT_AT = List.of(0.0, 2.0, 4.0, 8.0, 16.0, 32.0, 1000.0);

    /** Orders thought of for each, the runs of alike tasks put off at random. */
    private static final int ROUNDS = 200;

    private static final int MOST_PUT_OFF = 240;
    private static final int MOST_CHANGED = 3;
    private static final long SEED = 1;

    private static final int WATCHED_EACH = 500;

    /**
     * A planned day.
     *
     * @param table the order, timed
     * @param byTicket ticket after ticket, to compare with
     * @param bound what no order can do better than
     * @param whole whether the search came to its end; else it was stopped or ran out of time
     */
    public record Planned(Timetable table, Timetable byTicket, DayBound bound, boolean whole) {
        /** What the order saves against ticket after ticket (s): how much earlier the day ends. */
        public int savedSeconds() {
            return byTicket.merit().endSeconds() - table.merit().endSeconds();
        }
    }

    /**
     * How a search is let go on.
     *
     * @param most how long it may take
     * @param stopped asked now and then: true ends it with the best that was found
     * @param progress told how far it is, 0 to 1
     */
    public record Leash(Duration most, BooleanSupplier stopped, Consumer<Double> progress) {
        /** So long, and nobody watches. */
        public static Leash of(Duration most) {
            return new Leash(most, () -> false, share -> {});
        }
    }

    private DayPlanner() {}

    /** The best order by the cost of changing over, runs of alike tasks put off in ways that are changed a little at a time. */
    private static int[][] think(DayModel model, double urgentAt, Leash leash) {
        DayOrders orders = new DayOrders(model);
        Random random = new Random(SEED);
        int[] kept = new int[model.runs];
        Best best = new Best(new DayClock(model));
        best.offer(orders.byChange(urgentAt, kept));
        for (int round = 0; round < ROUNDS && !leash.stopped.getAsBoolean(); round++) {
            int[] tried = kept.clone();
            for (int k = random.nextInt(MOST_CHANGED); k >= 0; k--) {
                tried[random.nextInt(tried.length)] = random.nextInt(MOST_PUT_OFF);
            }
            if (best.offer(orders.byChange(urgentAt, tried))) {
                kept = tried;
            }
        }
        return best.order;
    }

    /** The best order so far. */
    private static final class Best {
        private final DayClock clock;
        private Timetable.Merit merit;
        int[][] order;

        Best(DayClock clock) {
            this.clock = clock;
        }

        /** Whether it is better, and is kept. */
        boolean beaten(int[][] other) {
            clock.run(other);
            return Timetable.merit(clock).beats(merit) && offer(other);
        }

        /** Whether it is as good at least, and is kept. */
        boolean offer(int[][] other) {
            clock.run(other);
            Timetable.Merit its = Timetable.merit(clock);
            boolean kept = merit == null || its.compareTo(merit) <= 0;
            if (kept) {
                merit = its;
                order = other;
            }
            return kept;
        }
    }

    /** Plans a day of which there is no plan yet. */
    public static Planned plan(BenchDay day, Leash leash) {
        return plan(day, List.of(), leash);
    }

    /**
     * Plans a day.
     *
     * @param earlier the order that stood so far, as ids for each person: what is planned is never worse; empty where
     *     there is none
     */
    public static Planned plan(BenchDay day, List<List<String>> earlier, Leash leash) {
        DayModel model = new DayModel(day);
        DayOrders orders = new DayOrders(model);
        int[][] byTicket = orders.byTicket();
        DayClock clock = new DayClock(model);
        Best best = new Best(clock);
        best.offer(byTicket);
        best.offer(orders.byPromise());
        if (!earlier.isEmpty()) {
            best.offer(orders.as(earlier));
        }
        // Each way by itself, so that it does not matter which is done first.
        List<int[][]> thought = URGENT_AT.parallelStream()
                .map(urgentAt -> model.count == 0 ? byTicket : think(model, urgentAt, leash))
                .toList();
        thought.forEach(best::offer);
        boolean whole = true;
        if (model.count > 1) {
            Search search = new Search(model, leash);
            best.offer(search.from(best.order));
            whole = search.whole;
            tidy(model, best);
        }
        return new Planned(Timetable.of(model, best.order), Timetable.of(model, byTicket), DayBound.of(model), whole);
    }

    /**
     * What wants no stone and nothing that holds, as a test, is done as soon as the run of alike tasks is over in which its tool
     * was worked, wherever that is better: the search comes by such moves late, and nobody lets finished tools lie.
     */
    private static void tidy(DayModel model, Best best) {
        boolean better = true;
        while (better) {
            better = false;
            for (int t = 0; t < model.count; t++) {
                boolean free =
                        model.stone[t] == DayModel.NONE && model.holder[t] == DayModel.NONE && !model.isPinned[t];
                if (free && model.before[t].length > 0) {
                    int[][] sooner = sooner(model, best.order, t);
                    better |= sooner.length > 0 && best.beaten(sooner);
                }
            }
        }
    }

    /** The order with a task done once the run is over that it waits for; nothing where that is no sooner. */
    private static int[][] sooner(DayModel model, int[][] order, int task) {
        for (int p = 0; p < order.length; p++) {
            int[] own = order[p];
            int at = indexOf(own, task);
            int last = -1;
            for (int before : model.before[task]) {
                last = Math.max(last, indexOf(own, before));
            }
            if (at < 0 || last < 0) {
                continue;
            }
            while (last + 1 < at && model.run[own[last + 1]] == model.run[own[last]]) {
                last++;
            }
            if (last + 1 < at) {
                int[][] moved = order.clone();
                moved[p] = own.clone();
                System.arraycopy(own, last + 1, moved[p], last + 2, at - last - 1);
                moved[p][last + 1] = task;
                return moved;
            }
        }
        return new int[0][];
    }

    private static int indexOf(int[] tasks, int task) {
        for (int i = 0; i < tasks.length; i++) {
            if (tasks[i] == task) {
                return i;
            }
        }
        return -1;
    }

    /** An order timed as it stands, such as one of a person's own. */
    public static Timetable timed(BenchDay day, List<List<String>> order) {
        DayModel model = new DayModel(day);
        return Timetable.of(model, new DayOrders(model).as(order));
    }

    private static final class Search {
        private final DayModel model;
        private final Leash leash;
        private final int tries;
        boolean whole;

        Search(DayModel model, Leash leash) {
            this.model = model;
            this.leash = leash;
            this.tries = Math.max(LEAST_TRIES, TRIES_FOR_EACH * model.count);
        }

        int[][] from(int[][] first) {
            List<TaskPlace> tasks =
                    IntStream.range(0, model.count).mapToObj(TaskPlace::new).toList();
            List<PersonOrder> people = IntStream.range(0, model.people)
                    .mapToObj(p -> new PersonOrder(
                            p,
                            model.pinned[p].length,
                            new ArrayList<>(
                                    Arrays.stream(first[p]).mapToObj(tasks::get).toList())))
                    .toList();
            Solver<DayOrder> solver = SolverFactory.<DayOrder>create(config()).buildSolver();
            long begun = System.nanoTime();
            long[] seen = {0};
            Runnable watch = () -> {
                if (++seen[0] % WATCHED_EACH == 0) {
                    leash.progress.accept(Math.min(1, (double) seen[0] / tries));
                    if (leash.stopped.getAsBoolean()) {
                        solver.terminateEarly();
                    }
                }
            };
            DayOrder found = solver.solve(new DayOrder(new DayModelFact(model, watch), tasks, people));
            whole = !solver.isTerminateEarly() && System.nanoTime() - begun < leash.most.toNanos();
            return found.orders();
        }

        private SolverConfig config() {
            return new SolverConfig()
                    .withSolutionClass(DayOrder.class)
                    .withEntityClasses(PersonOrder.class)
                    .withEasyScoreCalculatorClass(DayJudge.class)
                    .withEnvironmentMode(EnvironmentMode.NO_ASSERT)
                    .withRandomSeed(0L)
                    .withPhases(new LocalSearchPhaseConfig().withLocalSearchType(LocalSearchType.LATE_ACCEPTANCE))
                    .withTerminationConfig(new TerminationConfig()
                            .withMoveCountLimit((long) tries)
                            .withSpentLimit(leash.most));
        }
    }
}
