package truekeen.app.bench;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.bench.BenchRecords.AtBench;
import truekeen.app.bench.BenchRecords.EventForm;
import truekeen.app.bench.BenchRecords.EventsForm;
import truekeen.app.bench.BenchRecords.OpenSession;
import truekeen.app.bench.BenchRecords.SessionSummary;
import truekeen.app.bench.BenchRecords.SessionView;
import truekeen.app.bench.BenchRecords.StartForm;
import truekeen.app.machine.InspectionService.BladeRejected;
import truekeen.app.plan.PlanService;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.platform.SectionView;
import truekeen.app.tool.ToolService;
import truekeen.core.balance.MarkedWidths;
import truekeen.core.bench.BenchEvent;
import truekeen.core.bench.BenchFold;
import truekeen.core.bench.BenchState;
import truekeen.core.bench.EdgeLoss;
import truekeen.core.bench.SessionSigns;
import truekeen.core.fault.Observation;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.stepsheet.Step;

/**
 * Sessions at the bench. What happens is only ever added, once for each id however often it is sent; one device holds a
 * session, and what a displaced one still had to tell is kept apart until someone decides.
 */
@Service
@Transactional
public class BenchService {
    private static final int MOST_EVENTS = 500;

    private final Sessions sessions;
    private final Events events;
    private final SessionViews views;
    private final PlanService plans;
    private final ToolService tools;
    private final SessionEnd end;
    private final BenchClock clock;

    BenchService(
            Sessions sessions,
            Events events,
            SessionViews views,
            PlanService plans,
            ToolService tools,
            SessionEnd end,
            BenchClock clock) {
        this.sessions = sessions;
        this.events = events;
        this.views = views;
        this.plans = plans;
        this.tools = tools;
        this.end = end;
        this.clock = clock;
    }

    /** Begins a session; where one on this plan is open already, that one is given. */
    public SessionView start(UUID toolId, StartForm in) {
        PlanService.CorePlan plan = plans.core(Form.id("plan", in.planId()));
        if (!plan.toolId().equals(toolId)) {
            throw Form.notFound("plan", in.planId());
        }
        requireDevice(in.device(), in.person());
        Optional<SessionRow> open = sessions.findByToolIdAndFinishedAtIsNull(toolId);
        if (open.isPresent()) {
            if (open.get().planId.equals(plan.id())) {
                return views.view(open.get(), all(open.get().id), in.device());
            }
            throw new RefusedException(Refusal.of(MessageCode.SESSION_OPEN, "", ""));
        }
        SessionRow row = new SessionRow(toolId, plan.id(), clock.instant(), plan.steps());
        row.holderDevice = in.device();
        row.holderPerson = Form.orEmpty(in.person());
        SessionRow saved = sessions.saveAndFlush(row);
        return views.view(saved, all(saved.id), in.device());
    }

    /** The session as a device sees it. */
    @Transactional(readOnly = true)
    public SessionView session(UUID id, String device) {
        SessionRow session = row(id);
        return views.view(session, all(id), device);
    }

    /** The open session of a tool. */
    @Transactional(readOnly = true)
    public OpenSession open(UUID toolId) {
        return new OpenSession(
                sessions.findByToolIdAndFinishedAtIsNull(toolId).map(s -> s.id).orElse(null));
    }

    /** Adds what a device tells, in its order; what is known already is passed over. */
    public SessionView tell(UUID id, EventsForm in) {
        requireDevice(in.device(), in.person());
        List<EventForm> told = in.events() == null ? List.of() : in.events();
        if (told.size() > MOST_EVENTS) {
            throw new RefusedException(Refusal.of(MessageCode.TOO_MANY, "events", told.size())
                    .with("high", MOST_EVENTS)
                    .with("what", "events at once"));
        }
        SessionRow session = locked(id);
        boolean displaced = !session.holderDevice.equals(in.device());
        if (displaced && !session.heldBefore.contains(in.device())) {
            throw held(session);
        }
        if (session.finishedAt != null) {
            return closed(session, in, told);
        }
        List<BenchEvent> known = all(id);
        Set<UUID> ids = new HashSet<>(known.stream().map(BenchEvent::id).toList());
        BenchFold fold = new BenchFold(session.coreSteps());
        for (EventForm form : told) {
            BenchEvent event = EventReader.read(form, in.device(), displaced, clock.instant());
            if (ids.add(event.id())) {
                fold.misfit(fold.state(known), event).ifPresent(refusal -> {
                    throw new RefusedException(refusal);
                });
                known.add(event);
                events.save(new EventRow(id, Form.orEmpty(in.person()), clock.instant(), event));
            }
        }
        return views.view(session, all(session.id), in.device());
    }

