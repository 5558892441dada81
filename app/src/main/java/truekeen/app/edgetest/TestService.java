package truekeen.app.edgetest;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.angle.AngleService;
import truekeen.app.bench.BenchRecords.SessionView;
import truekeen.app.bench.BenchService;
import truekeen.app.edgetest.TestRecords.BackForm;
import truekeen.app.edgetest.TestRecords.EarlierIndex;
import truekeen.app.edgetest.TestRecords.OutcomeOfCheck;
import truekeen.app.edgetest.TestRecords.TestForm;
import truekeen.app.edgetest.TestRecords.TestSheet;
import truekeen.app.edgetest.TestRecords.TestView;
import truekeen.app.kit.KitRecords.TesterView;
import truekeen.app.kit.KitService;
import truekeen.app.plan.PlanRecords.LegView;
import truekeen.app.plan.PlanRecords.PlanView;
import truekeen.app.plan.PlanService;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.fault.Diagnosis;
import truekeen.core.fault.Diagnostician;
import truekeen.core.fault.EdgeCheck;
import truekeen.core.fault.Observation;
import truekeen.core.fault.Remedy;
import truekeen.core.fault.Subject;
import truekeen.core.fault.TestSigns;
import truekeen.core.keenness.EdgeTest;
import truekeen.core.keenness.Judge;
import truekeen.core.keenness.KeennessPurpose;
import truekeen.core.keenness.Verdict;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.progression.WorkPlanner;
import truekeen.core.quantity.Angle;
import truekeen.core.stepsheet.RemedySheet;
import truekeen.core.stepsheet.Step;
import truekeen.core.tool.Trade;

/** Judges tests with the core, keeps them, and leads back to the stones where they fail. */
@Service
@Transactional
public class TestService {
    private static final int STATIONS = 5;
    private static final int MOST_READINGS = 40;
    private static final UUID NO_SESSION = new UUID(0, 0);

    private final Tests tests;
    private final Trials trials;
    private final BenchService bench;
    private final PlanService plans;
    private final ToolService tools;
    private final AngleService angles;
    private final KitService kit;
    private final BenchClock clock;

    TestService(
            Tests tests,
            Trials trials,
            BenchService bench,
            PlanService plans,
            ToolService tools,
            AngleService angles,
            KitService kit,
            BenchClock clock) {
        this.angles = angles;
        this.tests = tests;
        this.trials = trials;
        this.bench = bench;
        this.plans = plans;
        this.tools = tools;
        this.kit = kit;
        this.clock = clock;
    }

    /** What a test of this tool wants. */
    @Transactional(readOnly = true)
    public TestSheet sheet(UUID toolId, String device) {
        CoreTool tool = tools.core(toolId);
        double edge = tool.geometry().edgeLengthMm();
        Optional<TesterView> tester = kit.testers().stream().findFirst();
        UUID session = bench.open(toolId).id();
        OptionalDouble target = purpose(tool).map(KeennessPurpose::indexTarget).orElse(OptionalDouble.empty());
        List<EarlierIndex> earlier = tests
                .findByToolIdAndKeenTrueAndSessionIdNotOrderByTakenAt(toolId, session == null ? NO_SESSION : session)
                .stream()
                .filter(t -> t.verdict != null)
                .map(t -> new EarlierIndex(t.takenAt.toString(), t.verdict.meanIndex()))
                .toList();
        return new TestSheet(
                edge,
                EdgeTest.stations(edge, STATIONS),
                target.isPresent(),
                tester.map(TesterView::name).orElse(""),
                tester.map(TesterView::referenceG).orElse(0.0),
                tool.trade().keennessPurpose(),
                target.orElse(0),
                EdgeCheck.ladder(tool.trade()).stream().map(TestViews::check).toList(),
                session,
                session != null && bench.session(session, device).allDone(),
                session == null
                        ? null
                        : tests.findFirstBySessionIdOrderByTakenAtDesc(session)
                                .map(t -> view(t, tool))
                                .orElse(null),
                earlier.stream()
                        .min(Comparator.comparingDouble(EarlierIndex::index))
                        .orElse(null),
                earlier.isEmpty() ? null : earlier.get(earlier.size() - 1));
    }

    /** What may come of the first cut of a tool. */
    public List<OutcomeOfCheck> firstCut(Trade trade) {
        return EdgeCheck.firstCut(trade).map(c -> TestViews.check(c).outcomes()).orElse(List.of());
    }

    /** Judges a test and keeps it; what was tried since the test before it is judged by it too. */
    public TestView take(UUID sessionId, TestForm in) {
        BenchService.SessionRef session = bench.requireHeld(sessionId, Form.orEmpty(in.device()));
        CoreTool tool = tools.core(session.toolId());
        Form form = new Form();
        List<TestRecords.ReadingForm> typed = in.readings() == null ? List.of() : in.readings();
        form.checks().within("readings", "A number of readings", (double) typed.size(), 0, MOST_READINGS, "");
        form.checks().text("person", "A name", in.person(), false, 80);
        List<Observation> seen = TestReader.seen(form, in.seen(), tool);
        form.checks().orThrow();
        Optional<EdgeTest> force = TestReader.force(form, in.reference(), typed, tool);
        Optional<Verdict> verdict = force.map(f -> Judge.judge(
                f,
                purpose(tool)
                        .orElseThrow(() -> new RefusedException(
                                Refusal.of(MessageCode.NOT_TESTED_FOR_KEENNESS, "readings", "")))));
        if (verdict.isEmpty() && seen.isEmpty()) {
            throw new RefusedException(
                    Refusal.of(MessageCode.NOTHING_TESTED, "seen", "").with("low", EdgeTest.LEAST_STATIONS));
        }
        List<Observation> all = new ArrayList<>(seen);
        verdict.ifPresent(v -> all.addAll(TestSigns.ofForce(v)));
        all.addAll(bench.signs(sessionId).stream()
                .filter(o -> seen.stream()
                        .noneMatch(s -> s.sign().group() == o.sign().group()))
                .toList());
        all.addAll(ofTool(tool, session));
        Diagnosis diagnosis =
                Diagnostician.of(Subject.of(tool.geometry()), all, EdgeCheck.ladder(tool.trade()), trials.records());
        boolean passes = TestSigns.passes(verdict, seen);
        TestRow row = tests.save(new TestRow(sessionId, session.toolId(), clock.instant(), Form.orEmpty(in.person()))
                .judged(force, verdict, seen, diagnosis, passes));
        if (judgeTrials(row, passes, diagnosis)) {
            // What did not work just now no longer comes first.
            row.diagnosis = diagnose(tool, all);
        }
        return view(row, tool);
    }

