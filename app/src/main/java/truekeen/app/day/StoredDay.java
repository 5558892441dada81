package truekeen.app.day;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import truekeen.app.store.StoredFormat;
import truekeen.core.day.DayTask;
import truekeen.core.day.Timetable;

/** How a planned day is kept. Times are whole seconds from when it begins. */
final class StoredDay {
    static final StoredFormat<StoredWishes, DayWishes> WISHES = StoredFormat.of(
            "day_plan.wishes", StoredWishes.class, StoredDay::wishes, StoredDay::stored, StoredFormat::asItWas);
    static final StoredFormat<StoredTable, PlannedDay> TIMETABLE = StoredFormat.of(
            "day_plan.timetable", StoredTable.class, StoredDay::planned, StoredDay::stored, StoredFormat::asItWas);

    private StoredDay() {}

    record StoredWishes(List<StoredWorker> people, String readyBy, List<StoredWanted> tools, List<String> first) {}

    record StoredWorker(String name, String begins) {}

    record StoredWanted(String tool, String by, double longer) {}

    record StoredTable(
            List<StoredSlot> slots,
            List<StoredDone> done,
            StoredMerit merit,
            StoredMerit byTicket,
            long bound,
            boolean whole,
            Map<String, Integer> soaked,
            List<String> flattened,
            Map<String, String> titles,
            Map<String, String> names,
            Map<String, Double> grains) {}

    record StoredSlot(
            String id,
            String job,
            int seconds,
            List<String> after,
            String stone,
            String holder,
            String setting,
            int rest,
            String person,
            int change,
            int start,
            int finish) {}

    record StoredDone(String job, int at, Integer late) {}

    record StoredMerit(long late, int end, int setUps, long change, long ready) {}

    private static DayWishes wishes(StoredWishes s) {
        return new DayWishes(
                s.people.stream()
                        .map(p -> new DayWishes.Worker(p.name, Optional.ofNullable(p.begins)))
                        .toList(),
                s.readyBy,
                s.tools.stream()
                        .map(t -> new DayWishes.Wanted(UUID.fromString(t.tool), Optional.ofNullable(t.by), t.longer))
                        .toList(),
                s.first);
    }

    private static StoredWishes stored(DayWishes w) {
        return new StoredWishes(
                w.people().stream()
                        .map(p -> new StoredWorker(p.name(), p.begins().orElse(null)))
                        .toList(),
                w.readyBy(),
                w.tools().stream()
                        .map(t -> new StoredWanted(t.tool().toString(), t.by().orElse(null), t.longer()))
                        .toList(),
                w.first());
    }

    private static PlannedDay planned(StoredTable s) {
        List<Timetable.Slot> slots = s.slots.stream()
                .map(x -> new Timetable.Slot(
                        new DayTask(
                                x.id,
                                x.job,
                                x.seconds,
                                x.after,
                                Optional.ofNullable(x.stone),
                                Optional.ofNullable(x.holder).map(h -> new DayTask.Hold(h, x.setting)),
                                x.rest),
                        x.person,
                        x.change,
                        x.start,
                        x.finish))
                .toList();
        List<Timetable.Done> done = s.done.stream()
                .map(d ->
                        new Timetable.Done(d.job, d.at, d.late == null ? OptionalInt.empty() : OptionalInt.of(d.late)))
                .toList();
        return new PlannedDay(
                new Timetable(slots, done, merit(s.merit)),
                merit(s.byTicket),
                s.bound,
                s.whole,
                s.soaked,
                s.flattened,
                s.titles,
                s.names,
                s.grains);
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
                                x.task().after(),
                                x.task().stone().orElse(null),
                                x.task().hold().map(DayTask.Hold::holder).orElse(null),
                                x.task().hold().map(DayTask.Hold::setting).orElse(null),
                                x.task().restSeconds(),
                                x.person(),
                                x.changeSeconds(),
                                x.startSeconds(),
                                x.finishSeconds()))
                        .toList(),
                p.table().done().stream()
                        .map(d -> new StoredDone(
                                d.job(),
                                d.atSeconds(),
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
                p.titles(),
                p.names(),
                p.grains());
    }
}
