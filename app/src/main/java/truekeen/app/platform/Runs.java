package truekeen.app.platform;

import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;

/**
 * Long work that is asked for in one request and watched by others: how far it is, and whether it is to stop. Whoever
 * asks gives it a name of their own. A run that is stopped ends by refusal, so that its transaction leaves nothing.
 * Runs are forgotten after ten minutes; they live in memory only, as the work itself does.
 */
@Component
public class Runs {
    private static final Duration KEPT = Duration.ofMinutes(10);
    private static final int MOST = 500;

    private final Map<UUID, Run> runs = new ConcurrentHashMap<>();
    private final BenchClock clock;

    Runs(BenchClock clock) {
        this.clock = clock;
    }

    /** Told while the work goes on. */
    public interface Progress {
        /**
         * Told how far it is.
         *
         * @param done pieces done so far
         * @param of all of them
         * @throws RefusedException {@link MessageCode#STOPPED} when it is to stop
         */
        void at(int done, int of);
    }

    private static final class Run {
        private final Instant since;
        private volatile int done;
        private volatile int of;
        private volatile boolean stopped;

        Run(Instant since) {
            this.since = since;
        }
    }

    /** How far a run is. */
    record Far(int done, int of, boolean stopped) {}

    /** Begins a run, or goes on without one where nobody gave it a name. A stop that came first holds. */
    public Progress begin(Optional<UUID> id) {
        if (id.isEmpty()) {
            return (done, of) -> {};
        }
        Run run = run(id.get());
        return (done, of) -> {
            run.done = done;
            run.of = of;
            if (run.stopped) {
                throw new RefusedException(Refusal.of(MessageCode.STOPPED, "run", id.get()));
            }
        };
    }

    /** How far a run is; 0 of 0 while it has not begun. */
    Far far(UUID id) {
        Run run = runs.get(id);
        return run == null ? new Far(0, 0, false) : new Far(run.done, run.of, run.stopped);
    }

    /** Asks a run to stop; one that has ended already does not mind. */
    Far stop(UUID id) {
        run(id).stopped = true;
        return far(id);
    }

    private Run run(UUID id) {
        Instant now = clock.instant();
        runs.values().removeIf(r -> r.since.isBefore(now.minus(KEPT)));
        if (runs.size() >= MOST && !runs.containsKey(id)) {
            throw new RefusedException(Refusal.of(MessageCode.TOO_MANY_RUNS, "run", id));
        }
        return runs.computeIfAbsent(id, fresh -> new Run(now));
    }
}
