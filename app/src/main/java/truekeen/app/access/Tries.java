package truekeen.app.access;

import java.time.Duration;
import java.time.Instant;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Wrong passphrases by where they came from: after five of them the next is not looked at before a minute has passed, after
 * each further one twice as long, an hour at most. A right one forgives them.
 */
final class Tries {
    static final int FREE = 5;
    private static final Duration FIRST = Duration.ofMinutes(1);
    private static final int MOST_DOUBLINGS = 6;
    private static final Duration MOST = Duration.ofHours(1);
    private static final Duration FORGOTTEN = Duration.ofDays(1);
    private static final int MOST_KNOWN = 10_000;

    private record Wrong(int times, Instant last) {
        Instant next() {
            if (times < FREE) {
                return last;
            }
            Duration wait = FIRST.multipliedBy(1L << Math.min(times - FREE, MOST_DOUBLINGS));
            return last.plus(wait.compareTo(MOST) > 0 ? MOST : wait);
        }
    }

    private final Map<String, Wrong> wrong = new LinkedHashMap<>();

    /** How long somebody must wait before the next try; zero for not at all. */
    synchronized Duration wait(String address, Instant now) {
        Wrong known = wrong.get(address);
        if (known == null || !known.next().isAfter(now)) {
            return Duration.ZERO;
        }
        return Duration.between(now, known.next());
    }

    synchronized void wrong(String address, Instant now) {
        int before = wrong.containsKey(address) ? wrong.remove(address).times : 0;
        wrong.put(address, new Wrong(before + 1, now));
        Iterator<Wrong> oldest = wrong.values().iterator();
        while (oldest.hasNext()) {
            Wrong one = oldest.next();
            boolean old = one.last.plus(FORGOTTEN).isBefore(now);
            if (!old && wrong.size() <= MOST_KNOWN) {
                return;
            }
            oldest.remove();
        }
    }

    synchronized void right(String address) {
        wrong.remove(address);
    }

    /** How many addresses are remembered. */
    synchronized int known() {
        return wrong.size();
    }
}
