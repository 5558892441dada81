package truekeen.core.day;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * What no order of a day can do better than. Source: derived here.
 *
 * @param endSeconds the day cannot end earlier (s): the greatest of three. All hands together: every task, with the least
 *     that changing over can take ({@link ChangeBound}), shared by all people from when each begins. One tool: its longest
 *     chain of tasks and rests. One stone: its soaking and all that is done on it.
 * @param lateSeconds the sum of what promises are missed by cannot be less (s): for each promise, the hands' work on all
 *     tools that are promised by then, shared by all, less the time there is
 */
public record DayBound(long endSeconds, long lateSeconds) {

    static DayBound of(DayModel m) {
        long work =
                ChangeBound.seconds(m) + IntStream.of(m.seconds).asLongStream().sum();
        return new DayBound(Math.max(shared(m, work), Math.max(chain(m), stones(m))), lateness(m));
    }

    /** When so much work can be done by all people together: each begins when they begin. */
    private static long shared(DayModel m, long work) {
        long[] from = Arrays.stream(m.from).asLongStream().sorted().toArray();
        long busy = 0;
        for (int k = 0; k < from.length; k++) {
            busy += from[k];
            long end = Math.floorDiv(busy + work + k, k + 1);
            if (k + 1 == from.length || end <= from[k + 1]) {
                return Math.max(end, from[0]);
            }
        }
        throw new IllegalStateException("nobody works");
    }

    private static long chain(DayModel m) {
        long[] done = new long[m.count];
        long most = 0;
        int first = IntStream.of(m.from).min().orElseThrow();
        boolean[] known = new boolean[m.count];
        for (int left = m.count; left > 0; ) {
            for (int t = 0; t < m.count; t++) {
                if (!known[t] && IntStream.of(m.before[t]).allMatch(b -> known[b])) {
                    long from = first;
                    for (int b : m.before[t]) {
                        from = Math.max(from, done[b]);
                    }
                    if (m.stone[t] != DayModel.NONE) {
                        from = Math.max(from, m.soak[m.stone[t]]);
                    }
                    done[t] = from + m.seconds[t] + m.rest[t];
                    most = Math.max(most, done[t]);
                    known[t] = true;
                    left--;
                }
            }
        }
        return most;
    }

    private static long stones(DayModel m) {
        long most = 0;
        int first = IntStream.of(m.from).min().orElseThrow();
        for (int s = 0; s < m.stones; s++) {
            long work = 0;
            for (int t = 0; t < m.count; t++) {
                work += m.stone[t] == s ? m.seconds[t] : 0;
            }
            most = Math.max(most, work == 0 ? 0 : Math.max(first, m.soak[s]) + work);
        }
        return most;
    }

    private static long lateness(DayModel m) {
        long most = 0;
        for (int j = 0; j < m.jobs; j++) {
            if (m.promised[j] != Integer.MAX_VALUE) {
                long work = 0;
                for (int t = 0; t < m.count; t++) {
                    work += m.promised[m.job[t]] <= m.promised[j] ? m.seconds[t] : 0;
                }
                most = Math.max(most, work == 0 ? 0 : shared(m, work) - m.promised[j]);
            }
        }
        return most;
    }
}