    /** A finished session takes nothing new; repeating what is stored does no harm. */
    private SessionView closed(SessionRow session, EventsForm in, List<EventForm> told) {
        Set<UUID> ids =
                new HashSet<>(all(session.id).stream().map(BenchEvent::id).toList());
        boolean repeats = told.stream().allMatch(f -> ids.contains(Form.id("event", f.id())));
        if (!repeats) {
            throw new RefusedException(Refusal.of(MessageCode.SESSION_CLOSED, "", ""));
        }
        return views.view(session, all(session.id), in.device());
    }

    /** Another device takes the session over. */
    public SessionView takeOver(UUID id, String device, String person) {
        requireDevice(device, person);
        SessionRow session = locked(id);
        requireOpen(session);
        if (!session.holderDevice.equals(device)) {
            add(session, device, person, BenchEvent.Kind.TAKEN_OVER);
            List<String> before = new ArrayList<>(session.heldBefore);
            before.remove(device);
            before.add(session.holderDevice);
            session.heldBefore = before;
            session.holderDevice = device;
            session.holderPerson = Form.orEmpty(person);
        }
        return views.view(session, all(session.id), device);
    }

    /** Counts that came late from a displaced device are added, or left out. */
    public SessionView late(UUID id, String device, String person, boolean toAdd) {
        SessionRow session = heldBy(id, device);
        BenchEvent.Kind kind = toAdd ? BenchEvent.Kind.LATE_ADDED : BenchEvent.Kind.LATE_LEFT_OUT;
        BenchState state = state(session);
        if (state.late() > 0) {
            add(session, device, person, kind);
        }
        return views.view(session, all(session.id), device);
    }

    /** Adds the steps that a failed test leads back to. */
    public SessionView addSteps(UUID id, List<Step> more) {
        SessionRow session = locked(id);
        requireOpen(session);
        session.rounds++;
        List<SessionRow.SessionStep> longer = new ArrayList<>(session.steps);
        more.forEach(s -> longer.add(new SessionRow.SessionStep(session.rounds, s)));
        session.steps = longer;
        return views.view(session, all(session.id), session.holderDevice);
    }

    /** Ends a session: strokes are put down to the stones and, where all was done, the wear to the tool. */
    public SessionView finish(UUID id, String device, String person) {
        SessionRow session = heldBy(id, device);
        session.finishedAt = clock.instant();
        BenchState state = state(session);
        end.of(session, state);
        SessionRow saved = sessions.saveAndFlush(session);
        return views.view(saved, all(saved.id), device);
    }

    /** The tool, the plan and the device that holds a session; refused where it is finished. */
    @Transactional(readOnly = true)
    public SessionRef requireHeld(UUID id, String device) {
        SessionRow session = row(id);
        requireOpen(session);
        if (!session.holderDevice.equals(device)) {
            throw held(session);
        }
        return new SessionRef(session.id, session.toolId, session.planId, session.rounds);
    }

    /** The same, whoever holds it and whether or not it is finished. */
    @Transactional(readOnly = true)
    public SessionRef ref(UUID id) {
        SessionRow session = row(id);
        return new SessionRef(session.id, session.toolId, session.planId, session.rounds);
    }

    /** What another place needs to know of a session. */
    public record SessionRef(UUID id, UUID toolId, UUID planId, int rounds) {}

    /** All sessions of a tool for the log, oldest first. */
    @Transactional(readOnly = true)
    public List<SessionSummary> all(UUID toolId, boolean finishedOnly) {
        return sessions.findByToolIdOrderByStartedAt(toolId).stream()
                .filter(s -> !finishedOnly || s.finishedAt != null)
                .map(s -> views.summary(s, state(s)))
                .toList();
    }

