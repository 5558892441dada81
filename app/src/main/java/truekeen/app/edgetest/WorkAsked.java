package truekeen.app.edgetest;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.bench.BenchService;
import truekeen.app.edgetest.TestRecords.BackForm;
import truekeen.app.edgetest.TestRecords.WorkToPlan;
import truekeen.app.plan.PlanService;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.survey.SurveyAfterTest;
import truekeen.core.angle.EdgeOutcome;
import truekeen.core.condition.AskedWork;
import truekeen.core.fault.Remedy;
import truekeen.core.fault.Sign;
import truekeen.core.job.JobKind;
import truekeen.core.keenness.Stretch;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.stepsheet.RemedySheet.Chosen;

/**
 * Leads from a remedy that names work into a plan of that work: the session at the bench ends as it is, the edge is put
 * down as the test left it, and the work that was named is asked for.
 */
@Component
class WorkAsked {
    private final Tests tests;
    private final TriedRemedies tried;
    private final BenchService bench;
    private final PlanService plans;
    private final SurveyAfterTest surveys;
    private final BenchClock clock;

    WorkAsked(
            Tests tests,
            TriedRemedies tried,
            BenchService bench,
            PlanService plans,
            SurveyAfterTest surveys,
            BenchClock clock) {
        this.tests = tests;
        this.tried = tried;
        this.bench = bench;
        this.plans = plans;
        this.surveys = surveys;
        this.clock = clock;
    }

    /**
     * Asks for the work that the chosen remedies name.
     *
     * @throws RefusedException where one of them names none: strokes that are still to be done go first
     */
    @Transactional
    WorkToPlan plan(UUID testId, BackForm in) {
        TestRow test = tests.findById(testId).orElseThrow(() -> Form.notFound("test", testId));
        BenchService.SessionRef session = bench.requireHeld(test.sessionId, Form.orEmpty(in.device()));
        List<Chosen> chosen = RemedyChoice.read(
                test.diagnosis()
                        .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.NO_SUCH_REMEDY, "chosen", ""))),
                in.chosen());
        for (Chosen c : chosen) {
            if (c.remedy().leads().isEmpty()) {
                throw new RefusedException(Refusal.of(
                        MessageCode.NO_SUCH_REMEDY, "chosen", c.remedy().key()));
            }
        }
        boolean backWorked = plans.core(session.planId()).chosen().works(JobKind.BACK);
        test.remedied = true;
        chosen.forEach(c -> tried.save(new TriedRemedyRow(test, c.remedy(), c.finding(), clock.instant())));
        bench.finish(session.id(), in.device());
        surveys.take(session.toolId(), left(chosen, backWorked), Form.orEmpty(in.person()));
        return new WorkToPlan("/tools/" + session.toolId() + "/" + page(chosen));
    }

    private static SurveyAfterTest.Left left(List<Chosen> chosen, boolean backWorked) {
        Set<AskedWork> asked = EnumSet.noneOf(AskedWork.class);
        if (names(chosen, Remedy.Work.THIN)) {
            asked.add(AskedWork.THIN);
        }
        if (names(chosen, Remedy.Work.BROAD_FACE)) {
            asked.add(AskedWork.BROAD_FACE);
        }
        List<Stretch> colour = chosen.stream()
                .filter(c -> c.remedy().leads().equals(Optional.of(Remedy.Work.PAST_COLOUR)))
                .map(c -> c.finding().where())
                .distinct()
                .toList();
        boolean crumbled =
                chosen.stream().flatMap(c -> c.finding().evidence().stream()).anyMatch(e -> e.sign() == Sign.CRUMBLES);
        return new SurveyAfterTest.Left(
                asked, colour, crumbled ? Optional.of(EdgeOutcome.Result.CHIPPED) : Optional.empty(), backWorked);
    }

    /** The first page that has something to be said: how far the colour reaches, another angle, or the plan. */
    private static String page(List<Chosen> chosen) {
        return names(chosen, Remedy.Work.PAST_COLOUR) ? "survey" : names(chosen, Remedy.Work.ANGLE) ? "angle" : "plan";
    }

    private static boolean names(List<Chosen> chosen, Remedy.Work work) {
        return chosen.stream().anyMatch(c -> c.remedy().leads().equals(Optional.of(work)));
    }
}
