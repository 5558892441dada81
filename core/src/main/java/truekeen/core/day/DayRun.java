package truekeen.core.day;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Tasks that one person does one after the other without changing stone or setting: what the bench calls a set-up.
 *
 * @param slots at least one
 */
public record DayRun(String person, List<Timetable.Slot> slots) {
    /** Keeps the list from changing. */
    public DayRun {
        slots = List.copyOf(slots);
    }

    /** What they are done on. */
    public Optional<String> stone() {
        return slots.get(0).task().stone();
    }

    /** What holds the tools. */
    public Optional<DayTask.Hold> hold() {
        return slots.get(0).task().hold();
    }

    /** What the hands do before the first of them. */
    public List<ChangeAct> acts() {
        return slots.get(0).acts();
    }

    /** When its hands begin to change over to it (s). */
    public int fromSeconds() {
        return slots.get(0).startSeconds() - slots.get(0).changeSeconds();
    }

    /** When it is done (s). */
    public int untilSeconds() {
        return slots.get(slots.size() - 1).finishSeconds();
    }

    /** The runs of a day, by when they begin. */
    public static List<DayRun> of(List<Timetable.Slot> slots) {
        List<DayRun> runs = new ArrayList<>();
        for (Timetable.Slot slot : slots) {
            int last = last(runs, slot.person());
            if (last >= 0 && alike(runs.get(last), slot)) {
                List<Timetable.Slot> more = new ArrayList<>(runs.get(last).slots());
                more.add(slot);
                runs.set(last, new DayRun(slot.person(), more));
            } else {
                runs.add(new DayRun(slot.person(), List.of(slot)));
            }
        }
        return runs;
    }

    private static int last(List<DayRun> runs, String person) {
        for (int i = runs.size() - 1; i >= 0; i--) {
            if (runs.get(i).person().equals(person)) {
                return i;
            }
        }
        return -1;
    }

    private static boolean alike(DayRun run, Timetable.Slot slot) {
        return run.stone().equals(slot.task().stone())
                && run.hold().equals(slot.task().hold());
    }
}
