package truekeen.app.plan;

import java.util.List;
import truekeen.app.plan.PlanRecords.OfferView;
import truekeen.app.plan.PlanRecords.PlanView;
import truekeen.app.platform.AdviceView;
import truekeen.app.repair.HeatViews;
import truekeen.app.survey.SurveyViews;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Scope;
import truekeen.core.holding.Setup;
import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;
import truekeen.core.powered.PoweredPlan;
import truekeen.core.powered.Tooling;
import truekeen.core.stepsheet.Step;

/** The plan of a machine's blade, for the screens. */
final class PoweredViews {
    private PoweredViews() {}

    static PlanView of(Restoration r, PoweredPlan plan, List<Step> steps, Setup setup, CoreTool tool) {
        return new PlanView(
                true,
                r.scope(),
                r.scope() == Scope.RETIRE ? SurveyViews.words(r.scope()) : PlanWords.EVERY_EDGE_ALIKE.words(),
                r.reasons(),
                tool.geometry().edgeLengthMm(),
                setup.bevels().primary().degrees(),
                setup.bevels().last().degrees(),
                r.lostMm(),
                r.honedWidthMm(),
                r.measuresAfter().values(),
                plan.volumeMm3(),
                minutes(plan),
                List.of(),
                plan.offers().stream()
                        .filter(Tooling::allowed)
                        .map(t -> new OfferView(
                                t.piece().id(),
                                t.piece().name(),
                                t.powered(),
                                t.leastSeconds(plan.edges()),
                                t.mostSeconds(plan.edges()),
                                t == plan.chosen(),
                                HeatViews.of(
                                        t.piece().kind(),
                                        tool.geometry(),
                                        setup.bevels().primary(),
                                        tool.steel())))
                        .toList(),
                "",
                "",
                "",
                List.of(),
                List.of(),
                steps.stream().map(s -> PlanViews.step(s, setup)).toList(),
                null,
                List.of());
    }

    private static AdviceView minutes(PoweredPlan plan) {
        Tooling by = plan.chosen();
        return AdviceView.of(new Advice(
                PlanWords.TIME_AT_BENCH.words(),
                plan.seconds() / 60,
                plan.leastSeconds() / 60,
                plan.mostSeconds() / 60,
                "min",
                Formula.EDGES_ALIKE,
                List.of(
                        new Advice.Given(
                                PlanWords.STEEL_TO_REMOVE.words(), Numbers.plain(plan.volumeMm3(), 0) + InWords.MM3),
                        new Advice.Given("edges", String.valueOf(plan.edges())),
                        new Advice.Given("each", by.strokes() + " " + by.counts())),
                PlanWords.RATES_ARE_PRIORS.words(),
                PlanWords.POWERED_CHANGES.words()));
    }
}
