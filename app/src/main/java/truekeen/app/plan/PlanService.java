package truekeen.app.plan;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.angle.SetupService;
import truekeen.app.history.ToolChanged;
import truekeen.app.plan.PlanCases.Ready;
import truekeen.app.plan.PlanRecords.LatestPlan;
import truekeen.app.plan.PlanRecords.PlanForm;
import truekeen.app.plan.PlanRecords.PlanView;
import truekeen.app.plan.PlanRecords.SavedPlan;
import truekeen.app.plan.PlanRecords.SchoolsView;
import truekeen.app.plan.PlanRecords.WayForm;
import truekeen.app.plan.PlanRecords.WayView;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.platform.SectionView;
import truekeen.app.store.Stored;
import truekeen.app.survey.SurveyService;
import truekeen.app.survey.SurveyService.CoreSurvey;
import truekeen.app.tool.SectionDrawing;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.condition.Restorer;
import truekeen.core.condition.Scope;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.progression.WorkPlan;
import truekeen.core.section.TargetBevel;
import truekeen.core.stepsheet.ChosenPlan;
import truekeen.core.stepsheet.SchoolTrial;

/** Asks the core for a plan and keeps the one that is chosen, as it was. */
@Service
@Transactional
public class PlanService {
    /** Version of the core that plans are made with; a log that learns must know whose predictions it compares. */
    static final String CORE_VERSION = "3";

    private final Plans plans;
    private final ToolService tools;
    private final SurveyService surveys;
    private final SetupService setups;
    private final PlanCases cases;
    private final PlanWork works;
    private final SavedRoutes ways;
    private final ApplicationEventPublisher publisher;
    private final BenchClock clock;

    PlanService(
            Plans plans,
            ToolService tools,
            SurveyService surveys,
            SetupService setups,
            PlanCases cases,
            PlanWork works,
            SavedRoutes ways,
            ApplicationEventPublisher publisher,
            BenchClock clock) {
        this.plans = plans;
        this.tools = tools;
        this.surveys = surveys;
        this.setups = setups;
        this.cases = cases;
        this.works = works;
        this.ways = ways;
        this.publisher = publisher;
        this.clock = clock;
    }

    /**
     * A chosen plan with what it was made for.
     *
     * @param ofThisEdition whether its strokes were predicted as they are today
     */
    public record CorePlan(
            UUID id,
            UUID toolId,
            UUID surveyId,
            UUID setupId,
            Instant madeAt,
            ChosenPlan chosen,
            boolean ofThisEdition) {}

    /** Works a plan out without storing it. */
    @Transactional(readOnly = true)
    public PlanView preview(UUID toolId, PlanForm in) {
        return works.work(toolId, in).view();
    }

    /** Keeps the plan. */
    public SavedPlan choose(UUID toolId, PlanForm in) {
        PlanWork.Worked worked = works.work(toolId, in);
        if (worked.steps().isEmpty() && worked.restoration().scope() == Scope.RETIRE) {
            throw new RefusedException(Refusal.of(MessageCode.RETIRED_NO_PLAN, "", "")
                    .with("what", worked.restoration().reasons().get(0)));
        }
        if (worked.steps().isEmpty()) {
            throw new RefusedException(Refusal.of(MessageCode.NOTHING_TO_DO, "", ""));
        }
        PlanRow row = new PlanRow(toolId, clock.instant());
        row.surveyId = worked.survey().id();
        row.setupId = worked.setup().id();
        row.coreVersion = CORE_VERSION;
        row.grindOn = worked.plan()
                .flatMap(WorkPlan::grind)
                .map(g -> UUID.fromString(g.machine().id()))
                .orElse(null);
        row.volumeMm3 = worked.view().volumeMm3();
        row.lostMm = worked.restoration().lostMm();
        row.seconds = worked.view().minutes().value() * 60;
        ChosenPlan chosen = PlanViews.chosen(worked.view(), worked.restoration(), worked.steps());
        row.snapshot = StoredPlan.FORMAT.write(chosen);
        row.steps = StoredSteps.STEPS.write(worked.steps());
        PlanRow saved = plans.saveAndFlush(row);
        publisher.publishEvent(new ToolChanged(toolId));
        return view(saved, chosen);
    }

    /** The newest plan of a tool. */
    @Transactional(readOnly = true)
    public LatestPlan latest(UUID toolId) {
        return new LatestPlan(plans.newest(toolId)
                .flatMap(row -> row.toCore().map(chosen -> view(row, chosen)))
                .orElse(null));
    }

