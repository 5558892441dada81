package truekeen.core.day;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static truekeen.core.day.Days.job;
import static truekeen.core.day.Days.stone;
import static truekeen.core.day.Days.task;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Each thing that a day has to heed, alone, by figures worked by hand: 40 s to set, 15 to put in, 25 to change, 20 to clean. */
class DayClockTest {
    private static Timetable timed(BenchDay day, String... order) {
        return DayPlanner.timed(day, List.of(List.of(order)));
    }

    private static List<Integer> starts(Timetable table) {
        return table.slots().stream().map(Timetable.Slot::startSeconds).toList();
    }

    @Test
    void aStoneIsLaidDownAndFinerOnesWantCleanHands() {
        BenchDay day = Days.of(
                List.of(job("a"), job("b")),
                List.of(
                        task("a", 0, 100, "coarse", "", ""),
                        task("a", 1, 100, "fine", "", ""),
                        task("b", 0, 100, "coarse", "", ""),
                        task("b", 1, 100, "fine", "", "")),
                List.of(stone("coarse", 30), stone("fine", 2)),
                "Anna");
        // 25 | 100, 25 + 20 | 100, 25 | 100, 25 + 20 | 100
        assertThat(starts(timed(day, "a/0", "a/1", "b/0", "b/1"))).containsExactly(25, 170, 295, 440);
        // 25 | 100, 100, 25 + 20 | 100, 100
        Timetable grouped = timed(day, "a/0", "b/0", "a/1", "b/1");
        assertThat(starts(grouped)).containsExactly(25, 125, 270, 370);
        assertThat(grouped.merit()).isEqualTo(new Timetable.Merit(0, 470, 2, 70, 370 + 470));
    }

    @Test
    void aHolderStaysSetAndAToolStaysInIt() {
        BenchDay day = Days.of(
                List.of(job("a"), job("b")),
                List.of(
                        task("a", 0, 10, "", "guide", "25"),
                        task("a", 1, 10, "", "guide", "25"),
                        task("b", 0, 10, "", "", ""),
                        task("b", 1, 10, "", "guide", "25")),
                List.of(),
                "Anna");
        // 40 + 15 | 10, 10, by hand 10, 15 | 10: it is still set, though something else was done meanwhile.
        assertThat(starts(timed(day, "a/0", "a/1", "b/0", "b/1"))).containsExactly(55, 65, 75, 100);
        BenchDay set = new BenchDay(
                day.people(), day.jobs(), day.tasks(), day.stones(), Map.of("guide", "25"), Map.of(), day.times());
        assertThat(starts(timed(set, "a/0", "a/1", "b/0", "b/1"))).containsExactly(15, 25, 35, 60);
    }

    @Test
    void soakingAndRestingNeedNoHands() {
        BenchDay day = Days.of(
                List.of(job("a"), job("b")),
                List.of(
                        Days.resting(task("a", 0, 100, "", "", ""), 600),
                        task("a", 1, 50, "", "", ""),
                        task("b", 0, 50, "soaker", "", "")),
                List.of(new BenchDay.Stone("soaker", 30, 300, 120)),
                "Anna");
        Timetable table = timed(day, "a/0", "b/0", "a/1");
        // The soaker is wet at 300, by when it lies flat: 100 + 25 + 120 is earlier. The tool rests until 700.
        assertThat(starts(table)).containsExactly(0, 300, 700);
        assertThat(table.done()).extracting(Timetable.Done::atSeconds).containsExactly(750, 350);
        assertThat(table.slots().get(1).changeSeconds()).isEqualTo(145);
    }

    @Test
    void whatIsSharedIsWithOnePersonAtATime() {
        BenchDay day = Days.of(
                List.of(job("a"), job("b"), job("c")),
                List.of(
                        task("a", 0, 100, "fine", "", ""),
                        task("b", 0, 100, "fine", "", ""),
                        task("c", 0, 100, "", "guide", "25")),
                List.of(stone("fine", 2)),
                "Anna",
                "Bert");
        Timetable table = DayPlanner.timed(day, List.of(List.of("a/0"), List.of("b/0", "c/0")));
        assertThat(starts(table)).containsExactly(25, 125, 280);
        BenchDay guides = Days.of(
                List.of(job("a"), job("b")),
                List.of(task("a", 0, 100, "", "guide", "25"), task("b", 0, 100, "", "guide", "25")),
                List.of(),
                "Anna",
                "Bert");
        // Bert gets it as it is set and puts his tool in.
        assertThat(starts(DayPlanner.timed(guides, List.of(List.of("a/0"), List.of("b/0")))))
                .containsExactly(55, 170);
    }

