package truekeen.app.bench;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import truekeen.app.angle.AngleRecords.SetupView;
import truekeen.app.angle.AngleService;
import truekeen.app.bench.BenchRecords.BenchStepView;
import truekeen.app.bench.BenchRecords.CountView;
import truekeen.app.bench.BenchRecords.SessionSummary;
import truekeen.app.bench.BenchRecords.SessionView;
import truekeen.app.bench.BenchRecords.StepDone;
import truekeen.app.plan.PlanService;
import truekeen.app.plan.PlanViews;
import truekeen.app.tool.ToolService;
import truekeen.core.bench.BenchEvent;
import truekeen.core.bench.BenchFold;
import truekeen.core.bench.BenchState;
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
                            .map(side -> new CountView(side.name(), now.counts().get(side)))
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
                known.stream()
                        .filter(e -> e.device().equals(device))
                        .map(e -> e.id().toString())
                        .toList());
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