    /** The stones this work is always done on. */
    @Transactional(readOnly = true)
    public WayView way(UUID toolId, String person) {
        return ways.view(person, tools.core(toolId).trade().key());
    }

    /** Keeps the stones this work is always done on. */
    public WayView keep(UUID toolId, WayForm in) {
        return ways.keep(tools.core(toolId).trade().key(), in);
    }

    /** A plan, for the bench. */
    @Transactional(readOnly = true)
    public CorePlan core(UUID planId) {
        PlanRow row = row(planId);
        return core(row, row.toCore().orElseThrow(() -> Stored.olderRecord("plan")));
    }

    /** The newest plan of a tool; one that cannot be read any more counts as none. */
    @Transactional(readOnly = true)
    public Optional<CorePlan> newest(UUID toolId) {
        return plans.newest(toolId).flatMap(row -> row.toCore().map(chosen -> core(row, chosen)));
    }

    /** How long each of these plans was to take (s). */
    @Transactional(readOnly = true)
    public Map<UUID, Double> seconds(Collection<UUID> ids) {
        return plans.secondsOf(ids).stream().collect(Collectors.toMap(Plans.HowLong::getId, Plans.HowLong::getSeconds));
    }

    private static CorePlan core(PlanRow row, ChosenPlan chosen) {
        return new CorePlan(
                row.id,
                row.toolId,
                row.surveyId,
                row.setupId,
                row.madeAt,
                chosen,
                CORE_VERSION.equals(row.coreVersion));
    }

    private PlanRow row(UUID planId) {
        return plans.findById(planId).orElseThrow(() -> Form.notFound("plan", planId));
    }

    /** The edge before and after a plan, cut through; as it stands where its survey no longer holds. */
    @Transactional(readOnly = true)
    public SectionView section(UUID planId) {
        PlanRow row = row(planId);
        CoreTool tool = tools.core(row.toolId);
        Optional<CoreSurvey> survey = surveys.core(row.toolId).filter(s -> s.id().equals(row.surveyId));
        if (survey.isEmpty()) {
            return SectionDrawing.of(tool.geometry());
        }
        TargetBevel target = setups.setup(row.setupId).setup().target(tool.geometry());
        return SectionDrawing.of(
                tool.geometry(),
                target,
                Restorer.restore(tool.geometry(), survey.get().survey(), target, surveys.occasion(tool, survey.get())));
    }

    /** The same tool, survey, angle and shelf in other schools. */
    @Transactional(readOnly = true)
    public SchoolsView schools(UUID toolId, String person) {
        Ready ready = cases.ready(toolId);
        if (ready.tool().geometry().kind().powered()) {
            return new SchoolsView(List.of());
        }
        List<SchoolTrial> trials = SchoolTrial.all(cases.inNoHouse(ready, person));
        return new SchoolsView(trials.stream()
                .map(t -> PlanViews.school(t, ready.setup().setup()))
                .toList());
    }

    /** Tools that were planned last, the last one first. */
    @Transactional(readOnly = true)
    List<UUID> plannedLast(int most) {
        return plans.plannedLast(most);
    }

    private SavedPlan view(PlanRow p, ChosenPlan chosen) {
        return new SavedPlan(
                p.id,
                p.toolId,
                p.surveyId,
                p.setupId,
                p.madeAt,
                PlanViews.of(chosen, setups.setup(p.setupId).setup()));
    }

    interface Plans extends JpaRepository<PlanRow, UUID> {
        /** How long a plan was to take. */
        interface HowLong {
            UUID getId();

            double getSeconds();
        }

        @Query("select p.id as id, p.seconds as seconds from PlanRow p where p.id in :ids")
        List<HowLong> secondsOf(Collection<UUID> ids);

        @Query(
                value = "select p.tool_id from plan p join tool t on t.id = p.tool_id where t.deleted_at is null"
                        + " group by p.tool_id order by max(p.made_at) desc limit :most",
                nativeQuery = true)
        List<UUID> plannedLast(int most);

        // Plain SQL: asked with every move of a slider, and a limit would have it translated anew each time.
        @Query(value = "select * from plan where tool_id = :toolId order by made_at desc limit 1", nativeQuery = true)
        Optional<PlanRow> newest(UUID toolId);

        /** Of each tool its newest plan, where the record of that has the text in it. */
        @Query(
                value = "select * from (select distinct on (tool_id) * from plan order by tool_id, made_at desc) p"
                        + " where p.grind_on::text like :text or p.snapshot::text like :text or p.steps::text like :text"
                        + " order by p.made_at desc",
                nativeQuery = true)
        List<PlanRow> newestNaming(String text);
    }
}
