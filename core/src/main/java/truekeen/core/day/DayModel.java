package truekeen.core.day;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** A day in arrays, so that an order of it is timed in microseconds: the search does that hundreds of thousands of times. */
final class DayModel {
    static final int NONE = -1;

    final BenchDay day;
    final int people;
    final int count;
    final int stones;
    final int holders;
    final int jobs;

    final int[] from;
    final int[] stoneBefore;
    final int[] settingBefore;
    /** What each person does first, with whatever must be done before it. */
    final int[][] pinned;

    final boolean[] isPinned;
    final int[] promised;
    final int[] soak;
    final int[] ready;
    final double[] um;

    final int[] job;
    final int[] seconds;
    final int[] least;
    final int[] most;
    final int[] rest;
    final int[] stone;
    final int[] holder;
    final int[] setting;
    final int[] waitsFor;
    /** Tasks on the same stone at the same setting are one run. */
    final int[] run;

    final int runs;
    final int[][] before;
    final int[][] next;
    final Map<String, Integer> taskIndex = new HashMap<>();

    DayModel(BenchDay day) {
        this.day = day;
        people = day.people().size();
        count = day.tasks().size();
        stones = day.stones().size();
        jobs = day.jobs().size();
        Map<String, Integer> stoneIndex = new HashMap<>();
        day.stones().forEach(s -> stoneIndex.put(s.id(), stoneIndex.size()));
        Map<String, Integer> jobIndex = new HashMap<>();
        day.jobs().forEach(j -> jobIndex.put(j.id(), jobIndex.size()));
        Map<String, Integer> holderIndex = new HashMap<>();
        Map<DayTask.Hold, Integer> settingIndex = new HashMap<>();
        day.tasks().forEach(t -> taskIndex.put(t.id(), taskIndex.size()));

        from = day.people().stream().mapToInt(BenchDay.Person::fromSeconds).toArray();
        stoneBefore = day.people().stream()
                .mapToInt(p ->
                        p.stone().map(s -> stoneIndex.getOrDefault(s, NONE)).orElse(NONE))
                .toArray();
        promised = day.jobs().stream()
                .mapToInt(j -> j.promisedSeconds().orElse(Integer.MAX_VALUE))
                .toArray();
        soak = day.stones().stream().mapToInt(BenchDay.Stone::soakSeconds).toArray();
        ready = day.stones().stream().mapToInt(BenchDay.Stone::readySeconds).toArray();
        um = day.stones().stream().mapToDouble(BenchDay.Stone::um).toArray();

        job = new int[count];
        seconds = new int[count];
        least = new int[count];
        most = new int[count];
        rest = new int[count];
        stone = new int[count];
        holder = new int[count];
        setting = new int[count];
        waitsFor = new int[count];
        run = new int[count];
        Map<Long, Integer> runIndex = new HashMap<>();
        before = new int[count][];
        List<List<Integer>> after = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            DayTask t = day.tasks().get(i);
            after.add(new ArrayList<>());
            job[i] = jobIndex.get(t.job());
            seconds[i] = t.seconds();
            least[i] = t.leastSeconds();
            most[i] = t.mostSeconds();
            rest[i] = t.restSeconds();
            stone[i] = t.stone().map(stoneIndex::get).orElse(NONE);
            holder[i] = t.hold()
                    .map(h -> holderIndex.computeIfAbsent(h.holder(), k -> holderIndex.size()))
                    .orElse(NONE);
            setting[i] = t.hold()
                    .map(h -> settingIndex.computeIfAbsent(h, k -> settingIndex.size()))
                    .orElse(NONE);
            run[i] = runIndex.computeIfAbsent(
                    (long) (stone[i] + 1) << Integer.SIZE | setting[i] + 1, k -> runIndex.size());
            before[i] = t.after().stream().mapToInt(taskIndex::get).toArray();
            waitsFor[i] = before[i].length;
        }
        for (int i = 0; i < count; i++) {
            for (int b : before[i]) {
                after.get(b).add(i);
            }
        }
        next = after.stream().map(l -> l.stream().mapToInt(x -> x).toArray()).toArray(int[][]::new);
        runs = runIndex.size();
        holders = holderIndex.size();
        settingBefore = new int[holders];
        Arrays.fill(settingBefore, NONE);
        day.settings().forEach((h, s) -> {
            if (holderIndex.containsKey(h)) {
                settingBefore[holderIndex.get(h)] = settingIndex.getOrDefault(new DayTask.Hold(h, s), NONE);
            }
        });
        isPinned = new boolean[count];
        pinned = day.people().stream().map(p -> pinnedTo(p.name())).toArray(int[][]::new);
    }

    private int[] pinnedTo(String person) {
        List<Integer> order = new ArrayList<>();
        day.pinned().getOrDefault(person, List.of()).forEach(id -> withBefore(taskIndex.get(id), order));
        return order.stream().mapToInt(t -> t).toArray();
    }

    private void withBefore(int t, List<Integer> order) {
        for (int b : before[t]) {
            withBefore(b, order);
        }
        if (!isPinned[t]) {
            isPinned[t] = true;
            order.add(t);
        }
    }

    /** Whether a finer stone after this one wants clean hands. */
    boolean cleansBetween(int earlier, int later) {
        return earlier != NONE && later != NONE && um[later] > 0 && um[earlier] > um[later];
    }
}
