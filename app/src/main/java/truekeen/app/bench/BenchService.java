package truekeen.app.bench;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.bench.BenchRecords.EventForm;
import truekeen.app.bench.BenchRecords.EventsForm;
import truekeen.app.bench.BenchRecords.SessionView;
import truekeen.app.bench.BenchRecords.StartForm;
import truekeen.app.history.ToolChanged;
import truekeen.app.history.ToolDone;
import truekeen.app.machine.InspectionService.BladeRejected;
import truekeen.app.plan.PlanService;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.tool.ToolService;
import truekeen.core.bench.BenchEvent;
import truekeen.core.bench.BenchFold;
import truekeen.core.bench.BenchState;
import truekeen.core.bench.SessionFold;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.stepsheet.Step;

/**
 * Sessions at the bench. What happens is only ever added, once for each id however often it is sent; one device holds a
 * session, and what a displaced one still had to send is kept apart until someone decides.
 */
@Service
@Transactional
public class BenchService {
    private static final int MOST_EVENTS = 500;

    private final Sessions sessions;
    private final Events events;
    private final SessionFolds folds;
    private final SessionViews views;
    private final PlanService plans;
    private final ToolService tools;
    private final SessionEnd end;
    private final ApplicationEventPublisher publisher;
    private final BenchClock clock;

    BenchService(
            Sessions sessions,
            Events events,
            SessionFolds folds,
            SessionViews views,
            PlanService plans,
            ToolService tools,
            SessionEnd end,
            ApplicationEventPublisher publisher,
            BenchClock clock) {
        this.sessions = sessions;
        this.events = events;
        this.folds = folds;
        this.views = views;
        this.plans = plans;
        this.tools = tools;
        this.end = end;
        this.publisher = publisher;
        this.clock = clock;
    }

    /**
     * What another place needs to know of a session.
     *
     * @param rounds how often tests have sent it back
     */
    public record SessionRef(UUID id, UUID toolId, UUID planId, int rounds) {}

    /**
     * The session of a tool that is at the bench.
     *
     * @param allDone whether all its steps are done, so that the edge is to be tested
     */
    public record RunningSession(UUID id, UUID planId, boolean allDone) {}

    /** Begins a session; where one on this plan is open already, that one is given. */
    public UUID start(UUID toolId, StartForm in) {
        PlanService.CorePlan plan = plans.core(Form.id("plan", in.planId()));
        if (!plan.toolId().equals(toolId)) {
            throw Form.notFound("plan", in.planId());
        }
        requireDevice(in.device(), in.person());
        Optional<SessionRow> open = sessions.findByToolIdAndFinishedAtIsNull(toolId);
        if (open.isPresent() && open.get().readable()) {
            if (open.get().planId.equals(plan.id())) {
                return open.get().id;
            }
            throw new RefusedException(Refusal.of(MessageCode.SESSION_OPEN, "", ""));
        }
        // One that cannot be read any more cannot be worked on either: it ends here and is kept.
        open.ifPresent(unreadable -> {
            unreadable.finishedAt = clock.instant();
            sessions.saveAndFlush(unreadable);
        });
        SessionRow row =
                new SessionRow(toolId, plan.id(), clock.instant(), plan.chosen().steps());
        row.holderDevice = in.device();
        row.holderPerson = Form.orEmpty(in.person());
        SessionRow saved = sessions.saveAndFlush(row);
        changed(saved);
        return saved.id;
    }

    /** The session as a device sees it. */
    @Transactional(readOnly = true)
    public SessionView session(UUID id, String device) {
        return views.view(row(id), Form.orEmpty(device));
    }

    /** The open session of a tool; one that cannot be read any more counts as none. */
    @Transactional(readOnly = true)
    public Optional<RunningSession> open(UUID toolId) {
        return sessions.findByToolIdAndFinishedAtIsNull(toolId)
                .filter(SessionRow::readable)
                .map(s -> new RunningSession(s.id, s.planId, state(s).allDone()));
    }

    /** Adds what a device sends, in its order; what is known already is passed over. */
    public SessionView add(UUID id, EventsForm in) {
        requireDevice(in.device(), in.person());
        List<EventForm> sent = in.events() == null ? List.of() : in.events();
        if (sent.size() > MOST_EVENTS) {
            throw new RefusedException(Refusal.of(MessageCode.TOO_MANY, "events", sent.size())
                    .with("high", MOST_EVENTS)
                    .with("what", BenchWords.EVENTS_AT_ONCE.words()));
        }
        SessionRow session = locked(id);
        boolean displaced = !session.holderDevice.equals(in.device());
        if (displaced && !session.heldBefore().contains(in.device())) {
            throw held(session);
        }
        List<BenchEvent> read = sent.stream()
                .map(form -> EventReader.read(form, in.device(), displaced, clock.instant()))
                .toList();
        Set<UUID> stored = new HashSet<>(
                read.isEmpty()
                        ? Set.of()
                        : events.stored(id, read.stream().map(BenchEvent::id).toList()));
        if (session.finishedAt != null) {
            return closed(session, in.device(), read, stored);
        }
        List<Step> steps = views.steps(session);
        SessionFold fold = folds.of(session, steps);
        BenchFold rules = new BenchFold(steps);
        boolean doneBefore = fold.state().allDone();
        for (BenchEvent event : read) {
            if (stored.add(event.id())) {
                rules.misfit(fold.state(), event).ifPresent(refusal -> {
                    throw new RefusedException(refusal);
                });
                fold.add(event);
                events.save(new EventRow(id, Form.orEmpty(in.person()), clock.instant(), event));
            }
        }
        if (fold.state().allDone() != doneBefore) {
            changed(session);
        }
        return views.view(session, in.device());
    }