    @Test
    void aQuickHandIsReadySoonerAndASlowOneLater() {
        DayTask task = new DayTask("x", "a", 100, 60, 180, List.of(), Optional.of("fine"), Optional.empty(), 0);
        BenchDay day = Days.of(List.of(job("a")), List.of(task), List.of(stone("fine", 2)), "Anna");
        Timetable table = timed(day, "x");
        assertThat(table.done()).containsExactly(new Timetable.Done("a", 125, 79, 213, java.util.OptionalInt.empty()));
        assertThat(table.earliestEndSeconds()).isEqualTo(79);
        assertThat(table.latestEndSeconds()).isEqualTo(213);
        assertThat(table.slots().get(0).acts()).containsExactly(ChangeAct.LAY_DOWN);
    }

    @Test
    void promisesAreMissedByWhatTheyAreMissedBy() {
        BenchDay day = Days.of(
                List.of(job("a", 80), job("b", 250), job("c")),
                List.of(task("a", 0, 100, "", "", ""), task("b", 0, 100, "", "", ""), task("c", 0, 100, "", "", "")),
                List.of(),
                "Anna");
        Timetable table = timed(day, "c/0", "b/0", "a/0");
        assertThat(table.merit().lateSeconds()).isEqualTo(220);
        assertThat(table.done().get(1).lateSeconds()).hasValue(0);
        assertThat(table.done().get(2).lateSeconds()).isEmpty();
        assertThat(timed(day, "a/0", "b/0", "c/0").merit().lateSeconds()).isEqualTo(20);
    }

    @Test
    void everyOrderCanBeWorkedAndNothingIsWorkedBeforeItsTime() {
        Random random = new Random(3);
        for (int round = 0; round < 300; round++) {
            BenchDay day = Days.small(random, 1 + random.nextInt(2));
            List<String> ids = new java.util.ArrayList<>(
                    day.tasks().stream().map(DayTask::id).toList());
            java.util.Collections.shuffle(ids, random);
            int cut = day.people().size() == 1 ? ids.size() : random.nextInt(ids.size());
            Timetable table = DayPlanner.timed(day, List.of(ids.subList(0, cut), ids.subList(cut, ids.size())));
            assertThat(table.slots()).hasSize(day.tasks().size());
            Map<String, Timetable.Slot> at = new HashMap<>();
            table.slots().forEach(s -> at.put(s.task().id(), s));
            for (Timetable.Slot s : table.slots()) {
                for (String b : s.task().after()) {
                    Timetable.Slot before = at.get(b);
                    assertThat(s.startSeconds())
                            .isGreaterThanOrEqualTo(
                                    before.finishSeconds() + before.task().restSeconds());
                }
                for (Timetable.Slot o : table.slots()) {
                    boolean shared = o.person().equals(s.person())
                            || o.task().stone().isPresent()
                                    && o.task().stone().equals(s.task().stone());
                    if (o != s && shared) {
                        assertThat(s.finishSeconds() <= o.startSeconds() || o.finishSeconds() <= s.startSeconds())
                                .as(s + " and " + o)
                                .isTrue();
                    }
                }
            }
        }
    }

    @Test
    void nonsenseIsRefused() {
        List<BenchDay.Job> jobs = List.of(job("a"));
        DayTask circle = new DayTask("x", "a", 1, List.of("x"), Optional.empty(), Optional.empty(), 0);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Days.of(jobs, List.of(circle), List.of(), "Anna"))
                .withMessageContaining("wait for each other");
        assertThatIllegalArgumentException().isThrownBy(() -> Days.of(jobs, List.of(), List.of()));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Days.of(jobs, List.of(task("b", 0, 1, "", "", "")), List.of(), "Anna"));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Days.of(jobs, List.of(task("a", 0, 1, "lost", "", "")), List.of(), "Anna"));
        assertThatIllegalArgumentException().isThrownBy(() -> Days.of(jobs, List.of(), List.of(), "Anna", "Anna"));
        assertThatIllegalArgumentException().isThrownBy(() -> task("a", 0, -1, "", "", ""));
    }
}
