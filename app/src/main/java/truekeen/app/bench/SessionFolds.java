package truekeen.app.bench;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import truekeen.core.bench.SessionFold;
import truekeen.core.stepsheet.Step;

/**
 * Remembers how far sessions were folded, so that a count costs the same at the end of a long session as at its
 * beginning. Only what is committed is remembered, and whoever asks gets a copy. Events of a session are written under a
 * lock on its row, so that their positions rise in the order they are committed: what lies past the last position known
 * is all that is new.
 */
@Component
class SessionFolds {
    private static final int MOST = 200;

    private record Known(SessionFold fold, long position) {}

    private final Events events;
    private final Map<UUID, Known> known = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<UUID, Known> eldest) {
            return size() > MOST;
        }
    };

    SessionFolds(Events events) {
        this.events = events;
    }

    /** The session after all that is stored of it. The caller may change what it gets. */
    SessionFold of(SessionRow session, List<Step> steps) {
        Known at;
        synchronized (known) {
            at = known.get(session.id);
        }
        boolean fits = at != null
                && at.fold.steps().size() <= steps.size()
                && at.fold.steps().equals(steps.subList(0, at.fold.steps().size()));
        SessionFold fold = fits ? at.fold.copyOver(steps) : new SessionFold(steps);
        long position = fits ? at.position : 0;
        List<EventRow> more = events.findBySessionIdAndPositionGreaterThanOrderByPosition(session.id, position);
        more.forEach(e -> fold.add(e.toCore()));
        remember(session.id, fold.copy(), more.isEmpty() ? position : more.get(more.size() - 1).position);
        return fold;
    }

    /** Remembers a fold once the transaction is committed; one that is rolled back leaves nothing behind. */
    private void remember(UUID session, SessionFold fold, long position) {
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            return;
        }
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                synchronized (known) {
                    Known there = known.get(session);
                    if (there == null || there.position <= position) {
                        known.put(session, new Known(fold, position));
                    }
                }
            }
        });
    }
}
