package truekeen.app.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Component;
import truekeen.app.hand.HandService;
import truekeen.app.kit.KitService;
import truekeen.app.plan.PlanService;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolWear;
import truekeen.core.balance.MarkedWidths;
import truekeen.core.bench.BenchState;
import truekeen.core.bench.EdgeLoss;
import truekeen.core.job.JobKind;
import truekeen.core.stepsheet.ChosenPlan;
import truekeen.core.stepsheet.Step;

/** What a finished session leaves behind: strokes on the stones, a lesson for the hand, wear on the tool. */
@Component
class SessionEnd {
    private final PlanService plans;
    private final ToolService tools;
    private final ToolWear wear;
    private final KitService kit;
    private final HandService hands;

    SessionEnd(PlanService plans, ToolService tools, ToolWear wear, KitService kit, HandService hands) {
        this.plans = plans;
        this.tools = tools;
        this.wear = wear;
        this.kit = kit;
        this.hands = hands;
    }

    /** Puts it down; the wear only where all was done. */
    void of(SessionRow session, List<Step> steps, BenchState state) {
        countOnStones(steps, state);
        observe(session, steps, state);
        if (state.allDone() && !worked(steps, state)) {
            // Tapped through without a stroke: nobody knows that any steel went, so the tool stays as it was.
            wear.record(
                    session.toolId,
                    session.id,
                    Map.of(),
                    plans.core(session.planId).chosen().honedWidthMm(),
                    new ToolWear.Lost(0, false),
                    OptionalDouble.empty(),
                    false);
        } else if (state.allDone()) {
            ChosenPlan plan = plans.core(session.planId).chosen();
            Map<String, Double> after = plan.after();
            // What was measured at the marks says more than what was planned.
            Optional<Double> measured = EdgeLoss.of(
                            steps, state, tools.core(session.toolId).geometry())
                    .map(MarkedWidths::meanLossMm)
                    .filter(loss -> loss > 0);
            wear.record(
                    session.toolId,
                    session.id,
                    measured.map(loss -> worn(session, after, loss)).orElse(after),
                    plan.honedWidthMm(),
                    new ToolWear.Lost(measured.orElse(plan.lostMm()), measured.isPresent()),
                    plan.scratchLeftUm(),
                    plan.works(JobKind.BROAD_FACE));
        }
    }

    /** Whether a stroke was counted anywhere, or a machine's step was done. */
    private static boolean worked(List<Step> steps, BenchState state) {
        boolean asked = false;
        for (int i = 0; i < steps.size(); i++) {
            BenchState.StepState now = state.steps().get(i);
            boolean machine = steps.get(i).kind() == Step.Kind.GRIND && now.status() == BenchState.Status.DONE;
            if (now.total() > 0 || machine) {
                return true;
            }
            asked |= steps.get(i).strokes() > 0;
        }
        return !asked;
    }

    private Map<String, Double> worn(SessionRow session, Map<String, Double> after, double lossMm) {
        Map<String, Double> measured = new HashMap<>(after);
        measured.put(
                "usableLength", tools.core(session.toolId).geometry().usable().mm() - lossMm);
        return measured;
    }

    private void countOnStones(List<Step> steps, BenchState state) {
        Map<UUID, Integer> strokes = new HashMap<>();
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            if (!step.abrasiveId().isEmpty() && state.steps().get(i).total() > 0) {
                strokes.merge(
                        UUID.fromString(step.abrasiveId()), state.steps().get(i).total(), Integer::sum);
            }
        }
        kit.countStrokes(strokes);
    }

    /** What was predicted from the steel to go, and done to the end without being sent back, teaches the hand. */
    private void observe(SessionRow session, List<Step> steps, BenchState state) {
        List<HandService.Done> done = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            BenchState.StepState now = state.steps().get(i);
            if (step.handFactor() > 0 && now.status() == BenchState.Status.DONE && now.counted(step)) {
                done.add(new HandService.Done(
                        i,
                        UUID.fromString(step.abrasiveId()),
                        step.strokes() * step.sides().size() / step.handFactor(),
                        now.total()));
            }
        }
        hands.observe(
                session.id,
                session.holderPerson,
                tools.core(session.toolId).steel().name(),
                session.finishedAt,
                done,
                plans.core(session.planId).ofThisEdition());
    }
}
