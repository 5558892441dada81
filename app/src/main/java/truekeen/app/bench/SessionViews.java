package truekeen.app.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import org.springframework.stereotype.Component;
import truekeen.app.angle.AngleRecords.SetupView;
import truekeen.app.angle.AngleService;
import truekeen.app.bench.BenchRecords.BenchStepView;
import truekeen.app.bench.BenchRecords.BurrView;
import truekeen.app.bench.BenchRecords.CountView;
import truekeen.app.bench.BenchRecords.GateView;
import truekeen.app.bench.BenchRecords.HereView;
import truekeen.app.bench.BenchRecords.SeenHere;
import truekeen.app.bench.BenchRecords.SessionSummary;
import truekeen.app.bench.BenchRecords.SessionView;
import truekeen.app.bench.BenchRecords.SightView;
import truekeen.app.bench.BenchRecords.StepDone;
import truekeen.app.bench.BenchRecords.TakenView;
import truekeen.app.bench.BenchRecords.TapView;
import truekeen.app.bench.BenchRecords.TodoView;
import truekeen.app.plan.PlanService;
import truekeen.app.plan.PlanViews;
import truekeen.app.tool.ToolService;
import truekeen.core.bench.BenchEvent;
import truekeen.core.bench.BenchFold;
import truekeen.core.bench.BenchState;
import truekeen.core.bench.BurrThread;
import truekeen.core.bench.Gate;
import truekeen.core.bench.Instrument;
import truekeen.core.bench.Pace;
import truekeen.core.bench.Sight;
import truekeen.core.fault.Observation;
import truekeen.core.keenness.Stretch;
import truekeen.core.section.Facet;
import truekeen.core.steel.SteelClass;
import truekeen.core.stepsheet.Step;

/** Sessions for the screens and for the log. */
@Component
class SessionViews {
    private final PlanService plans;
    private final AngleService angles;
    private final ToolService tools;

    SessionViews(PlanService plans, AngleService angles, ToolService tools) {
        this.plans = plans;
        this.angles = angles;
        this.tools = tools;
    }

    /** The session as a device sees it, after all that is known to have happened. */
    SessionView view(SessionRow session, List<BenchEvent> known, String device) {
        BenchState state = new BenchFold(session.coreSteps()).state(known);
        PlanService.CorePlan plan = plans.core(session.planId);
        SetupView setup = angles.setup(plan.setupId());
        List<BenchStepView> steps = new ArrayList<>();
        for (int i = 0; i < session.steps.size(); i++) {
            BenchState.StepState now = state.steps().get(i);
            Step step = session.steps.get(i).step();
            steps.add(new BenchStepView(
                    PlanViews.step(step, setup),
                    now.status().name(),
                    step.sides().stream()
                            .map(side -> new CountView(
                                    side.name(),
                                    now.counts().get(side),
                                    now.stations().get(side),
                                    now.leftOut().getOrDefault(side, Set.of()).stream()
                                            .sorted()
                                            .toList()))
                            .toList(),
                    now.gateFailures(),
                    session.steps.get(i).round()));
        }
        return new SessionView(
                session.id,
                session.toolId,
                session.planId,
                tools.tool(session.toolId).name(),
                plan.shown().edgeLengthMm(),
                session.startedAt.toString(),
                session.finishedAt == null ? null : session.finishedAt.toString(),
                session.holderPerson,
                session.holderDevice.equals(device),
                state.current(),
                state.allDone(),
                state.late(),
                state.undoable(),
                steps,
                state.allDone() ? null : here(session, state, known, setup),
                known.stream()
                        .filter(e -> e.device().equals(device))
                        .map(e -> e.id().toString())
                        .toList());
    }

