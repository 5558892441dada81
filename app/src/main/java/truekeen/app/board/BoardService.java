package truekeen.app.board;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.angle.AngleService;
import truekeen.app.balance.BalanceService;
import truekeen.app.bench.BenchRecords.SessionSummary;
import truekeen.app.bench.BenchRecords.SessionView;
import truekeen.app.bench.BenchService;
import truekeen.app.bench.TimerService;
import truekeen.app.board.BoardRecords.BoardView;
import truekeen.app.board.BoardRecords.NextView;
import truekeen.app.board.BoardRecords.SoakView;
import truekeen.app.board.BoardRecords.StageView;
import truekeen.app.board.BoardRecords.ToolStages;
import truekeen.app.edgetest.TestRecords.TestView;
import truekeen.app.edgetest.TestService;
import truekeen.app.finish.FinishRecords.FinishCardView;
import truekeen.app.finish.FinishService;
import truekeen.app.kit.KitService;
import truekeen.app.machine.HoursService;
import truekeen.app.machine.MachineGate;
import truekeen.app.plan.PlanRecords.SavedPlan;
import truekeen.app.plan.PlanService;
import truekeen.app.platform.BenchClock;
import truekeen.app.survey.SurveyRecords.EdgeOnStrip;
import truekeen.app.survey.SurveyRecords.SurveyView;
import truekeen.app.survey.SurveyService;
import truekeen.app.tool.ToolRecords.ToolLine;
import truekeen.app.tool.ToolService;
import truekeen.core.machine.RunningHours;

/** Says where each tool stands in the order of the work, and what comes next. */
@Service
@Transactional(readOnly = true)
public class BoardService {
    private final ToolService tools;
    private final SurveyService surveys;
    private final AngleService angles;
    private final PlanService plans;
    private final BenchService bench;
    private final TestService tests;
    private final FinishService finishing;
    private final TimerService timers;
    private final MachineGate gate;
    private final HoursService hours;
    private final BalanceService balance;
    private final KitService kit;
    private final BenchClock clock;

    BoardService(
            ToolService tools,
            SurveyService surveys,
            AngleService angles,
            PlanService plans,
            BenchService bench,
            TestService tests,
            FinishService finishing,
            TimerService timers,
            MachineGate gate,
            HoursService hours,
            BalanceService balance,
            KitService kit,
            BenchClock clock) {
        this.tools = tools;
        this.surveys = surveys;
        this.angles = angles;
        this.plans = plans;
        this.bench = bench;
        this.tests = tests;
        this.finishing = finishing;
        this.timers = timers;
        this.gate = gate;
        this.hours = hours;
        this.balance = balance;
        this.kit = kit;
        this.clock = clock;
    }

    /** Everything that waits, is worked on, or soaks. */
    public BoardView board() {
        List<SoakView> soaking = kit.kit().abrasives().stream()
                .filter(a -> a.soaks() && a.soakLeftSeconds() > 0 && a.soakLeftSeconds() < soakSeconds(a.kind()))
                .map(a -> new SoakView(a.name(), a.soakLeftSeconds()))
                .toList();
        return new BoardView(
                clock.today().toString(),
                tools.all().stream().map(t -> stages(t, EdgeOnStrip.NONE)).toList(),
                soaking,
                timers.all().running().stream().filter(t -> t.id() != null).toList());
    }

    /** Where one tool stands. */
    public ToolStages stages(UUID toolId) {
        ToolLine tool = tools.line(toolId);
        return stages(tool, round(tool).surveyed ? surveys.onStrip(toolId) : EdgeOnStrip.NONE);
    }

    private double soakSeconds(String kind) {
        return kit.kit().kinds().stream()
                .filter(k -> k.name().equals(kind))
                .mapToDouble(k -> k.soakMinutes() * 60.0)
                .findFirst()
                .orElse(0);
    }

    /** What is known of a tool since its last session was finished. */
    private record Round(
            boolean surveyed, boolean angled, boolean planned, UUID openSession, boolean benchDone, TestView test) {}