    /** A finished session takes nothing new; repeating what is stored does no harm. */
    private SessionView closed(SessionRow session, String device, List<BenchEvent> read, Set<UUID> stored) {
        if (!read.stream().allMatch(e -> stored.contains(e.id()))) {
            throw new RefusedException(Refusal.of(MessageCode.SESSION_CLOSED, "", ""));
        }
        return views.view(session, device);
    }

    /** Another device takes the session over. */
    public SessionView takeOver(UUID id, String device, String person) {
        requireDevice(device, person);
        SessionRow session = locked(id);
        requireOpen(session);
        if (!session.holderDevice.equals(device)) {
            record(session, device, person, BenchEvent.Kind.TAKEN_OVER);
            List<String> before = new ArrayList<>(session.heldBefore());
            before.remove(device);
            before.add(session.holderDevice);
            session.heldBefore = SessionStore.HELD_BEFORE.write(before);
            session.holderDevice = device;
            session.holderPerson = Form.orEmpty(person);
        }
        return views.view(session, device);
    }

    /** Counts that came late from a displaced device are added, or left out. */
    public SessionView late(UUID id, String device, String person, boolean toAdd) {
        SessionRow session = heldBy(id, device);
        BenchEvent.Kind kind = toAdd ? BenchEvent.Kind.LATE_ADDED : BenchEvent.Kind.LATE_LEFT_OUT;
        if (state(session).late() > 0) {
            record(session, device, person, kind);
        }
        return views.view(session, device);
    }

    /** Adds the steps that a failed test leads back to. */
    public void addSteps(UUID id, List<Step> more) {
        SessionRow session = locked(id);
        requireOpen(session);
        session.rounds++;
        List<SessionRow.SessionStep> longer = new ArrayList<>(session.steps());
        more.forEach(s -> longer.add(new SessionRow.SessionStep(session.rounds, s)));
        session.steps = SessionStore.STEPS.write(longer);
        sessions.saveAndFlush(session);
        changed(session);
    }

    /** Ends a session whose tool is done: what was asked for and promised is kept. */
    public void close(UUID id, String device) {
        UUID tool = row(id).toolId;
        finish(id, device);
        publisher.publishEvent(new ToolDone(tool));
    }

    /** Ends a session: strokes are counted on the stones and, where all was done, the wear on the tool. */
    public void finish(UUID id, String device) {
        SessionRow session = heldBy(id, device);
        session.finishedAt = clock.instant();
        end.of(session, views.steps(session), state(session));
        sessions.saveAndFlush(session);
        changed(session);
    }

    /** The tool, the plan and the device that holds a session; refused where it is finished. */
    @Transactional(readOnly = true)
    public SessionRef requireHeld(UUID id, String device) {
        SessionRow session = row(id);
        requireOpen(session);
        if (!session.holderDevice.equals(device)) {
            throw held(session);
        }
        return ref(session);
    }

    /** The same, whoever holds it and whether or not it is finished. */
    @Transactional(readOnly = true)
    public SessionRef ref(UUID id) {
        return ref(row(id));
    }

    private static SessionRef ref(SessionRow session) {
        return new SessionRef(session.id, session.toolId, session.planId, session.rounds);
    }

    /** The steps of a session. */
    @Transactional(readOnly = true)
    public List<Step> steps(UUID id) {
        return views.steps(row(id));
    }

    /** When the sessions of a tool were finished, oldest first. */
    @Transactional(readOnly = true)
    public List<Instant> finished(UUID toolId) {
        return sessions.finished(toolId);
    }

    /** A blade was rejected: its job ends where it stands, without any wear. */
    @EventListener
    public void rejected(BladeRejected rejected) {
        sessions.findByToolIdAndFinishedAtIsNull(rejected.toolId()).ifPresent(session -> {
            session.finishedAt = clock.instant();
            sessions.saveAndFlush(session);
            changed(session);
        });
    }

    private void changed(SessionRow session) {
        publisher.publishEvent(new ToolChanged(session.toolId));
    }

    private void record(SessionRow session, String device, String person, BenchEvent.Kind kind) {
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
        return folds.of(session, views.steps(session)).state();
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
        String who = session.holderPerson.isBlank() ? BenchWords.NO_NAME.words() : session.holderPerson;
        return new RefusedException(Refusal.of(MessageCode.SESSION_HELD, "", "").with("what", who));
    }

    private static void requireDevice(String device, String person) {
        Checks checks = new Checks();
        checks.text("device", BenchWords.KEY_OF_DEVICE.words(), device, true, 64);
        checks.text("person", BenchWords.A_NAME.words(), person, false, 80);
        checks.orThrow();
    }
}
