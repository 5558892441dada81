package truekeen.core.day;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A day at the bench: who works, on what, and how things stand as it begins. Times are whole seconds from that beginning;
 * where the day has gone on for a while, what is done is no part of it any more, and it begins now.
 *
 * @param people who works; one at least
 * @param jobs the tools, in the order of their tickets
 * @param tasks what is to be done; those of a tool in their order
 * @param stones what the tasks are done on
 * @param settings what each holder is set to now; a holder that is not named is set to nothing
 * @param pinned tasks that a person does first, in this order, by the person's name
 * @param times how long changing over takes
 */
public record BenchDay(
        List<Person> people,
        List<Job> jobs,
        List<DayTask> tasks,
        List<Stone> stones,
        Map<String, String> settings,
        Map<String, List<String>> pinned,
        ChangeTimes times) {

    /**
     * Keeps what is given from changing and refuses what cannot be worked.
     *
     * @throws IllegalArgumentException where nobody works, a name is there twice or is not known, or tasks wait for each
     *     other in a circle
     */
    public BenchDay {
        people = List.copyOf(people);
        jobs = List.copyOf(jobs);
        tasks = List.copyOf(tasks);
        stones = List.copyOf(stones);
        settings = Map.copyOf(settings);
        pinned = Map.copyOf(pinned);
        if (people.isEmpty()) {
            throw new IllegalArgumentException("nobody works");
        }
        Set<String> names = unique(people.stream().map(Person::name).toList());
        Set<String> tools = unique(jobs.stream().map(Job::id).toList());
        Set<String> kit = unique(stones.stream().map(Stone::id).toList());
        Set<String> ids = unique(tasks.stream().map(DayTask::id).toList());
        for (DayTask task : tasks) {
            known(tools, task.job());
            task.after().forEach(t -> known(ids, t));
            task.stone().ifPresent(s -> known(kit, s));
        }
        pinned.keySet().forEach(n -> known(names, n));
        unique(pinned.values().stream().flatMap(List::stream).toList()).forEach(t -> known(ids, t));
        circles(tasks);
    }

    /**
     * Somebody at the bench.
     *
     * @param fromSeconds when they can begin (s)
     * @param stone what lies before them then; empty where nothing does
     */
    public record Person(String name, int fromSeconds, Optional<String> stone) {}

    /**
     * A tool.
     *
     * @param promisedSeconds when it is to be ready (s); empty where not today
     */
    public record Job(String id, OptionalInt promisedSeconds) {}

    /**
     * A stone, or whatever else tools are worked on: one person at a time has it.
     *
     * @param um its grain (µm); 0 where it has none
     * @param soakSeconds how long it still has to soak (s), which begins with the day
     * @param readySeconds what the hands take to make it ready before its first use (s), as flattening it
     */
    public record Stone(String id, double um, int soakSeconds, int readySeconds) {}

    private static Set<String> unique(List<String> names) {
        Set<String> all = new HashSet<>(names);
        if (all.size() != names.size()) {
            throw new IllegalArgumentException("a name is there twice: " + names);
        }
        return all;
    }

    private static void known(Set<String> all, String name) {
        if (!all.contains(name)) {
            throw new IllegalArgumentException("not known: " + name);
        }
    }

    private static void circles(List<DayTask> tasks) {
        Set<String> done = new HashSet<>();
        List<DayTask> left = tasks;
        while (!left.isEmpty()) {
            Set<String> before = Set.copyOf(done);
            List<DayTask> free =
                    left.stream().filter(t -> before.containsAll(t.after())).toList();
            if (free.isEmpty()) {
                throw new IllegalArgumentException("tasks wait for each other: "
                        + left.stream().map(DayTask::id).collect(Collectors.joining(", ")));
            }
            free.forEach(t -> done.add(t.id()));
            left = left.stream().filter(t -> !done.contains(t.id())).toList();
        }
    }
}
