package truekeen.app.bench;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import truekeen.app.bench.SessionRow.SessionStep;
import truekeen.app.plan.StoredSteps;
import truekeen.app.plan.StoredSteps.StoredStep;
import truekeen.app.store.StoredFormat;
import truekeen.app.store.StoredFormats;

/** How the JSON columns of sessions are kept. */
final class SessionStore {
    /** The steps of a session, each with its round. */
    static final StoredFormat<StoredSession, List<SessionStep>> STEPS = StoredFormat.of(
            "bench_session.steps",
            StoredSession.class,
            s -> s.items().stream()
                    .map(i -> new SessionStep(i.round, i.step.toCore()))
                    .toList(),
            steps -> new StoredSession(steps.stream()
                    .map(s -> new StoredSessionStep(s.round(), StoredStep.of(s.step())))
                    .toList()),
            SessionStore::withBurrTasks);

    /** Keys of the devices that held the session before. */
    static final StoredFormat<StoredFormats.Texts, List<String>> HELD_BEFORE =
            StoredFormats.texts("bench_session.held_before");

    private SessionStore() {}

    record StoredSession(List<StoredSessionStep> items) {}

    record StoredSessionStep(int round, StoredStep step) {}

    private static JsonNode withBurrTasks(JsonNode old) {
        JsonNode steps = StoredFormat.bareList(old);
        steps.path(StoredFormat.ITEMS).forEach(item -> {
            if (item.path("step") instanceof ObjectNode step) {
                StoredSteps.addBurrTask(step);
            }
        });
        return steps;
    }
}
