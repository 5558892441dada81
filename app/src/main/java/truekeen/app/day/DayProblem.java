package truekeen.app.day;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.care.Lapping;
import truekeen.core.day.BenchDay;
import truekeen.core.day.ChangeTimes;
import truekeen.core.day.DayTask;
import truekeen.core.day.ToolTasks;

/**
 * A day to be put in order, with what its tasks and things are called.
 *
 * @param day what the core plans
 * @param titles what each task and each tool is called, by id
 * @param soaked what has to soak, and how long (s), by its id
 * @param flattened ids of what is flattened before its first use, finest first
 */
record DayProblem(
        BenchDay day,
        Map<String, Integer> soaked,
        List<String> flattened,
        Map<String, String> titles,
        Map<String, String> names) {

    private static final int SECONDS_A_MINUTE = 60;

    /** What a tool brings into the day. */
    record Brought(
            OpenTools.Workable tool,
            Optional<LocalTime> by,
            double longer,
            int restsMinutes,
            boolean first,
            Optional<UUID> after) {}

    /** The first tool that would have to be ready before itself, going from tool to tool; empty where none has. */
    static Optional<Brought> inCircle(List<Brought> tools) {
        Map<UUID, UUID> after = new HashMap<>();
        tools.forEach(b -> b.after.ifPresent(a -> after.put(b.tool.tool(), a)));
        return tools.stream()
                .filter(b -> {
                    UUID at = after.get(b.tool.tool());
                    for (int steps = 0; at != null && steps < tools.size(); steps++) {
                        if (at.equals(b.tool.tool())) {
                            return true;
                        }
                        at = after.get(at);
                    }
                    return false;
                })
                .findFirst();
    }

    /** The last task of a tool waits for the last of the tool that is to be ready before it. */
    private static void inTheirOrder(List<Brought> tools, List<DayTask> tasks) {
        Map<String, Integer> last = new HashMap<>();
        for (int i = 0; i < tasks.size(); i++) {
            last.put(tasks.get(i).job(), i);
        }
        for (Brought b : tools) {
            Integer own = last.get(b.tool.tool().toString());
            Integer before = b.after.map(a -> last.get(a.toString())).orElse(null);
            if (own != null && before != null) {
                tasks.set(own, tasks.get(own).alsoAfter(tasks.get(before).id()));
            }
        }
    }

    static DayProblem of(
            DayWishes wishes,
            List<Brought> tools,
            List<Abrasive> shelf,
            Map<String, String> holders,
            ChangeTimes times,
            Instant begins,
            LocalDate today,
            ZoneId zone) {
        List<BenchDay.Job> jobs = new ArrayList<>();
        List<DayTask> tasks = new ArrayList<>();
        List<String> first = new ArrayList<>();
        Map<String, String> titles = new HashMap<>();
        for (Brought b : tools) {
            String job = b.tool.tool().toString();
            List<DayTask> own = resting(b.tool.tasks(b.longer), b.restsMinutes * SECONDS_A_MINUTE);
            titles.put(job, b.tool.name());
            own.forEach(t -> titles.put(t.id(), b.tool.title(t.id())));
            tasks.addAll(own);
            if (b.first) {
                own.forEach(t -> first.add(t.id()));
            }
            boolean promised = b.tool.wantedBy().filter(d -> !d.isAfter(today)).isPresent();
            Optional<LocalTime> by =
                    b.by.or(() -> promised ? Optional.of(LocalTime.parse(wishes.readyBy())) : Optional.empty());
            jobs.add(new BenchDay.Job(
                    job,
                    by.map(t -> OptionalInt.of(seconds(begins, today, t, zone))).orElse(OptionalInt.empty())));
        }
        inTheirOrder(tools, tasks);
        Set<String> used = tasks.stream().flatMap(t -> t.stone().stream()).collect(Collectors.toSet());
        List<Abrasive> kit = shelf.stream().filter(a -> used.contains(a.id())).toList();
        Map<String, String> names = new HashMap<>(holders);
        kit.forEach(a -> names.put(a.id(), a.name()));
        List<BenchDay.Stone> stones =
                new ArrayList<>(kit.stream().map(ToolTasks::stone).toList());
        // What is no longer on the shelf is worked on all the same, as its step says.
        Set<String> known = new HashSet<>(names.keySet());
        used.stream().filter(s -> !known.contains(s)).forEach(s -> stones.add(new BenchDay.Stone(s, 0, 0, 0)));
        List<BenchDay.Person> people = wishes.people().stream()
                .map(p -> new BenchDay.Person(
                        p.name(),
                        p.begins()
                                .map(t -> Math.max(0, seconds(begins, today, LocalTime.parse(t), zone)))
                                .orElse(0),
                        Optional.empty()))
                .toList();
        BenchDay day = new BenchDay(
                people,
                jobs,
                tasks,
                stones,
                Map.of(),
                first.isEmpty() ? Map.of() : Map.of(people.get(0).name(), first),
                times);
        return new DayProblem(
                day,
                stones.stream()
                        .filter(s -> s.soakSeconds() > 0)
                        .collect(Collectors.toMap(BenchDay.Stone::id, BenchDay.Stone::soakSeconds)),
                Lapping.order(kit.stream().filter(a -> Lapping.due(a, 0)).toList()).stream()
                        .map(Abrasive::id)
                        .toList(),
                titles,
                names);
    }

    /** The tasks of a tool, after the last of which it lies by itself for a while. */
    private static List<DayTask> resting(List<DayTask> tasks, int seconds) {
        if (tasks.isEmpty() || seconds == 0) {
            return tasks;
        }
        List<DayTask> all = new ArrayList<>(tasks);
        all.add(all.remove(all.size() - 1).resting(seconds));
        return all;
    }

    private static int seconds(Instant begins, LocalDate today, LocalTime at, ZoneId zone) {
        long until = today.atTime(at).atZone(zone).toEpochSecond() - begins.getEpochSecond();
        return (int) Math.max(-86_400, Math.min(86_400, until));
    }
}
