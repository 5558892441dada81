package truekeen.core.day;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class DayPlannerTest {
    private static final DayPlanner.Leash LONG = DayPlanner.Leash.of(Duration.ofMinutes(10));

    @Test
    void aLargeDayComesNearTheBound() {
        BenchDay day = Days.large(60, 7, "Anna");
        DayPlanner.Planned planned = DayPlanner.plan(day, LONG);
        assertThat(planned.whole()).isTrue();
        assertThat(planned.table().slots()).hasSize(480);
        assertThat(planned.table().merit().lateSeconds()).isZero();
        assertThat((double) planned.table().merit().endSeconds())
                .isBetween(
                        (double) planned.bound().endSeconds(),
                        1.03 * planned.bound().endSeconds());
        assertThat(planned.table().merit().beats(planned.byTicket().merit())).isTrue();
        assertThat(planned.savedSeconds()).isGreaterThan(3 * 3600);
    }

    @Test
    void aSmallDayIsAsGoodAsTheBestOfAllOrders() {
        Random random = new Random(11);
        for (int round = 0; round < 6; round++) {
            BenchDay day = Days.small(random, 1);
            DayModel model = new DayModel(day);
            DayClock clock = new DayClock(model);
            Timetable.Merit best = all(model.count).stream()
                    .map(order -> {
                        clock.run(new int[][] {order});
                        return Timetable.merit(clock);
                    })
                    .min(Timetable.Merit::compareTo)
                    .orElseThrow();
            DayPlanner.Planned planned = DayPlanner.plan(day, LONG);
            assertThat(planned.table().merit())
                    .usingComparator(Timetable.Merit::compareTo)
                    .isEqualTo(best);
            assertThat(planned.bound().endSeconds()).isLessThanOrEqualTo(best.endSeconds());
            assertThat(planned.bound().lateSeconds()).isLessThanOrEqualTo(best.lateSeconds());
        }
    }

    @Test
    void noOrderBeatsTheBound() {
        Random random = new Random(5);
        for (int round = 0; round < 400; round++) {
            BenchDay day = Days.small(random, 1 + round % 2);
            DayModel model = new DayModel(day);
            DayBound bound = DayBound.of(model);
            DayClock clock = new DayClock(model);
            for (int k = 0; k < 60; k++) {
                List<Integer> tasks =
                        new ArrayList<>(IntStream.range(0, model.count).boxed().toList());
                java.util.Collections.shuffle(tasks, random);
                int cut = model.people == 1 ? model.count : random.nextInt(model.count + 1);
                int[][] order = new int[model.people][];
                order[0] = tasks.subList(0, cut).stream().mapToInt(t -> t).toArray();
                if (model.people == 2) {
                    order[1] = tasks.subList(cut, model.count).stream()
                            .mapToInt(t -> t)
                            .toArray();
                }
                clock.run(order);
                assertThat((long) clock.end).isGreaterThanOrEqualTo(bound.endSeconds());
                assertThat(clock.late).isGreaterThanOrEqualTo(bound.lateSeconds());
                assertThat(clock.changeSeconds).isGreaterThanOrEqualTo(ChangeBound.seconds(model));
            }
        }
    }

    private static List<int[]> all(int count) {
        List<int[]> orders = new ArrayList<>();
        permute(new int[count], 0, new boolean[count], orders);
        return orders;
    }

    private static void permute(int[] order, int place, boolean[] used, List<int[]> orders) {
        if (place == order.length) {
            orders.add(order.clone());
            return;
        }
        for (int t = 0; t < order.length; t++) {
            if (!used[t]) {
                used[t] = true;
                order[place] = t;
                permute(order, place + 1, used, orders);
                used[t] = false;
            }
        }
    }

    @Test
    void theSameDayGivesTheSamePlanAndTwoPeopleShareIt() {
        BenchDay day = Days.large(8, 2, "Anna", "Bert");
        DayPlanner.Planned planned = DayPlanner.plan(day, LONG);
        assertThat(DayPlanner.plan(day, LONG).table()).isEqualTo(planned.table());
        assertThat(planned.table().slots()).extracting(Timetable.Slot::person).contains("Anna", "Bert");
        BenchDay alone = Days.large(8, 2, "Anna");
        assertThat(planned.table().merit().endSeconds())
                .isLessThan(DayPlanner.plan(alone, LONG).table().merit().endSeconds());
    }

    @Test
    void whatIsPinnedComesFirstWithWhatMustBeDoneBefore() {
        BenchDay day = Days.pinned(Days.large(6, 4, "Anna"), Map.of("Anna", List.of("tool3/1", "tool5/0")));
        Timetable table = DayPlanner.plan(day, LONG).table();
        assertThat(table.slots().stream().limit(3).map(s -> s.task().id()))
                .containsExactly("tool3/0", "tool3/1", "tool5/0");
    }

    @Test
    void aPlanGoesOnFromWhereItStandsAndIsNeverWorse() {
        BenchDay day = Days.large(10, 6, "Anna");
        Timetable before = DayPlanner.plan(day, LONG).table();
        // A third is done; one tool is withdrawn.
        int done = day.tasks().size() / 3;
        List<String> gone =
                before.slots().stream().limit(done).map(s -> s.task().id()).toList();
        List<DayTask> left = day.tasks().stream()
                .filter(t -> !gone.contains(t.id()) && !t.job().equals("tool9"))
                .map(t -> new DayTask(
                        t.id(),
                        t.job(),
                        t.seconds(),
                        t.after().stream().filter(a -> !gone.contains(a)).toList(),
                        t.stone(),
                        t.hold(),
                        0))
                .toList();
        BenchDay later = new BenchDay(
                List.of(new BenchDay.Person("Anna", 0, Optional.of("medium"))),
                day.jobs(),
                left,
                day.stones(),
                Map.of("guide", "25"),
                Map.of(),
                day.times());
        Timetable kept = DayPlanner.timed(later, before.orders(day));
        DayPlanner.Planned planned = DayPlanner.plan(later, before.orders(day), LONG);
        assertThat(planned.table().merit()).isLessThanOrEqualTo(kept.merit());
        // Even where it is stopped at once.
        DayPlanner.Planned stopped = DayPlanner.plan(
                later, before.orders(day), new DayPlanner.Leash(Duration.ofMinutes(10), () -> true, share -> {}));
        assertThat(stopped.whole()).isFalse();
        assertThat(stopped.table().merit()).isLessThanOrEqualTo(kept.merit());
    }

    @Test
    void saysHowFarItIs() {
        AtomicInteger said = new AtomicInteger();
        DayPlanner.plan(Days.large(5, 1, "Anna"), new DayPlanner.Leash(Duration.ofMinutes(10), () -> false, share -> {
            assertThat(share).isBetween(0.0, 1.0);
            said.incrementAndGet();
        }));
        assertThat(said.get()).isGreaterThan(10);
    }

    @Test
    void aDayWithNothingToDoIsOverAtOnce() {
        DayPlanner.Planned planned = DayPlanner.plan(Days.of(List.of(), List.of(), List.of(), "Anna"), LONG);
        assertThat(planned.table().slots()).isEmpty();
        assertThat(planned.table().merit().endSeconds()).isZero();
    }

    @Test
    void aToolThatIsWorkedIsTestedBeforeAnotherSetUpBegins() {
        BenchDay day = Days.large(12, 3, "Anna");
        Timetable table = DayPlanner.plan(day, LONG).table();
        List<Timetable.Slot> slots = table.slots();
        for (int i = 1; i < slots.size(); i++) {
            DayTask test = slots.get(i).task();
            if (test.stone().isPresent()
                    || test.hold().isPresent()
                    || test.after().isEmpty()) {
                continue;
            }
            // Doing it where the run of alike tasks ended would make nothing better.
            List<String> order =
                    new ArrayList<>(slots.stream().map(s -> s.task().id()).toList());
            int worked = order.indexOf(test.after().get(0));
            DayTask run = slots.get(worked).task();
            while (worked + 1 < i
                    && slots.get(worked + 1).task().stone().equals(run.stone())
                    && slots.get(worked + 1).task().hold().equals(run.hold())) {
                worked++;
            }
            order.remove(test.id());
            order.add(worked + 1, test.id());
            assertThat(DayPlanner.timed(day, List.of(order)).merit().beats(table.merit()))
                    .as("%s sooner", test.id())
                    .isFalse();
        }
    }
}
