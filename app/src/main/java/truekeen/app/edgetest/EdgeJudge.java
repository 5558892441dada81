package truekeen.app.edgetest;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import truekeen.app.angle.SetupService;
import truekeen.app.bench.BenchService;
import truekeen.app.bench.SessionReadings;
import truekeen.app.plan.PlanService;
import truekeen.app.survey.SurveyService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.fault.Diagnosis;
import truekeen.core.fault.Diagnostician;
import truekeen.core.fault.EdgeCheck;
import truekeen.core.fault.Observation;
import truekeen.core.fault.Subject;
import truekeen.core.fault.TestSigns;
import truekeen.core.job.JobKind;
import truekeen.core.keenness.Verdict;
import truekeen.core.quantity.Length;
import truekeen.core.repair.BroadFaceDue;

/**
 * What is likely wrong with an edge, by all that is known of it: what the test saw and read, what the bench put down, what
 * the tool is, what the survey found, and what was planned and done.
 */
@Component
class EdgeJudge {
    private final BenchService bench;
    private final SessionReadings readings;
    private final PlanService plans;
    private final SurveyService surveys;
    private final SetupService setups;
    private final TriedRemedies tried;

    EdgeJudge(
            BenchService bench,
            SessionReadings readings,
            PlanService plans,
            SurveyService surveys,
            SetupService setups,
            TriedRemedies tried) {
        this.bench = bench;
        this.readings = readings;
        this.plans = plans;
        this.surveys = surveys;
        this.setups = setups;
        this.tried = tried;
    }

    /**
     * The diagnosis. What the test saw of a kind says more than what the bench did.
     *
     * @param seen what came of the tests without an instrument
     * @param force the judgement of readings, where there are any
     */
    Diagnosis judge(CoreTool tool, BenchService.SessionRef session, List<Observation> seen, Optional<Verdict> force) {
        List<Observation> all = new ArrayList<>(seen);
        force.ifPresent(v -> all.addAll(TestSigns.ofForce(v)));
        readings.signs(session.id()).stream()
                .filter(o -> seen.stream()
                        .noneMatch(s -> s.sign().group() == o.sign().group()))
                .forEach(all::add);
        all.addAll(known(tool, session));
        return Diagnostician.of(subject(tool, session.planId()), all, EdgeCheck.ladder(tool.trade()), tried.records());
    }

    /** What is known of the edge before it was tested: of the tool, of what the survey found, and of what was planned. */
    private List<Observation> known(CoreTool tool, BenchService.SessionRef session) {
        PlanService.CorePlan plan = plans.core(session.planId());
        List<Observation> known = new ArrayList<>(TestSigns.ofTool(
                tool.geometry(),
                tool.trade(),
                tool.steel(),
                plan.chosen().last(),
                tool.brings(),
                bench.finished(session.toolId()).size()));
        known.addAll(TestSigns.ofSurvey(
                surveys.findings(plan.surveyId()), Length.ofMm(plan.chosen().lostMm())));
        known.addAll(TestSigns.ofBroadFace(
                plan.chosen().works(JobKind.BROAD_FACE),
                BroadFaceDue.of(tool.sinceBroadFace(), tool.loss()).due()));
        return known;
    }

    /** The edge that is judged; whether it is to be cambered stands in the set-up of the plan. */
    private Subject subject(CoreTool tool, UUID planId) {
        boolean cambered = setups.setup(plans.core(planId).setupId())
                .setup()
                .camber(tool.geometry())
                .isPresent();
        return Subject.of(tool.geometry(), cambered);
    }
}