    private ToolStages stages(ToolLine tool, EdgeOnStrip edge) {
        Round round = round(tool);
        boolean everFinished = !bench.all(tool.id(), true).isEmpty();
        boolean rested = everFinished && !round.surveyed && round.openSession == null;
        boolean keen = round.test != null && round.test.verdict().keen();
        // Hours that were run since say more than the day that was set when it went back.
        String nextCheck = !rested
                ? ""
                : hours.due(tool.id())
                        .flatMap(RunningHours::due)
                        .map(LocalDate::toString)
                        .or(() -> finishing.last(tool.id()).map(FinishCardView::nextCheck))
                        .orElse("");
        boolean later = !nextCheck.isEmpty() && LocalDate.parse(nextCheck).isAfter(clock.today());
        String base = "/tools/" + tool.id();
        List<StageView> stages = new ArrayList<>();
        MachineGate.Standing machine = gate.standing(tool.id());
        boolean turns = balance.turns(tool.id());
        stages.add(new StageView("Take in", base + "/take-in", "done", "taken in"));
        if (machine.powered()) {
            String word = machine.rejected().isPresent() ? "rejected" : "to do";
            stages.add(new StageView(
                    "Make safe",
                    base + "/machine",
                    machine.safe() ? "done" : rested ? "waiting" : "here",
                    machine.safe() ? "isolated" : "to do"));
            stages.add(new StageView(
                    "Inspect",
                    base + "/inspect",
                    machine.fit() ? "done" : machine.safe() ? "here" : "waiting",
                    machine.fit() ? "fit" : word));
        }
        boolean open = machine.ready();
        stages.add(stage(
                "Survey", base, round.surveyed && open, open, rested ? (later ? "not yet" : "due") : "to do", "done"));
        stages.add(stage("Angle", base, round.angled && open, round.surveyed && open, "to do", "set"));
        stages.add(
                stage("Plan", base, round.planned && open, round.surveyed && round.angled && open, "to do", "chosen"));
        boolean working = round.openSession != null;
        stages.add(
                stage("Bench", base, round.benchDone, round.planned && open, working ? "at work" : "to do", "worked"));
        boolean level = !turns || working && balance.level(round.openSession);
        if (turns) {
            stages.add(stage("Balance", base, level && round.benchDone, round.benchDone && open, "to do", "level"));
        }
        String testWord = round.test == null ? "to do" : "not keen yet";
        stages.add(stage("Test", base, keen, round.benchDone && open && level, testWord, turns ? "passed" : "keen"));
        stages.add(new StageView("Log", base + "/log", rested ? "done" : keen ? "here" : "waiting", "history"));
        NextView next = next(base, round, keen, rested, machine, level);
        return new ToolStages(
                tool.id(),
                tool.name(),
                tool.crew(),
                tool.tool(),
                tool.wantedBy(),
                tool.layout(),
                onlyOneHere(stages),
                next,
                machine.rejected().isPresent()
                        ? "rejected"
                        : round.benchDone && !level && !rested ? "to be balanced" : standing(round, keen, rested),
                working,
                rested,
                nextCheck,
                rested && !later && !nextCheck.isEmpty(),
                edge.findings(),
                edge.stations());
    }

    private Round round(ToolLine tool) {
        List<SessionSummary> finished = bench.all(tool.id(), true);
        Instant since = finished.stream()
                .map(s -> Instant.parse(s.finishedAt()))
                .max(Instant::compareTo)
                .orElse(Instant.MIN);
        Optional<SurveyView> survey = Optional.ofNullable(
                        surveys.latest(tool.id()).survey())
                .filter(s -> Instant.parse(s.takenAt()).isAfter(since));
        boolean angled = angles.current(tool.id()).isPresent();
        SavedPlan plan = plans.latest(tool.id()).plan();
        boolean planned = plan != null
                && survey.filter(s -> s.id().equals(plan.surveyId())).isPresent()
                && angles.current(tool.id())
                        .filter(s -> !Instant.parse(s.madeAt()).isAfter(Instant.parse(plan.madeAt())))
                        .isPresent();
        UUID open = bench.open(tool.id()).id();
        SessionView session = open == null ? null : bench.session(open, "");
        List<TestView> tested = open == null
                ? List.of()
                : tests.all(tool.id()).stream()
                        .filter(t -> t.sessionId().equals(open))
                        .toList();
        TestView last = tested.isEmpty() ? null : tested.get(tested.size() - 1);
        // A failed test that was answered with steps no longer speaks for the edge once they are under way.
        TestView speaks = last != null && last.remedied() && !last.verdict().keen() ? null : last;
        return new Round(
                survey.isPresent(),
                angled,
                planned || open != null,
                open,
                session != null && session.allDone(),
                speaks);
    }

    private static NextView next(
            String base, Round round, boolean keen, boolean rested, MachineGate.Standing machine, boolean level) {
        if (machine.rejected().isPresent()) {
            return new NextView("See why it is rejected", base + "/inspect");
        }
        if (!machine.safe()) {
            return new NextView("Make the machine safe", base + "/machine");
        }
        if (!machine.fit()) {
            return new NextView("Inspect the blade", base + "/inspect");
        }
        if (rested) {
            return new NextView("Survey it again", base + "/survey");
        }
        if (round.benchDone && !level) {
            return new NextView("Hang it on the beam", base + "/balance");
        }
        if (keen) {
            return new NextView("Clean and refit it", base + "/finish");
        }
        if (round.openSession != null) {
            return round.benchDone
                    ? new NextView("Test the edge", base + "/test")
                    : new NextView("Go on at the bench", "/bench/" + round.openSession);
        }
        if (!round.surveyed) {
            return new NextView("Survey the edge", base + "/survey");
        }
        if (!round.angled) {
            return new NextView("Choose the angle", base + "/angle");
        }
        return round.planned
                ? new NextView("Start at the bench", base + "/bench")
                : new NextView("Plan the work", base + "/plan");
    }

    private static String standing(Round round, boolean keen, boolean rested) {
        if (rested) {
            return "ready";
        }
        if (keen) {
            return "keen, to be logged";
        }
        if (round.openSession != null) {
            return round.benchDone ? "to be tested" : "at the bench";
        }
        return round.planned ? "planned" : round.surveyed ? "surveyed" : "taken in";
    }

    private static StageView stage(
            String name, String base, boolean done, boolean reachable, String open, String closed) {
        String path = base + "/" + name.toLowerCase(Locale.ROOT);
        return new StageView(name, path, done ? "done" : reachable ? "here" : "waiting", done ? closed : open);
    }

    /** The first stage that is open is where the work stands; later ones wait. */
    private static List<StageView> onlyOneHere(List<StageView> stages) {
        List<StageView> line = new ArrayList<>();
        boolean here = false;
        for (StageView s : stages) {
            boolean first = s.state().equals("here") && !here;
            here |= first;
            line.add(s.state().equals("here") && !first ? new StageView(s.name(), s.path(), "waiting", s.word()) : s);
        }
        return line;
    }
}
