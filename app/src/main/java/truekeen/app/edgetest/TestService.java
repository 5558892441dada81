package truekeen.app.edgetest;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.angle.SetupService;
import truekeen.app.bench.BenchService;
import truekeen.app.edgetest.TestRecords.BackForm;
import truekeen.app.edgetest.TestRecords.EarlierIndex;
import truekeen.app.edgetest.TestRecords.TestForm;
import truekeen.app.edgetest.TestRecords.TestSheet;
import truekeen.app.edgetest.TestRecords.TestView;
import truekeen.app.history.HistoryEntry;
import truekeen.app.history.HistorySource;
import truekeen.app.history.ToolChanged;
import truekeen.app.kit.KitService;
import truekeen.app.kit.TesterService;
import truekeen.app.plan.PlanService;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.fault.Diagnosis;
import truekeen.core.fault.EdgeCheck;
import truekeen.core.fault.EdgeState;
import truekeen.core.fault.Observation;
import truekeen.core.fault.Sign;
import truekeen.core.fault.TestSigns;
import truekeen.core.keenness.EdgeTest;
import truekeen.core.keenness.Judge;
import truekeen.core.keenness.KeennessPurpose;
import truekeen.core.keenness.Reading;
import truekeen.core.keenness.Verdict;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.progression.WorkPlanner;
import truekeen.core.stepsheet.ChosenPlan;
import truekeen.core.stepsheet.RemedySheet;
import truekeen.core.stepsheet.Step;
import truekeen.core.tool.ToolUse;

/** Judges tests with the core, keeps them, and leads back to the stones where they fail. */
@Service
@Transactional
public class TestService implements HistorySource {
    private static final int STATIONS = 5;
    private static final int MOST_READINGS = 40;
    private static final UUID NO_SESSION = new UUID(0, 0);

    private final Tests tests;
    private final TriedRemedies tried;
    private final BenchService bench;
    private final PlanService plans;
    private final ToolService tools;
    private final SetupService setups;
    private final KitService kit;
    private final TesterService testers;
    private final EdgeJudge judge;
    private final ApplicationEventPublisher publisher;
    private final BenchClock clock;

    TestService(
            Tests tests,
            TriedRemedies tried,
            BenchService bench,
            PlanService plans,
            ToolService tools,
            SetupService setups,
            KitService kit,
            TesterService testers,
            EdgeJudge judge,
            ApplicationEventPublisher publisher,
            BenchClock clock) {
        this.setups = setups;
        this.tests = tests;
        this.tried = tried;
        this.bench = bench;
        this.plans = plans;
        this.tools = tools;
        this.kit = kit;
        this.testers = testers;
        this.judge = judge;
        this.publisher = publisher;
        this.clock = clock;
    }

    /** What a test of this tool wants. */
    @Transactional(readOnly = true)
    public TestSheet sheet(UUID toolId) {
        CoreTool tool = tools.core(toolId);
        double edge = tool.geometry().edgeLengthMm();
        Optional<TesterService.Tester> tester = testers.first();
        Optional<BenchService.RunningSession> open = bench.open(toolId);
        UUID session = open.map(BenchService.RunningSession::id).orElse(null);
        Optional<TestRow> latest =
                session == null ? Optional.empty() : tests.findFirstBySessionIdOrderByTakenAtDesc(session);
        OptionalDouble target = purpose(tool).map(KeennessPurpose::indexTarget).orElse(OptionalDouble.empty());
        List<EarlierIndex> earlier = tests
                .findByToolIdAndKeenTrueAndSessionIdNotOrderByTakenAt(toolId, session == null ? NO_SESSION : session)
                .stream()
                .flatMap(t -> t.verdict().stream().map(v -> new EarlierIndex(t.takenAt, v.meanIndex())))
                .toList();
        return new TestSheet(
                edge,
                EdgeTest.stations(edge, STATIONS),
                target.isPresent(),
                tester.map(TesterService.Tester::name).orElse(""),
                tester.map(TesterService.Tester::referenceG).orElse(0.0),
                tool.trade().keennessPurpose(),
                target.orElse(0),
                Judge.WIDEST_SPREAD - 1,
                ladder(tool, latest),
                session,
                open.map(BenchService.RunningSession::allDone).orElse(false),
                latest.map(t -> view(t, tool)).orElse(null),
                earlier.stream()
                        .min(Comparator.comparingDouble(EarlierIndex::index))
                        .orElse(null),
                earlier.isEmpty() ? null : earlier.get(earlier.size() - 1));
    }