    /** All tools at the bench, the longest there first. */
    @Transactional(readOnly = true)
    public List<AtBench> open(String device) {
        return sessions.findByFinishedAtIsNullOrderByStartedAt().stream()
                .map(s -> {
                    BenchState state = state(s);
                    return new AtBench(
                            s.id,
                            s.toolId,
                            tools.tool(s.toolId).name(),
                            state.allDone()
                                    ? "Test the edge"
                                    : s.steps.get(state.current()).step().title(),
                            Math.min(state.current() + 1, s.steps.size()),
                            s.steps.size(),
                            s.holderDevice.equals(device));
                })
                .toList();
    }

    /** The edge of the tool at the bench, before and after the plan, cut through. */
    @Transactional(readOnly = true)
    public SectionView section(UUID id) {
        return plans.section(row(id).planId);
    }

    /** What a session says of the edge, for its verdict: of the newest round, what was skipped there; of all, what was seen. */
    @Transactional(readOnly = true)
    public List<Observation> signs(UUID id) {
        SessionRow session = row(id);
        int from = 0;
        while (from < session.steps.size() && session.steps.get(from).round() < session.rounds) {
            from++;
        }
        return SessionSigns.of(
                session.coreSteps(), state(session), tools.core(session.toolId).steel(), from);
    }

    /** What the edges of a turning blade lost, where every mark was measured before and after. */
    @Transactional(readOnly = true)
    public Optional<MarkedWidths> edgeLoss(UUID id) {
        SessionRow session = row(id);
        return EdgeLoss.of(
                session.coreSteps(), state(session), tools.core(session.toolId).geometry());
    }

    /** When a stroke was last counted in a session. */
    @Transactional(readOnly = true)
    public Optional<Instant> lastCounted(UUID id) {
        return events.lastCounted(id);
    }

    /** A blade was rejected: its job ends where it stands, without any wear. */
    @EventListener
    public void rejected(BladeRejected rejected) {
        sessions.findByToolIdAndFinishedAtIsNull(rejected.toolId()).ifPresent(session -> {
            session.finishedAt = clock.instant();
            sessions.saveAndFlush(session);
        });
    }

    private void add(SessionRow session, String device, String person, BenchEvent.Kind kind) {
        BenchEvent event = new BenchEvent(
                UUID.randomUUID(),
                device,
                0,
                clock.instant(),
                kind,
                state(session).current(),
                null,
                0,
                "",
                false);
        events.save(new EventRow(session.id, Form.orEmpty(person), clock.instant(), event));
    }

    private BenchState state(SessionRow session) {
        return new BenchFold(session.coreSteps()).state(all(session.id));
    }

    private List<BenchEvent> all(UUID sessionId) {
        return new ArrayList<>(events.findBySessionIdOrderByPosition(sessionId).stream()
                .map(EventRow::toCore)
                .toList());
    }

    private SessionRow row(UUID id) {
        return sessions.findById(id).orElseThrow(() -> Form.notFound("session", id));
    }

    private SessionRow locked(UUID id) {
        return sessions.lockedById(id).orElseThrow(() -> Form.notFound("session", id));
    }

    private SessionRow heldBy(UUID id, String device) {
        SessionRow session = locked(id);
        requireOpen(session);
        if (!session.holderDevice.equals(device)) {
            throw held(session);
        }
        return session;
    }

    private static void requireOpen(SessionRow session) {
        if (session.finishedAt != null) {
            throw new RefusedException(Refusal.of(MessageCode.SESSION_CLOSED, "", ""));
        }
    }

    private static RefusedException held(SessionRow session) {
        String who = session.holderPerson.isBlank() ? "no name given" : session.holderPerson;
        return new RefusedException(Refusal.of(MessageCode.SESSION_HELD, "", "").with("what", who));
    }

    private static void requireDevice(String device, String person) {
        Checks checks = new Checks();
        checks.text("device", "The device's own key", device, true, 64);
        checks.text("person", "A name", person, false, 80);
        checks.orThrow();
    }
}
