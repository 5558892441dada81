package truekeen.app.day;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import truekeen.app.store.StoredFormat;
import truekeen.core.day.ChangeAct;
import truekeen.core.day.DayTask;
import truekeen.core.day.LearnedChanges;
import truekeen.core.day.Timetable;

/** How a planned day is kept. Times are whole seconds from when it begins. */
final class StoredDay {
    static final StoredFormat<StoredWishes, DayWishes> WISHES = StoredFormat.of(
            "day_plan.wishes", StoredWishes.class, StoredDay::wishes, StoredDay::stored, StoredFormat::asItWas);
    static final StoredFormat<StoredTable, PlannedDay> TIMETABLE = StoredFormat.of(
            "day_plan.timetable", StoredTable.class, StoredDay::planned, StoredDay::stored, StoredFormat::asItWas);

    private StoredDay() {}

    record StoredWishes(List<StoredWorker> people, String readyBy, List<StoredWanted> tools) {}

    record StoredWorker(String name, String begins) {}

    record StoredWanted(String tool, String by, double longer, int rests, boolean first, String after) {}

    record StoredTable(
            List<StoredSlot> slots,
            List<StoredDone> done,
            StoredMerit merit,
            StoredMerit byTicket,
            long bound,
            boolean whole,
            Map<String, Integer> soaked,
            List<String> flattened,
            StoredChanges changes,
            Map<String, String> titles,
            Map<String, String> names) {}

    record StoredSlot(
            String id,
            String job,
            int seconds,
            int least,
            int most,
            List<String> after,
            String stone,
            String holder,
            String setting,
            int rest,
            String person,
            List<String> acts,
            int change,
            int start,
            int finish) {}

    record StoredDone(String job, int at, int earliest, int latest, Integer late) {}

    record StoredChanges(double factor, double low, double high, int changes) {}

    record StoredMerit(long late, int end, int setUps, long change, long ready) {}

    private static DayWishes wishes(StoredWishes s) {
        return new DayWishes(
                s.people.stream()
                        .map(p -> new DayWishes.Worker(p.name, Optional.ofNullable(p.begins)))
                        .toList(),
                s.readyBy,
                s.tools.stream()
                        .map(t -> new DayWishes.Wanted(
                                UUID.fromString(t.tool),
                                Optional.ofNullable(t.by),
                                t.longer,
                                t.rests,
                                t.first,
                                Optional.ofNullable(t.after).map(UUID::fromString)))
                        .toList());
    }

    private static StoredWishes stored(DayWishes w) {
        return new StoredWishes(
                w.people().stream()
                        .map(p -> new StoredWorker(p.name(), p.begins().orElse(null)))
                        .toList(),
                w.readyBy(),
                w.tools().stream()
                        .map(t -> new StoredWanted(
                                t.tool().toString(),
                                t.by().orElse(null),
                                t.longer(),
                                t.restsMinutes(),
                                t.first(),
                                t.after().map(UUID::toString).orElse(null)))
                        .toList());
    }

    private static PlannedDay planned(StoredTable s) {
        List<Timetable.Slot> slots = s.slots.stream()
                .map(x -> new Timetable.Slot(
                        new DayTask(
                                x.id,
                                x.job,
                                x.seconds,
                                x.least,
                                x.most,
                                x.after,
                                Optional.ofNullable(x.stone),
                                Optional.ofNullable(x.holder).map(h -> new DayTask.Hold(h, x.setting)),
                                x.rest),
                        x.person,
                        x.acts.stream().map(ChangeAct::valueOf).toList(),
                        x.change,
                        x.start,
                        x.finish))
                .toList();
        List<Timetable.Done> done = s.done.stream()
                .map(d -> new Timetable.Done(
                        d.job,
                        d.at,
                        d.earliest,
                        d.latest,
                        d.late == null ? OptionalInt.empty() : OptionalInt.of(d.late)))
                .toList();
        return new PlannedDay(
                new Timetable(slots, done, merit(s.merit)),
                merit(s.byTicket),
                s.bound,
                s.whole,
                s.soaked,
                s.flattened,
                changes(s.changes),
                s.titles,
                s.names);
    }

    /** Days that were planned before the bench taught anything are as usual. */
    private static LearnedChanges changes(StoredChanges s) {
        return s == null ? LearnedChanges.of(List.of()) : new LearnedChanges(s.factor, s.low, s.high, s.changes);
    }

    private static Timetable.Merit merit(StoredMerit m) {
        return new Timetable.Merit(m.late, m.end, m.setUps, m.change, m.ready);
    }

    private static StoredMerit stored(Timetable.Merit m) {
        return new StoredMerit(m.lateSeconds(), m.endSeconds(), m.setUps(), m.changeSeconds(), m.readySeconds());
    }

    private static StoredTable stored(PlannedDay p) {
        return new StoredTable(
                p.table().slots().stream()
                        .map(x -> new StoredSlot(
                                x.task().id(),
                                x.task().job(),
                                x.task().seconds(),
                                x.task().leastSeconds(),
                                x.task().mostSeconds(),
                                x.task().after(),
                                x.task().stone().orElse(null),
                                x.task().hold().map(DayTask.Hold::holder).orElse(null),
                                x.task().hold().map(DayTask.Hold::setting).orElse(null),
                                x.task().restSeconds(),
                                x.person(),
                                x.acts().stream().map(Enum::name).toList(),
                                x.changeSeconds(),
                                x.startSeconds(),
                                x.finishSeconds()))
                        .toList(),
                p.table().done().stream()
                        .map(d -> new StoredDone(
                                d.job(),
                                d.atSeconds(),
                                d.earliestSeconds(),
                                d.latestSeconds(),
                                d.lateSeconds().isEmpty()
                                        ? null
                                        : d.lateSeconds().getAsInt()))
                        .toList(),
                stored(p.table().merit()),
                stored(p.byTicket()),
                p.boundSeconds(),
                p.whole(),
                p.soaked(),
                p.flattened(),
                new StoredChanges(
                        p.changes().factor(),
                        p.changes().low(),
                        p.changes().high(),
                        p.changes().changes()),
                p.titles(),
                p.names());
    }
}
