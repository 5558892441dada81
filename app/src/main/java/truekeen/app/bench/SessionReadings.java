package truekeen.app.bench;

import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.bench.BenchRecords.AtBench;
import truekeen.app.plan.PlanService;
import truekeen.app.platform.Form;
import truekeen.app.platform.SectionView;
import truekeen.app.tool.ToolService;
import truekeen.core.balance.MarkedWidths;
import truekeen.core.bench.BenchState;
import truekeen.core.bench.EdgeLoss;
import truekeen.core.bench.SessionSigns;
import truekeen.core.fault.Observation;
import truekeen.core.stepsheet.Step;

/** What can be read off sessions: where the tools at the bench stand, what was seen, what was measured. */
@Service
@Transactional(readOnly = true)
public class SessionReadings {
    private final Sessions sessions;
    private final Events events;
    private final SessionFolds folds;
    private final SessionViews views;
    private final PlanService plans;
    private final ToolService tools;

    SessionReadings(
            Sessions sessions,
            Events events,
            SessionFolds folds,
            SessionViews views,
            PlanService plans,
            ToolService tools) {
        this.sessions = sessions;
        this.events = events;
        this.folds = folds;
        this.views = views;
        this.plans = plans;
        this.tools = tools;
    }

    /** A session that was finished, and the plan it was worked by. */
    public record FinishedSession(UUID planId, Instant at) {}

    /** Sessions that were finished since then. */
    public List<FinishedSession> finishedSince(Instant since) {
        return sessions.finishedSince(since).stream()
                .map(s -> new FinishedSession(s.getPlanId(), s.getFinishedAt()))
                .toList();
    }

    /** When the last session of a tool before a moment was finished: what is known since is of the round of work after it. */
    public Instant roundBegan(UUID toolId, Instant at) {
        return sessions.lastFinished(toolId, at).orElse(Instant.EPOCH);
    }

    /** When the last session of each of several tools was finished; none for one that was never worked. */
    public Map<UUID, Instant> lastFinished(Collection<UUID> toolIds) {
        return sessions.lastFinished(toolIds).stream()
                .collect(Collectors.toMap(Sessions.LastFinished::getToolId, Sessions.LastFinished::getFinishedAt));
    }

    /**
     * When a step was worked.
     *
     * @param first when something was first put down at it
     * @param last when something was last put down at it
     * @param strokesBefore strokes that were done before the first was put down
     */
    public record StepTime(Instant first, Instant last, int strokesBefore) {}

    /** When the steps of sessions on several plans were worked, by plan and step. */
    public Map<UUID, Map<Integer, StepTime>> stepTimes(Collection<UUID> plans) {
        Map<UUID, Map<Integer, StepTime>> times = new HashMap<>();
        (plans.isEmpty() ? List.<Events.StepTimes>of() : events.stepTimes(plans))
                .forEach(t -> times.computeIfAbsent(t.getPlanId(), k -> new HashMap<>())
                        .put(t.getStep(), new StepTime(t.getFirstAt(), t.getLastAt(), t.getFirstAmount())));
        return times;
    }

    /**
     * How far the open session of a tool is.
     *
     * @param next the step that is next; the number of steps when all are done
     */
    public record Progress(UUID sessionId, UUID planId, List<Step> steps, int next) {}

    /** How far the open session of a tool is; one that cannot be read any more counts as none. */
    public Optional<Progress> progress(UUID toolId) {
        return sessions.findByToolIdAndFinishedAtIsNull(toolId)
                .filter(SessionRow::readable)
                .map(s -> {
                    List<Step> steps = views.steps(s);
                    return new Progress(
                            s.id, s.planId, steps, folds.of(s, steps).state().current());
                });
    }

    /** All tools at the bench, the longest there first. */
    public List<AtBench> atBench(String device) {
        return sessions.findByFinishedAtIsNullOrderByStartedAt().stream()
                .filter(SessionRow::readable)
                .map(s -> {
                    List<Step> steps = views.steps(s);
                    BenchState state = folds.of(s, steps).state();
                    return new AtBench(
                            s.id,
                            s.toolId,
                            tools.name(s.toolId),
                            state.allDone(),
                            state.allDone()
                                    ? BenchWords.TEST_THE_EDGE.words()
                                    : steps.get(state.current()).title(),
                            Math.min(state.current() + 1, steps.size()),
                            steps.size(),
                            s.holderDevice.equals(device));
                })
                .toList();
    }

    /** The edge of the tool at the bench, before and after the plan, cut through. */
    public SectionView section(UUID id) {
        return plans.section(row(id).planId);
    }

    /** What a session says of the edge, for its verdict: of the newest round, what was skipped there; of all, what was seen. */
    public List<Observation> signs(UUID id) {
        SessionRow session = row(id);
        List<SessionRow.SessionStep> steps = session.steps();
        int from = 0;
        while (from < steps.size() && steps.get(from).round() < session.rounds) {
            from++;
        }
        return SessionSigns.of(
                views.steps(session),
                folds.of(session, views.steps(session)).state(),
                tools.core(session.toolId).steel(),
                from);
    }

    /** What the edges of a turning blade lost, where every mark was measured before and after. */
    public Optional<MarkedWidths> edgeLoss(UUID id) {
        SessionRow session = row(id);
        return EdgeLoss.of(
                views.steps(session),
                folds.of(session, views.steps(session)).state(),
                tools.core(session.toolId).geometry());
    }

    /** When a stroke was last counted in a session. */
    public Optional<Instant> lastCounted(UUID id) {
        return events.lastCounted(id);
    }

    private SessionRow row(UUID id) {
        return sessions.findById(id).orElseThrow(() -> Form.notFound("session", id));
    }
}
