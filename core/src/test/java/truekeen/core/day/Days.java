package truekeen.core.day;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;

/** Made-up days to plan. */
final class Days {
    static final ChangeTimes TIMES = new ChangeTimes(40, 15, 25, 20);

    private Days() {}

    static BenchDay of(List<BenchDay.Job> jobs, List<DayTask> tasks, List<BenchDay.Stone> stones, String... people) {
        return new BenchDay(
                Arrays.stream(people)
                        .map(n -> new BenchDay.Person(n, 0, Optional.empty()))
                        .toList(),
                jobs,
                tasks,
                stones,
                Map.of(),
                Map.of(),
                TIMES);
    }

    static BenchDay.Job job(String id) {
        return new BenchDay.Job(id, OptionalInt.empty());
    }

    static BenchDay.Job job(String id, int promised) {
        return new BenchDay.Job(id, OptionalInt.of(promised));
    }

    static BenchDay.Stone stone(String id, double um) {
        return new BenchDay.Stone(id, um, 0, 0);
    }

    /** The task of a tool at its place in the chain; no stone and no holder where they are empty. */
    static DayTask task(String job, int place, int seconds, String stone, String holder, String setting) {
        return new DayTask(
                job + "/" + place,
                job,
                seconds,
                place == 0 ? List.of() : List.of(job + "/" + (place - 1)),
                Optional.of(stone).filter(s -> !s.isEmpty()),
                holder.isEmpty() ? Optional.empty() : Optional.of(new DayTask.Hold(holder, setting)),
                0);
    }

    static DayTask resting(DayTask t, int seconds) {
        return new DayTask(t.id(), t.job(), t.seconds(), t.after(), t.stone(), t.hold(), seconds);
    }

    static BenchDay pinned(BenchDay day, Map<String, List<String>> pinned) {
        return new BenchDay(day.people(), day.jobs(), day.tasks(), day.stones(), day.settings(), pinned, day.times());
    }

    /** A workshop of the size that is promised for: tools of a few kinds, each with its chain on the shelf. */
    static BenchDay large(int tools, long seed, String... people) {
        Random random = new Random(seed);
        List<BenchDay.Stone> stones = List.of(
                new BenchDay.Stone("coarse", 30, 300, 120),
                new BenchDay.Stone("medium", 9.5, 600, 120),
                new BenchDay.Stone("fine", 2, 0, 120),
                new BenchDay.Stone("strop", 0.5, 0, 0),
                new BenchDay.Stone("wheel", 58, 0, 0));
        List<BenchDay.Job> jobs = new ArrayList<>();
        List<DayTask> tasks = new ArrayList<>();
        String[] on = {"wheel", "coarse", "medium", "medium", "fine", "fine", "strop", ""};
        for (int i = 0; i < tools; i++) {
            String id = "tool" + i;
            jobs.add(random.nextInt(5) == 0 ? job(id, 3600 * (3 + random.nextInt(10))) : job(id));
            String angle = List.of("25", "25", "30", "20").get(random.nextInt(4));
            String holder = List.of("guide", "guide", "second guide", "").get(random.nextInt(4));
            for (int k = 0; k < on.length; k++) {
                String by = k == 0 ? "rest" : k < 6 ? holder : "";
                tasks.add(task(id, k, 40 + random.nextInt(120), on[k], by, k > 2 ? angle + "+5" : angle));
            }
        }
        return of(jobs, tasks, stones, people);
    }

    /** A few tasks, anyhow. */
    static BenchDay small(Random random, int people) {
        List<BenchDay.Stone> stones =
                List.of(new BenchDay.Stone("coarse", 30, random.nextInt(200), random.nextInt(60)), stone("fine", 2));
        List<BenchDay.Job> jobs = new ArrayList<>();
        List<DayTask> tasks = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            String id = "tool" + i;
            jobs.add(random.nextBoolean() ? job(id, random.nextInt(600)) : job(id));
            for (int k = 0; k < 2; k++) {
                String stone = List.of("coarse", "fine", "").get(random.nextInt(3));
                String holder = List.of("guide", "rest", "").get(random.nextInt(3));
                DayTask task = task(id, k, random.nextInt(200), stone, holder, random.nextBoolean() ? "25" : "30");
                tasks.add(resting(task, random.nextInt(3) == 0 ? 100 : 0));
            }
        }
        return of(jobs, tasks, stones, Arrays.copyOf(new String[] {"Anna", "Bert"}, people));
    }
}
