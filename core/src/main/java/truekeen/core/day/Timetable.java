package truekeen.core.day;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import truekeen.core.table.Prior;

/**
 * A day in its order, with when each thing is done.
 *
 * @param slots the tasks as they are begun
 * @param done when each tool is ready, in the order of the jobs
 * @param merit how good it is
 */
public record Timetable(List<Slot> slots, List<Done> done, Merit merit) {

    /** Keeps the lists from changing. */
    public Timetable {
        slots = List.copyOf(slots);
        done = List.copyOf(done);
    }

    /**
     * A task in its place.
     *
     * @param person who does it
     * @param acts what the hands do first to change over to it
     * @param changeSeconds what the hands take before it begins to change over (s)
     * @param startSeconds when it begins (s)
     * @param finishSeconds when the hands are done with it (s)
     */
    public record Slot(
            DayTask task, String person, List<ChangeAct> acts, int changeSeconds, int startSeconds, int finishSeconds) {
        /** Keeps the list from changing. */
        public Slot {
            acts = List.copyOf(acts);
        }
    }

    /**
     * When a tool is ready.
     *
     * @param atSeconds rests and all (s)
     * @param earliestSeconds the same where every task takes its least (s)
     * @param latestSeconds the same where every task takes its most (s)
     * @param lateSeconds how much later than promised (s); empty where nothing is promised for today
     */
    public record Done(String job, int atSeconds, int earliestSeconds, int latestSeconds, OptionalInt lateSeconds) {}

    /**
     * How good an order is: less lateness is better, whatever else; then an earlier end; then fewer set-ups; then tools that
     * are ready sooner, so that fewer lie about half done.
     *
     * @param lateSeconds sum over the tools of how late each is (s)
     * @param endSeconds when the last tool is ready (s)
     * @param setUps how often a stone is laid down or a holder set
     * @param changeSeconds what changing over takes in all (s)
     * @param readySeconds sum over the tools of when each is ready (s)
     */
    public record Merit(long lateSeconds, int endSeconds, int setUps, long changeSeconds, long readySeconds)
            implements Comparable<Merit> {
        private static final Comparator<Merit> ORDER = Comparator.comparingLong(Merit::lateSeconds)
                .thenComparingInt(Merit::endSeconds)
                .thenComparingInt(Merit::setUps)
                .thenComparingLong(Merit::readySeconds);

        /** The better one is less. */
        @Override
        public int compareTo(Merit other) {
            return ORDER.compare(this, other);
        }

        /** Whether it is better. */
        public boolean beats(Merit other) {
            return compareTo(other) < 0;
        }
    }

    /** When the last tool is ready where every task takes its least (s). */
    public int earliestEndSeconds() {
        return done.stream().mapToInt(Done::earliestSeconds).max().orElse(0);
    }

    /** When the last tool is ready where every task takes its most (s). */
    public int latestEndSeconds() {
        return done.stream().mapToInt(Done::latestSeconds).max().orElse(0);
    }

    /** What each person does, as ids in their order. */
    public List<List<String>> orders(BenchDay day) {
        return day.people().stream()
                .map(p -> slots.stream()
                        .filter(s -> s.person().equals(p.name()))
                        .map(s -> s.task().id())
                        .toList())
                .toList();
    }

    static Timetable of(DayModel m, int[][] orders) {
        DayClock clock = new DayClock(m);
        clock.run(orders);
        double spread = Prior.HANDLING_SPREAD.value();
        DayClock quick = new DayClock(m, m.least, m.day.times().times(1 / spread));
        quick.run(orders);
        DayClock slow = new DayClock(m, m.most, m.day.times().times(spread));
        slow.run(orders);
        List<Slot> slots = new ArrayList<>();
        for (int t : clock.sequence) {
            slots.add(new Slot(
                    m.day.tasks().get(t),
                    m.day.people().get(clock.who[t]).name(),
                    acts(clock.acts[t]),
                    clock.change[t],
                    clock.start[t],
                    clock.finish[t]));
        }
        slots.sort(Comparator.comparingInt(Slot::startSeconds));
        List<Done> done = new ArrayList<>();
        for (int j = 0; j < m.jobs; j++) {
            BenchDay.Job job = m.day.jobs().get(j);
            int at = clock.doneAt(j);
            OptionalInt late = job.promisedSeconds().isEmpty()
                    ? OptionalInt.empty()
                    : OptionalInt.of(Math.max(0, at - job.promisedSeconds().getAsInt()));
            // A quicker hand may change who waits for whom, but says nothing later than this.
            int earliest = Math.min(at, quick.doneAt(j));
            int latest = Math.max(at, slow.doneAt(j));
            done.add(new Done(job.id(), at, earliest, latest, late));
        }
        return new Timetable(slots, done, merit(clock));
    }

    private static List<ChangeAct> acts(int bits) {
        return Arrays.stream(ChangeAct.values()).filter(a -> a.in(bits)).toList();
    }

    static Merit merit(DayClock clock) {
        return new Merit(clock.late, clock.end, clock.setUps, clock.changeSeconds, clock.readySum);
    }
}
