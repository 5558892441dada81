package truekeen.app.board;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import truekeen.app.angle.SetupService;
import truekeen.app.angle.SetupService.SavedSetup;
import truekeen.app.balance.BalanceService;
import truekeen.app.bench.BenchService;
import truekeen.app.bench.BenchService.RunningSession;
import truekeen.app.edgetest.TestService;
import truekeen.app.finish.FinishService;
import truekeen.app.machine.MachineReadiness;
import truekeen.app.plan.PlanService;
import truekeen.app.plan.PlanService.CorePlan;
import truekeen.app.survey.SurveyService;
import truekeen.app.survey.SurveyService.CoreSurvey;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.RackedTool;
import truekeen.app.upkeep.UpkeepService;

/** Works out where one tool stands, from what all the places keep of it. */
@Component
class Standings {
    private final ToolService tools;
    private final SurveyService surveys;
    private final SetupService setups;
    private final PlanService plans;
    private final BenchService bench;
    private final TestService tests;
    private final FinishService finishing;
    private final UpkeepService upkeep;
    private final MachineReadiness gate;
    private final BalanceService balance;

    Standings(
            ToolService tools,
            SurveyService surveys,
            SetupService setups,
            PlanService plans,
            BenchService bench,
            TestService tests,
            FinishService finishing,
            UpkeepService upkeep,
            MachineReadiness gate,
            BalanceService balance) {
        this.tools = tools;
        this.surveys = surveys;
        this.setups = setups;
        this.plans = plans;
        this.bench = bench;
        this.tests = tests;
        this.finishing = finishing;
        this.upkeep = upkeep;
        this.gate = gate;
        this.balance = balance;
    }

    ToolStanding of(UUID id) {
        return of(tools.racked(id));
    }

    ToolStanding of(RackedTool racked) {
        UUID tool = racked.id();
        List<Instant> finished = bench.finished(tool);
        Instant since = finished.isEmpty() ? Instant.MIN : finished.get(finished.size() - 1);
        Optional<CoreSurvey> survey = surveys.core(tool).filter(s -> s.takenAt().isAfter(since));
        Optional<SavedSetup> setup = setups.newest(tool);
        Optional<RunningSession> open = bench.open(tool);
        MachineReadiness.Standing machine = gate.standing(tool);
        boolean turns = balance.turns(tool);
        return new ToolStanding(
                !finished.isEmpty(),
                racked.asked(),
                survey.isPresent(),
                setup.isPresent(),
                open.isPresent() || planned(plans.newest(tool), survey, setup),
                open.map(RunningSession::id),
                open.map(RunningSession::allDone).orElse(false),
                open.flatMap(o -> speaks(o.id())),
                machine.powered(),
                machine.safe(),
                machine.fit(),
                machine.rejected().isPresent(),
                turns,
                !turns || open.map(o -> balance.level(o.id())).orElse(false),
                upkeep.due(tool).or(() -> finishing.nextCheck(tool)));
    }

    /** A plan holds for the survey it was made for and for set-ups that are no younger than itself. */
    private static boolean planned(Optional<CorePlan> plan, Optional<CoreSurvey> survey, Optional<SavedSetup> setup) {
        return plan.filter(p -> survey.filter(s -> s.id().equals(p.surveyId())).isPresent())
                .filter(p -> setup.filter(s -> !s.madeAt().isAfter(p.madeAt())).isPresent())
                .isPresent();
    }

    /** A failed test that was answered with steps no longer speaks for the edge once they are under way. */
    private Optional<Boolean> speaks(UUID session) {
        return tests.newest(session)
                .filter(t -> t.tested() && (t.keen() || !t.remedied()))
                .map(TestService.TestRef::keen);
    }
}