    /** The tests of a tool: needed are those of its work, those that failed before, and what would have told most. */
    private static List<TestRecords.CheckView> ladder(CoreTool tool, Optional<TestRow> before) {
        Set<String> needed =
                EdgeCheck.needed(tool.trade()).stream().map(EdgeCheck::key).collect(Collectors.toSet());
        before.ifPresent(t -> {
            t.seen().stream()
                    .filter(o -> o.sign().says() == Sign.Says.BAD)
                    .flatMap(o -> EdgeCheck.of(o.sign()).stream())
                    .forEach(c -> needed.add(c.key()));
            t.diagnosis()
                    .flatMap(Diagnosis::next)
                    .ifPresent(next -> needed.add(next.check().key()));
        });
        return EdgeCheck.ladder(tool.trade()).stream()
                .map(c -> TestViews.check(c, needed.contains(c.key())))
                .toList();
    }

    /**
     * A test as another place needs to know it.
     *
     * @param keen whether the edge passed
     * @param tested whether anything of it speaks of the edge; else it is as if nothing had been tested
     * @param remedied whether it was answered with steps
     */
    public record TestRef(UUID id, UUID sessionId, Instant takenAt, boolean keen, boolean tested, boolean remedied) {}

    /** The newest test of a session. */
    @Transactional(readOnly = true)
    public Optional<TestRef> newest(UUID sessionId) {
        return tests.findFirstBySessionIdOrderByTakenAtDesc(sessionId)
                .map(t -> new TestRef(
                        t.id,
                        t.sessionId,
                        t.takenAt,
                        t.keen,
                        t.keen || state(t, tools.use(t.toolId)) != EdgeState.NOT_TESTED,
                        t.remedied));
    }

    /** Judges a test and keeps it; what was tried since the test before it is judged by it too. */
    public TestView take(UUID sessionId, TestForm in) {
        BenchService.SessionRef session = bench.requireHeld(sessionId, Form.orEmpty(in.device()));
        CoreTool tool = tools.core(session.toolId());
        Form form = new Form();
        List<TestRecords.ReadingForm> typed = in.readings() == null ? List.of() : in.readings();
        form.checks()
                .within("readings", TestWords.NUMBER_OF_READINGS.words(), (double) typed.size(), 0, MOST_READINGS, "");
        form.checks().text("person", TestWords.A_NAME.words(), in.person(), false, 80);
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
        Diagnosis diagnosis = judge.judge(tool, session, seen, verdict);
        boolean passes = EdgeState.of(tool.trade(), verdict, seen) == EdgeState.KEEN;
        TestRow row = tests.save(new TestRow(sessionId, session.toolId(), clock.instant(), Form.orEmpty(in.person()))
                .judged(force, verdict, seen, diagnosis, passes));
        if (judgeTried(row, passes, diagnosis)) {
            // What did not work just now no longer comes first.
            row.diagnosis = TestStore.DIAGNOSIS.write(judge.judge(tool, session, seen, verdict));
        }
        publisher.publishEvent(new ToolChanged(session.toolId()));
        return view(row, tool);
    }

    /** What a test came to; one that was kept as keen stays so. */
    private static EdgeState state(TestRow t, Optional<ToolUse> use) {
        return t.keen
                ? EdgeState.KEEN
                : use.map(u -> EdgeState.of(u, t.verdict(), t.seen())).orElse(EdgeState.NOT_YET);
    }

    /** Whether there was anything to judge. */
    private boolean judgeTried(TestRow after, boolean passes, Diagnosis diagnosis) {
        List<TriedRemedyRow> open = tried.open(after.sessionId);
        for (TriedRemedyRow trial : open) {
            trial.worked = trial.finding()
                    .map(f -> TestSigns.worked(f, passes, diagnosis))
                    .orElse(passes);
            trial.afterId = after.id;
        }
        return !open.isEmpty();
    }

    /** Adds the steps of what is likeliest at each place; asking twice adds them once. */
    public UUID goBack(UUID testId, String device) {
        return goBack(testId, new BackForm(device, "", null));
    }

