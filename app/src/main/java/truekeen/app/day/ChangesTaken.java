package truekeen.app.day;

import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import truekeen.app.bench.SessionReadings;
import truekeen.app.bench.SessionReadings.StepTime;
import truekeen.app.platform.BenchClock;
import truekeen.core.day.DayTask;
import truekeen.core.day.LearnedChanges;
import truekeen.core.day.Timetable;
import truekeen.core.day.ToolTasks;
import truekeen.core.table.Prior;

/** What changing over really took on the days that were planned here, against what it was planned as. */
@Component
class ChangesTaken {
    /** Planned days that are looked at: a bench of long ago says little. */
    private static final int DAYS = 20;

    private static final int MILLIS = 1000;

    private final DayRow.Rows rows;
    private final SessionReadings sessions;
    private final BenchClock clock;

    ChangesTaken(DayRow.Rows rows, SessionReadings sessions, BenchClock clock) {
        this.rows = rows;
        this.sessions = sessions;
        this.clock = clock;
    }

    /** What the bench taught so far. */
    LearnedChanges learned() {
        List<PlannedDay> days = newest();
        Set<UUID> plans = new HashSet<>();
        days.forEach(d -> d.table().slots().forEach(s -> plans.add(plan(s))));
        Map<UUID, Map<Integer, StepTime>> worked = sessions.stepTimes(plans);
        List<LearnedChanges.Taken> taken = new ArrayList<>();
        days.forEach(d -> taken.addAll(taken(d, worked)));
        return LearnedChanges.of(taken);
    }

    /** The last plan of each of the last days that can be read. */
    private List<PlannedDay> newest() {
        Map<LocalDate, PlannedDay> days = new HashMap<>();
        for (DayRow row : rows.findByDayLessThanEqualOrderByMadeAtDesc(clock.today(), Limit.of(2 * DAYS))) {
            if (!days.containsKey(row.day) && days.size() < DAYS) {
                StoredDay.TIMETABLE.read(row.timetable).value().ifPresent(p -> days.put(row.day, p));
            }
        }
        return List.copyOf(days.values());
    }

    private static UUID plan(Timetable.Slot slot) {
        return UUID.fromString(ToolTasks.plan(slot.task().id()));
    }

    /** Changes between two tasks that one person did one after the other, as planned, without a wait between them. */
    private static List<LearnedChanges.Taken> taken(PlannedDay day, Map<UUID, Map<Integer, StepTime>> worked) {
        List<LearnedChanges.Taken> taken = new ArrayList<>();
        Map<String, Timetable.Slot> before = new HashMap<>();
        for (Timetable.Slot slot : day.table().slots()) {
            Optional.ofNullable(before.put(slot.person(), slot))
                    .filter(b -> slot.changeSeconds() > 0)
                    .filter(b -> b.finishSeconds() + slot.changeSeconds() == slot.startSeconds())
                    .ifPresent(b -> time(b, worked).ifPresent(ended -> time(slot, worked)
                            .ifPresent(begun -> taken.add(new LearnedChanges.Taken(
                                    slot.changeSeconds() / day.changes().factor(), gap(ended, begun))))));
        }
        return taken;
    }

    /** From the last that was put down to when the first stroke was made (s). */
    private static double gap(StepTime ended, StepTime begun) {
        return (double) Duration.between(ended.last(), begun.first()).toMillis() / MILLIS
                - begun.strokesBefore() * Prior.STROKE_SECONDS.value();
    }

    private static Optional<StepTime> time(Timetable.Slot slot, Map<UUID, Map<Integer, StepTime>> worked) {
        DayTask task = slot.task();
        OptionalInt step = ToolTasks.step(task.id());
        return step.isEmpty()
                ? Optional.empty()
                : Optional.ofNullable(worked.getOrDefault(plan(slot), Map.of()).get(step.getAsInt()));
    }
}
