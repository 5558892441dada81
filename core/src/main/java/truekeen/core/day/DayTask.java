package truekeen.core.day;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * One piece of work on one tool, done in one go by one person.
 *
 * @param id tells it from all others of the day
 * @param job the tool it belongs to
 * @param seconds what the hands take (s), without changing over to it; 0 or more
 * @param leastSeconds the least to be expected (s)
 * @param mostSeconds the most to be expected (s)
 * @param after ids of the tasks that must be done before
 * @param stone what it is done on; empty where it wants none
 * @param hold what holds the tool, at which setting; empty where nothing has to be set
 * @param restSeconds how long the tool lies by itself afterwards (s), before it goes on or is ready
 */
public record DayTask(
        String id,
        String job,
        int seconds,
        int leastSeconds,
        int mostSeconds,
        List<String> after,
        Optional<String> stone,
        Optional<Hold> hold,
        int restSeconds) {

    /** Keeps the list from changing. */
    public DayTask {
        after = List.copyOf(after);
        if (leastSeconds < 0 || restSeconds < 0) {
            throw new IllegalArgumentException("a task of less than no time: " + id);
        }
        if (leastSeconds > seconds || seconds > mostSeconds) {
            throw new IllegalArgumentException("a range out of order: " + id);
        }
    }

    /** One whose time is known as it is. */
    public DayTask(
            String id,
            String job,
            int seconds,
            List<String> after,
            Optional<String> stone,
            Optional<Hold> hold,
            int restSeconds) {
        this(id, job, seconds, seconds, seconds, after, stone, hold, restSeconds);
    }

    /** The same, that waits for another task besides. */
    public DayTask alsoAfter(String task) {
        List<String> all = new ArrayList<>(after);
        all.add(task);
        return new DayTask(id, job, seconds, leastSeconds, mostSeconds, all, stone, hold, restSeconds);
    }

    /** The same, after which the tool lies by itself (s). */
    public DayTask resting(int seconds) {
        return new DayTask(id, job, this.seconds, leastSeconds, mostSeconds, after, stone, hold, seconds);
    }

    /**
     * What holds a tool: a guide at a projection, a rest at a tilt.
     *
     * @param holder what it is; one person at a time has it
     * @param setting what it is set to, in words: two tasks that say the same need nothing set between them
     */
    public record Hold(String holder, String setting) {}
}