    private Diagnosis diagnose(CoreTool tool, List<Observation> all) {
        return Diagnostician.of(Subject.of(tool.geometry()), all, EdgeCheck.ladder(tool.trade()), trials.records());
    }

    private List<Observation> ofTool(CoreTool tool, BenchService.SessionRef session) {
        return TestSigns.ofTool(
                tool.geometry(),
                tool.trade(),
                tool.steel(),
                Angle.ofDegrees(plans.core(session.planId()).shown().lastDeg()),
                bench.all(session.toolId(), true).size());
    }

    /** Whether there was anything to judge. */
    private boolean judgeTrials(TestRow after, boolean passes, Diagnosis diagnosis) {
        List<TrialRow> open = trials.open(after.sessionId);
        for (TrialRow trial : open) {
            trial.worked = TestSigns.worked(trial.finding, passes, diagnosis);
            trial.afterId = after.id;
        }
        return !open.isEmpty();
    }

    /** Adds the steps of what is likeliest at each place; asking twice adds them once. */
    public SessionView goBack(UUID testId, String device) {
        return goBack(testId, new BackForm(device, "", null));
    }

    /** Adds the steps of the remedies that are accepted to the session at the bench; asking twice adds them once. */
    public SessionView goBack(UUID testId, BackForm in) {
        TestRow test = tests.findById(testId).orElseThrow(() -> Form.notFound("test", testId));
        BenchService.SessionRef session = bench.requireHeld(test.sessionId, Form.orEmpty(in.device()));
        if (test.remedied || test.keen || test.diagnosis == null) {
            return bench.session(session.id(), Form.orEmpty(in.device()));
        }
        CoreTool tool = tools.core(session.toolId());
        List<RemedySheet.Chosen> chosen = RemedyChoice.read(test.diagnosis, in.chosen());
        PlanService.CorePlan core = plans.core(session.planId());
        PlanView plan = core.shown();
        List<Step> steps = RemedySheet.of(
                chosen,
                new RemedySheet.Honing(
                        path(plan, tool),
                        kit.shelf().stream()
                                .filter(a -> a.id().equals(plan.stropId()))
                                .findFirst(),
                        Angle.ofDegrees(plan.lastDeg()),
                        tool.steel(),
                        plan.secondaryWidthMm(),
                        plan.edgeLengthMm(),
                        angles.manner(tool, angles.setup(core.setupId()))));
        test.remedied = true;
        chosen.forEach(c -> trials.save(new TrialRow(test, c.remedy(), c.finding(), clock.instant())));
        return bench.addSteps(session.id(), steps);
    }

    /** The tool a test was of. */
    @Transactional(readOnly = true)
    public UUID toolOf(UUID testId) {
        return tests.findById(testId).orElseThrow(() -> Form.notFound("test", testId)).toolId;
    }

    /** All tests of a tool, oldest first. */
    @Transactional(readOnly = true)
    public List<TestView> all(UUID toolId) {
        return tests.findByToolIdOrderByTakenAt(toolId).stream()
                .map(t -> TestViews.of(t, trials.findByTestIdOrderByAt(t.id), List.of(), List.of(), List.of()))
                .toList();
    }

    private TestView view(TestRow t, CoreTool tool) {
        List<Remedy> any = t.diagnosis == null
                ? List.of()
                : t.diagnosis.findings().stream()
                        .flatMap(f -> f.remedies().stream())
                        .toList();
        List<Abrasive> path = any.isEmpty()
                ? List.of()
                : path(plans.core(bench.ref(t.sessionId).planId()).shown(), tool);
        return TestViews.of(
                t, trials.findByTestIdOrderByAt(t.id), trials.findByAfterIdOrderByAt(t.id), trials.records(), path);
    }

    /** The abrasives the secondary was honed on; after a strop alone, the stone nearest the finish. */
    private List<Abrasive> path(PlanView plan, CoreTool tool) {
        List<Abrasive> shelf = kit.shelf();
        List<Abrasive> honed = plan.jobs().stream()
                .filter(j -> j.kind().equals("SECONDARY"))
                .flatMap(j -> j.legs().stream())
                .map(LegView::abrasiveId)
                .flatMap(id -> shelf.stream().filter(a -> a.id().equals(id)))
                .toList();
        return honed.isEmpty()
                ? WorkPlanner.finishingStone(shelf, tool.trade(), tool.steel()).stream()
                        .toList()
                : honed;
    }

    private static Optional<KeennessPurpose> purpose(CoreTool tool) {
        return KeennessPurpose.byName(tool.trade().keennessPurpose());
    }
}