    private HereView here(SessionRow session, BenchState state, List<BenchEvent> known, SetupView setup) {
        int at = state.current();
        Step step = session.coreSteps().get(at);
        BenchState.StepState now = state.steps().get(at);
        Gate gate = Gate.of(session.coreSteps(), state, at);
        BurrThread burr = BurrThread.of(session.coreSteps(), state);
        SteelClass steel = tools.core(session.toolId).steel();
        OptionalDouble pace = Pace.secondsPerStroke(known, at);
        int sides = Math.max(1, step.sides().size());
        return new HereView(
                new GateView(
                        gate.state().name(),
                        gate.words(),
                        gate.todo().stream()
                                .map(t -> new TodoView(
                                        t.words(),
                                        t.where().map(Stretch::fromMm).orElse(null),
                                        t.where().map(Stretch::toMm).orElse(null)))
                                .toList(),
                        gate.notes()),
                Gate.offers(step).stream()
                        .map(s -> new TapView(s.name(), s.words(), s.says().name(), s.placed()))
                        .toList(),
                now.standing().stream().map(SessionViews::seen).toList(),
                now.readings().stream().map(r -> taken(r, step, steel)).toList(),
                new BurrView(burr.life().name(), burr.words(), burr.ask(), burr.warning(), burr.moments()),
                Sight.of(step).stream()
                        .map(s -> new SightView(s.name(), s.right(), s.wrong()))
                        .toList(),
                Gate.marks(step),
                facet(step, setup),
                pace.isPresent() ? pace.getAsDouble() : null,
                left(pace, step.strokesLow() * sides - now.total()),
                left(pace, step.strokesHigh() * sides - now.total()));
    }

    private static Double left(OptionalDouble pace, int strokes) {
        return pace.isPresent() ? Math.max(0, strokes) * pace.getAsDouble() : null;
    }

    private static SeenHere seen(BenchState.Seen s) {
        Observation o = s.observation();
        return new SeenHere(
                o.sign().name(),
                o.words(),
                o.sign().says().name(),
                o.where().map(Stretch::fromMm).orElse(null),
                o.where().map(Stretch::toMm).orElse(null),
                s.strokesBefore());
    }

    private static TakenView taken(BenchState.ReadingTaken r, Step step, SteelClass steel) {
        Instrument instrument = Instrument.valueOf(r.instrument());
        return new TakenView(
                instrument.name(),
                instrument.words(),
                r.value(),
                instrument.unit(),
                instrument.says(r.value(), step, steel).orElse(""),
                r.side().map(Enum::name).orElse(""),
                r.station());
    }

    /** The facet a step works, as the section names it. */
    private static String facet(Step step, SetupView setup) {
        if (step.sides().equals(List.of(Step.Side.BACK))) {
            return Facet.BACK.name();
        }
        boolean two = setup.lastDeg() > setup.primaryDeg() + 1e-6;
        boolean ground = step.kind() == Step.Kind.GRIND
                || step.angleDeg().isPresent() && Math.abs(step.angleDeg().get() - setup.primaryDeg()) < 1e-6;
        boolean touches = step.counted() || step.angleDeg().isPresent();
        return !touches ? "" : (ground || !two ? Facet.PRIMARY : Facet.SECONDARY).name();
    }

    /** The session as the log tells it. */
    SessionSummary summary(SessionRow session, BenchState state) {
        List<StepDone> done = new ArrayList<>();
        int planned = 0;
        int counted = 0;
        for (int i = 0; i < session.steps.size(); i++) {
            Step step = session.steps.get(i).step();
            BenchState.StepState now = state.steps().get(i);
            int all = step.strokes() * step.sides().size();
            planned += all;
            counted += now.total();
            done.add(new StepDone(
                    step.title(),
                    step.abrasiveName(),
                    now.status().name(),
                    all,
                    now.total(),
                    session.steps.get(i).round()));
        }
        return new SessionSummary(
                session.id,
                session.holderPerson,
                session.startedAt.toString(),
                session.finishedAt == null ? null : session.finishedAt.toString(),
                done,
                planned,
                counted);
    }
}
