package truekeen.app.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import truekeen.app.angle.SetupService;
import truekeen.app.bench.BenchRecords.BenchStepView;
import truekeen.app.bench.BenchRecords.BurrView;
import truekeen.app.bench.BenchRecords.CountView;
import truekeen.app.bench.BenchRecords.GateView;
import truekeen.app.bench.BenchRecords.HereView;
import truekeen.app.bench.BenchRecords.SeenHere;
import truekeen.app.bench.BenchRecords.SessionView;
import truekeen.app.bench.BenchRecords.SightView;
import truekeen.app.bench.BenchRecords.StoneSumView;
import truekeen.app.bench.BenchRecords.SumView;
import truekeen.app.bench.BenchRecords.TakenView;
import truekeen.app.bench.BenchRecords.TapView;
import truekeen.app.bench.BenchRecords.TodoView;
import truekeen.app.plan.PlanService;
import truekeen.app.plan.PlanViews;
import truekeen.app.tool.ToolService;
import truekeen.core.bench.BenchState;
import truekeen.core.bench.BurrThread;
import truekeen.core.bench.Instrument;
import truekeen.core.bench.SessionFold;
import truekeen.core.bench.SessionSum;
import truekeen.core.bench.Sight;
import truekeen.core.bench.StepGate;
import truekeen.core.bench.StepSigns;
import truekeen.core.bench.TimeLeft;
import truekeen.core.fault.Observation;
import truekeen.core.holding.Setup;
import truekeen.core.keenness.Stretch;
import truekeen.core.section.Facet;
import truekeen.core.steel.SteelClass;
import truekeen.core.stepsheet.Step;

/** Sessions for the screens and for the log. */
@Component
class SessionViews {
    /** Ids of stored events that a device is told at most: more than it sends at once. */
    private static final int MOST_CONFIRMED = 600;

    private final PlanService plans;
    private final SetupService setups;
    private final ToolService tools;
    private final SessionFolds folds;
    private final Events events;

    SessionViews(PlanService plans, SetupService setups, ToolService tools, SessionFolds folds, Events events) {
        this.plans = plans;
        this.setups = setups;
        this.tools = tools;
        this.folds = folds;
        this.events = events;
    }

    /** The steps of a session; refused where they cannot be read any more. */
    List<Step> steps(SessionRow session) {
        return session.steps().stream().map(SessionRow.SessionStep::step).toList();
    }

