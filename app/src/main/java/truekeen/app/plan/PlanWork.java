package truekeen.app.plan;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.angle.SetupService.SavedSetup;
import truekeen.app.plan.PlanCases.Ready;
import truekeen.app.plan.PlanRecords.PlanForm;
import truekeen.app.plan.PlanRecords.PlanView;
import truekeen.app.platform.Form;
import truekeen.app.repair.Grinding;
import truekeen.app.survey.SurveyService.CoreSurvey;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.care.Preparation;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Scope;
import truekeen.core.powered.PoweredPlan;
import truekeen.core.powered.Tooling;
import truekeen.core.progression.WorkPlan;
import truekeen.core.repair.GrindPlan;
import truekeen.core.section.TargetBevel;
import truekeen.core.stepsheet.PlanCase;
import truekeen.core.stepsheet.Step;
import truekeen.core.stepsheet.TooMuchByHand;

/** Works plans out for a tool as it was surveyed and set up; nothing is stored. */
@Component
class PlanWork {
    private final PlanCases cases;
    private final Grinding grinding;

    PlanWork(PlanCases cases, Grinding grinding) {
        this.cases = cases;
        this.grinding = grinding;
    }

    /** A plan worked out, with what it was worked out for. */
    record Worked(
            CoreSurvey survey,
            SavedSetup setup,
            Restoration restoration,
            List<Step> steps,
            Optional<WorkPlan> plan,
            PlanView view) {}

    /** The plan that is asked for. */
    @Transactional(readOnly = true)
    Worked work(UUID toolId, PlanForm in) {
        Ready ready = cases.ready(toolId);
        CoreTool tool = ready.tool();
        if (tool.geometry().kind().powered()) {
            return powered(ready, in);
        }
        PlanCase on = cases.asked(ready, in);
        Restoration restoration = cases.restoration(ready, on.shelf());
        PlanCase.Worked worked = on.worked(plan -> grindPlan(tool, restoration, on.target(), plan));
        PlanView view = PlanViews.of(
                worked.restoration(),
                worked.plan(),
                worked.steps(),
                ready.setup().setup(),
                tool.steel(),
                tool.geometry(),
                tool.geometry().edgeLengthMm(),
                on.shelf(),
                Preparation.of(worked.plan(), on.shelf(), on.rules()),
                TooMuchByHand.of(on, worked));
        return new Worked(
                ready.survey(), ready.setup(), worked.restoration(), worked.steps(), Optional.of(worked.plan()), view);
    }

    /** A blade of a machine has no progression: every edge alike on one piece of the kit. */
    private Worked powered(Ready ready, PlanForm in) {
        CoreTool tool = ready.tool();
        Optional<String> on = Form.blank(in.grindOn()) ? Optional.empty() : Optional.of(in.grindOn());
        List<Abrasive> shelf = cases.shelf(ready, in.person());
        Restoration restoration = cases.restoration(ready, shelf);
        PoweredPlan plan = PoweredPlan.of(
                tool.geometry(), restoration, tool.trade(), ready.target().primary(), tool.steel(), shelf, on);
        if (plan.chosen().way() == Tooling.Way.WHEEL) {
            grinding.requireWithinMarking(tool, ready.target());
        }
        boolean retired = restoration.scope() == Scope.RETIRE;
        List<Step> steps = retired ? List.of() : plan.steps();
        PlanView view = PoweredViews.of(restoration, plan, steps, ready.setup().setup(), tool);
        return new Worked(ready.survey(), ready.setup(), restoration, steps, Optional.empty(), view);
    }

    /** The acts of the grinding on the machine that was chosen; refused where its wheel would run too fast. */
    private Optional<GrindPlan> grindPlan(CoreTool tool, Restoration r, TargetBevel target, WorkPlan plan) {
        return plan.grind().flatMap(g -> Grinding.means(g.machine().kind())
                .flatMap(m -> grinding.plan(tool, r, target, m, g.machine().name())));
    }
}