    /** Adds the steps of the remedies that are accepted to the session at the bench; asking twice adds them once. */
    public UUID goBack(UUID testId, BackForm in) {
        TestRow test = tests.findById(testId).orElseThrow(() -> Form.notFound("test", testId));
        BenchService.SessionRef session = bench.requireHeld(test.sessionId, Form.orEmpty(in.device()));
        Optional<Diagnosis> diagnosis = test.diagnosis();
        if (test.remedied || test.keen || diagnosis.isEmpty()) {
            return session.id();
        }
        CoreTool tool = tools.core(session.toolId());
        List<RemedySheet.Chosen> chosen = RemedyChoice.read(diagnosis.get(), in.chosen());
        PlanService.CorePlan core = plans.core(session.planId());
        ChosenPlan plan = core.chosen();
        List<Step> steps = RemedySheet.of(
                chosen,
                new RemedySheet.Honing(
                        path(plan, tool),
                        kit.shelf().stream()
                                .filter(a ->
                                        plan.stropId().filter(a.id()::equals).isPresent())
                                .findFirst(),
                        plan.last(),
                        tool.steel(),
                        plan.honedWidthMm(),
                        plan.edgeLengthMm(),
                        setups.manner(tool, setups.setup(core.setupId()).setup())));
        test.remedied = true;
        chosen.forEach(c -> tried.save(new TriedRemedyRow(test, c.remedy(), c.finding(), clock.instant())));
        bench.addSteps(session.id(), steps);
        return session.id();
    }

    /** The tool a test was of. */
    @Transactional(readOnly = true)
    public UUID toolOf(UUID testId) {
        return tests.findById(testId).orElseThrow(() -> Form.notFound("test", testId)).toolId;
    }

    /**
     * What a test measured, for a curve over time and for the strip.
     *
     * @param readings force at stations; none where force was not read
     * @param verdict the judgement by force, where there is one
     * @param seen what was seen
     */
    public record Measured(
            UUID id,
            Instant takenAt,
            boolean keen,
            boolean remedied,
            List<Reading> readings,
            Optional<Verdict> verdict,
            List<Observation> seen) {}

    /** All tests of a tool as they measured it, oldest first. */
    @Transactional(readOnly = true)
    public List<Measured> measured(UUID toolId) {
        return tests.findByToolIdOrderByTakenAt(toolId).stream()
                .map(t -> new Measured(t.id, t.takenAt, t.keen, t.remedied, t.readings(), t.verdict(), t.seen()))
                .toList();
    }

    @Override
    @Transactional(readOnly = true)
    public List<HistoryEntry> history(UUID toolId) {
        Map<UUID, List<TriedRemedyRow>> ofTest =
                tried.findByToolIdOrderByAt(toolId).stream().collect(Collectors.groupingBy(t -> t.testId));
        boolean powered = tools.powered(toolId);
        Optional<ToolUse> use = tools.use(toolId);
        return tests.findByToolIdOrderByTakenAt(toolId).stream()
                .map(t -> TestHistory.entry(t, ofTest.getOrDefault(t.id, List.of()), state(t, use), powered))
                .toList();
    }

    private TestView view(TestRow t, CoreTool tool) {
        boolean remedies = t.diagnosis().stream()
                .flatMap(d -> d.findings().stream())
                .anyMatch(f -> !f.remedies().isEmpty());
        List<Abrasive> path =
                remedies ? path(plans.core(bench.ref(t.sessionId).planId()).chosen(), tool) : List.of();
        return TestViews.of(
                t,
                tool.trade(),
                state(t, Optional.of(tool.trade())),
                tried.findByTestIdOrderByAt(t.id),
                tried.findByAfterIdOrderByAt(t.id),
                tried.records(),
                path);
    }

    /** The abrasives the secondary was honed on; after a strop alone, the stone nearest the finish. */
    private List<Abrasive> path(ChosenPlan plan, CoreTool tool) {
        List<Abrasive> shelf = kit.shelf();
        List<Abrasive> honed = plan.honedOn().stream()
                .flatMap(id -> shelf.stream().filter(a -> a.id().equals(id)))
                .toList();
        return honed.isEmpty()
                ? List.of(WorkPlanner.finishingStone(shelf, tool.trade(), tool.steel())
                        .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.NO_STONE_FOR_REMEDY, "", ""))))
                : honed;
    }

    private static Optional<KeennessPurpose> purpose(CoreTool tool) {
        return KeennessPurpose.byName(tool.trade().keennessPurpose());
    }
}