    /** The session as a device sees it, after all that is known to have happened. */
    SessionView view(SessionRow session, String device) {
        List<SessionRow.SessionStep> all = session.steps();
        SessionFold fold = folds.of(session, steps(session));
        BenchState state = fold.state();
        PlanService.CorePlan plan = plans.core(session.planId);
        Setup setup = setups.setup(plan.setupId()).setup();
        List<BenchStepView> steps = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            BenchState.StepState now = state.steps().get(i);
            Step step = all.get(i).step();
            steps.add(new BenchStepView(
                    PlanViews.step(step, setup),
                    now.status(),
                    step.sides().stream()
                            .map(side -> new CountView(
                                    side,
                                    now.counts().get(side),
                                    now.stations().get(side),
                                    now.leftOut().getOrDefault(side, Set.of()).stream()
                                            .sorted()
                                            .toList()))
                            .toList(),
                    now.gateFailures(),
                    all.get(i).round()));
        }
        return new SessionView(
                session.id,
                session.toolId,
                session.planId,
                tools.name(session.toolId),
                plan.chosen().edgeLengthMm(),
                session.startedAt,
                session.finishedAt,
                session.holderPerson,
                session.holderDevice.equals(device),
                state.current(),
                state.allDone(),
                state.late(),
                state.undoable(),
                steps,
                state.allDone()
                        ? null
                        : here(session, fold, state, setup, plan.chosen().edgeLengthMm()),
                state.allDone() ? sum(fold, state, plan) : null,
                events.newest(session.id, device, MOST_CONFIRMED).stream()
                        .map(UUID::toString)
                        .toList());
    }

    private static SumView sum(SessionFold fold, BenchState state, PlanService.CorePlan plan) {
        SessionSum sum = SessionSum.of(fold.steps(), state, fold.secondsWorked(), plan.chosen());
        return new SumView(
                sum.stones().stream()
                        .map(s -> new StoneSumView(s.name(), s.strokes(), s.low(), s.high()))
                        .toList(),
                sum.strokes(),
                sum.strokesLow(),
                sum.strokesHigh(),
                sum.seconds().isPresent() ? sum.seconds().getAsDouble() : null,
                sum.plannedSeconds(),
                sum.steelMm3().isPresent() ? sum.steelMm3().getAsDouble() : null,
                sum.plannedMm3(),
                sum.notCounted(),
                sum.skipped());
    }

    private HereView here(SessionRow session, SessionFold fold, BenchState state, Setup setup, double edge) {
        List<Step> steps = fold.steps();
        int at = state.current();
        Step step = steps.get(at);
        BenchState.StepState now = state.steps().get(at);
        StepGate gate = StepGate.of(steps, state, at);
        BurrThread burr = BurrThread.of(steps, state);
        SteelClass steel = tools.core(session.toolId).steel();
        OptionalDouble pace = fold.secondsPerStroke();
        Optional<TimeLeft> left = TimeLeft.of(step, now.total(), pace);
        return new HereView(
                new GateView(
                        gate.state(),
                        gate.words(),
                        gate.strokesSince(),
                        gate.todo().stream()
                                .map(t -> new TodoView(
                                        t.words(),
                                        t.where().map(Stretch::fromMm).orElse(null),
                                        t.where().map(Stretch::toMm).orElse(null)))
                                .toList(),
                        gate.notes()),
                StepSigns.offers(step).stream()
                        .map(s -> new TapView(s, StepSigns.words(step, s, edge), StepSigns.says(step, s), s.placed()))
                        .toList(),
                now.standing().stream().map(s -> seen(step, s)).toList(),
                now.readings().stream().map(r -> taken(r, step, steel)).toList(),
                new BurrView(burr.life(), burr.words(), burr.ask(), burr.warning(), burr.moments()),
                Sight.of(step).stream()
                        .map(s -> new SightView(s, s.right(), s.wrong()))
                        .toList(),
                StepGate.marks(step),
                facet(step, setup),
                pace.isPresent() ? pace.getAsDouble() : null,
                left.map(TimeLeft::lowSeconds).orElse(null),
                left.map(TimeLeft::highSeconds).orElse(null));
    }

    private static SeenHere seen(Step step, BenchState.Seen s) {
        Observation o = s.observation();
        return new SeenHere(
                o.sign(),
                o.words(),
                StepSigns.says(step, o.sign()),
                o.where().map(Stretch::fromMm).orElse(null),
                o.where().map(Stretch::toMm).orElse(null),
                s.strokesBefore());
    }

    private static TakenView taken(BenchState.ReadingTaken r, Step step, SteelClass steel) {
        Instrument instrument = Instrument.valueOf(r.instrument());
        return new TakenView(
                instrument,
                instrument.words(),
                r.value(),
                instrument.unit(),
                instrument.says(r.value(), step, steel).orElse(""),
                r.side().orElse(null),
                r.station());
    }

    /** The facet a step works, as the section names it; null where it works none. */
    private static Facet facet(Step step, Setup setup) {
        if (step.sides().equals(List.of(Step.Side.BACK))) {
            return Facet.BACK;
        }
        boolean two = setup.bevels().hasSecondary();
        boolean ground = step.kind() == Step.Kind.GRIND
                || step.angleDeg().isPresent()
                        && Math.abs(step.angleDeg().get()
                                        - setup.bevels().primary().degrees())
                                < 1e-6;
        boolean touches = step.counted() || step.angleDeg().isPresent();
        return !touches ? null : ground || !two ? Facet.PRIMARY : Facet.SECONDARY;
    }
}
