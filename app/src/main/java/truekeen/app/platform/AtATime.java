package truekeen.app.platform;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** How much of one kind goes on at a time for each who asks: nobody takes the room of all. */
final class AtATime {
    private final int most;
    private final Map<String, Integer> under = new ConcurrentHashMap<>();

    AtATime(int most) {
        this.most = most;
    }

    /** Lets one more begin; false where as many as may are under way. Whoever was let in leaves. */
    boolean enter(String who) {
        boolean[] in = new boolean[1];
        under.compute(who, (key, now) -> {
            int count = now == null ? 0 : now;
            in[0] = count < most;
            return in[0] ? count + 1 : count;
        });
        return in[0];
    }

    void leave(String who) {
        under.computeIfPresent(who, (key, now) -> now == 1 ? null : now - 1);
    }

    /** How many of them are remembered. */
    int known() {
        return under.size();
    }
}
