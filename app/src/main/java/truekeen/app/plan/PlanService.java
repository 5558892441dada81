package truekeen.app.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.angle.AngleRecords.SetupView;
import truekeen.app.angle.AngleService;
import truekeen.app.kit.KitService;
import truekeen.app.plan.PlanRecords.LatestPlan;
import truekeen.app.plan.PlanRecords.PlanForm;
import truekeen.app.plan.PlanRecords.PlanView;
import truekeen.app.plan.PlanRecords.SavedPlan;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.repair.Grinding;
import truekeen.app.survey.SurveyService;
import truekeen.app.survey.SurveyService.CoreSurvey;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Restorer;
import truekeen.core.condition.Scope;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.progression.WorkPlan;
import truekeen.core.progression.WorkPlanner;
import truekeen.core.repair.GrindPlan;
import truekeen.core.section.TargetBevel;
import truekeen.core.stepsheet.Step;
import truekeen.core.stepsheet.StepSheet;

/** Asks the core for a plan and keeps the one that is chosen, as it was. */
@Service
@Transactional
public class PlanService {
    /** Version of the core that plans are made with; a log that learns must know whose predictions it compares. */
    static final String CORE_VERSION = "1";

    private final Plans plans;
    private final ToolService tools;
    private final SurveyService surveys;
    private final AngleService angles;
    private final KitService kit;
    private final Grinding grinding;
    private final BenchClock clock;

    PlanService(
            Plans plans,
            ToolService tools,
            SurveyService surveys,
            AngleService angles,
            KitService kit,
            Grinding grinding,
            BenchClock clock) {
        this.plans = plans;
        this.tools = tools;
        this.surveys = surveys;
        this.angles = angles;
        this.kit = kit;
        this.grinding = grinding;
        this.clock = clock;
    }

    /** A chosen plan as the bench needs it: its steps for the core, and the view that was shown. */
    public record CorePlan(UUID id, UUID toolId, UUID surveyId, UUID setupId, List<Step> steps, PlanView shown) {}

    private record Worked(
            CoreSurvey survey,
            SetupView setup,
            Restoration restoration,
            List<Step> steps,
            WorkPlan plan,
            PlanView view) {}

    /** Works a plan out without storing it. */
    @Transactional(readOnly = true)
    public PlanView preview(UUID toolId, PlanForm in) {
        return work(toolId, in).view;
    }

    /** Keeps the plan. */
    public SavedPlan choose(UUID toolId, PlanForm in) {
        Worked worked = work(toolId, in);
        if (worked.restoration.scope() == Scope.RETIRE) {
            throw new RefusedException(Refusal.of(MessageCode.RETIRED_NO_PLAN, "", "")
                    .with("what", worked.restoration.reasons().get(0)));
        }
        PlanRow row = new PlanRow(toolId, clock.instant());
        row.surveyId = worked.survey.id();
        row.setupId = worked.setup.id();
        row.coreVersion = CORE_VERSION;
        row.grindOn =
                worked.plan.grind().map(g -> UUID.fromString(g.machine().id())).orElse(null);
        row.volumeMm3 = worked.plan.volumeMm3();
        row.lostMm = worked.restoration.lostMm();
        row.seconds = worked.plan.seconds();
        row.snapshot = worked.view;
        row.steps = worked.steps;
        return view(plans.save(row));
    }

    /** The newest plan of a tool. */
    @Transactional(readOnly = true)
    public LatestPlan latest(UUID toolId) {
        return new LatestPlan(plans.newest(toolId).map(PlanService::view).orElse(null));
    }

    /** A plan, for the bench. */
    @Transactional(readOnly = true)
    public CorePlan core(UUID planId) {
        PlanRow row = plans.findById(planId).orElseThrow(() -> Form.notFound("plan", planId));
        return new CorePlan(row.id, row.toolId, row.surveyId, row.setupId, row.steps, row.snapshot);
    }

    private Worked work(UUID toolId, PlanForm in) {
        CoreTool tool = tools.core(toolId);
        CoreSurvey survey = surveys.core(toolId)
                .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.SURVEY_FIRST, "", "")));
        SetupView setup = angles.current(toolId)
                .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.ANGLE_FIRST, "", "")));
        if (tool.geometry().kind().powered()) {
            throw new RefusedException(Refusal.of(MessageCode.POWERED_FIRST, "", ""));
        }
        TargetBevel target = angles.target(setup, tool.geometry());
        Restoration restoration = Restorer.restore(tool.geometry(), survey.survey(), target);
        List<Abrasive> shelf = kit.shelf();
        Optional<String> grindOn = Form.blank(in.grindOn()) ? Optional.empty() : Optional.of(in.grindOn());
        boolean retired = restoration.scope() == Scope.RETIRE;
        WorkPlan plan = retired
                ? new WorkPlan(List.of(), List.of(), Optional.empty(), Optional.empty(), "", 0, 0, 0)
                : WorkPlanner.plan(
                        restoration,
                        survey.survey(),
                        tool.trade(),
                        tool.steel(),
                        shelf,
                        grinding.rules(tool),
                        tool.scratchUm(),
                        grindOn);
        double edge = tool.geometry().edgeLengthMm();
        List<Step> steps = retired
                ? new ArrayList<>()
                : StepSheet.of(
                        plan,
                        target,
                        tool.steel(),
                        edge,
                        angles.manner(tool, setup),
                        grindPlan(tool, restoration, target, plan));
        PlanView view = PlanViews.of(restoration, plan, steps, setup, tool.steel(), tool.geometry(), edge);
        return new Worked(survey, setup, restoration, steps, plan, view);
    }

    /** The acts of the grinding on the machine that was chosen; refused where its wheel would run too fast. */
    private Optional<GrindPlan> grindPlan(CoreTool tool, Restoration r, TargetBevel target, WorkPlan plan) {
        return plan.grind().flatMap(g -> Grinding.means(g.machine().kind().name())
                .flatMap(m -> grinding.plan(tool, r, target, m, g.machine().name())));
    }

    private static SavedPlan view(PlanRow p) {
        return new SavedPlan(p.id, p.toolId, p.surveyId, p.setupId, p.madeAt.toString(), p.snapshot);
    }

    interface Plans extends JpaRepository<PlanRow, UUID> {
        // Plain SQL: asked with every move of a slider, and a limit would have it translated anew each time.
        @Query(value = "select * from plan where tool_id = :toolId order by made_at desc limit 1", nativeQuery = true)
        Optional<PlanRow> newest(UUID toolId);
    }
}
