package truekeen.app.edgetest;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.angle.AngleService;
import truekeen.app.bench.BenchRecords.SessionView;
import truekeen.app.bench.BenchService;
import truekeen.app.edgetest.TestRecords.EdgeFaultView;
import truekeen.app.edgetest.TestRecords.ReadingView;
import truekeen.app.edgetest.TestRecords.StretchView;
import truekeen.app.edgetest.TestRecords.TestForm;
import truekeen.app.edgetest.TestRecords.TestSheet;
import truekeen.app.edgetest.TestRecords.TestView;
import truekeen.app.edgetest.TestRecords.VerdictView;
import truekeen.app.kit.KitRecords.TesterView;
import truekeen.app.kit.KitService;
import truekeen.app.plan.PlanRecords.LegView;
import truekeen.app.plan.PlanRecords.PlanView;
import truekeen.app.plan.PlanService;
import truekeen.app.platform.AdviceView;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.keenness.EdgeTest;
import truekeen.core.keenness.Judge;
import truekeen.core.keenness.KeennessPurpose;
import truekeen.core.keenness.Stretch;
import truekeen.core.keenness.Verdict;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.progression.WorkPlanner;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.QuantityReader;
import truekeen.core.stepsheet.RemedySheet;
import truekeen.core.stepsheet.Step;

/** Judges tests with the core, keeps them, and leads back to the stones where they fail. */
@Service
@Transactional
public class TestService {
    private static final int STATIONS = 5;
    private static final int MOST_READINGS = 40;

    private final Tests tests;
    private final BenchService bench;
    private final PlanService plans;
    private final ToolService tools;
    private final AngleService angles;
    private final KitService kit;
    private final BenchClock clock;

    TestService(
            Tests tests,
            BenchService bench,
            PlanService plans,
            ToolService tools,
            AngleService angles,
            KitService kit,
            BenchClock clock) {
        this.angles = angles;
        this.tests = tests;
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
        return new TestSheet(
                edge,
                EdgeTest.stations(edge, STATIONS),
                tester.map(TesterView::name).orElse(""),
                tester.map(TesterView::referenceG).orElse(0.0),
                tool.trade().keennessPurpose(),
                KeennessPurpose.byName(tool.trade().keennessPurpose())
                        .flatMap(p -> p.indexTarget().stream().boxed().findFirst())
                        .orElse(0.0),
                session,
                session != null && bench.session(session, device).allDone(),
                session == null
                        ? null
                        : tests.findFirstBySessionIdOrderByTakenAtDesc(session)
                                .map(TestService::view)
                                .orElse(null));
    }

    /** Judges a test and keeps it. */
    public TestView take(UUID sessionId, TestForm in) {
        BenchService.SessionRef session = bench.requireHeld(sessionId, Form.orEmpty(in.device()));
        CoreTool tool = tools.core(session.toolId());
        Form form = new Form();
        List<TestRecords.ReadingForm> typed = in.readings() == null ? List.of() : in.readings();
        form.checks().within("readings", "A number of readings", (double) typed.size(), 0, MOST_READINGS, "");
        form.checks().orThrow();
        ReadingSource source = new TypedReadings(form, typed);
        Double reference = form.checks().attempt(() -> QuantityReader.number("referenceGrams", in.reference(), "g"));
        form.checks().text("person", "A name", in.person(), false, 80);
        form.checks().orThrow();
        List<Stretch> light = in.light() == null
                ? List.of()
                : in.light().stream()
                        .map(s -> new Stretch(s.fromMm(), s.toMm()))
                        .toList();
        EdgeTest test = new EdgeTest(
                source.readings(), light, reference, tool.geometry().edgeLengthMm());
        Verdict verdict = Judge.judge(test, purpose(tool));
        return view(tests.save(
                new TestRow(sessionId, session.toolId(), clock.instant(), Form.orEmpty(in.person()), test, verdict)));
    }

    /** Adds the steps that answer what failed to the session at the bench; asking twice adds them once. */
    public SessionView goBack(UUID testId, String device) {
        TestRow test = tests.findById(testId).orElseThrow(() -> Form.notFound("test", testId));
        BenchService.SessionRef session = bench.requireHeld(test.sessionId, Form.orEmpty(device));
        if (test.remedied || test.keen) {
            return bench.session(session.id(), device);
        }
        CoreTool tool = tools.core(session.toolId());
        PlanView plan = plans.core(session.planId()).shown();
        List<Abrasive> shelf = kit.shelf();
        List<Abrasive> path = path(plan, shelf, tool);
        List<Step> steps = RemedySheet.of(
                test.verdict,
                path,
                shelf.stream().filter(a -> a.id().equals(plan.stropId())).findFirst(),
                Angle.ofDegrees(plan.lastDeg()),
                tool.steel(),
                plan.secondaryWidthMm(),
                plan.edgeLengthMm(),
                angles.manner(tool, angles.setup(plans.core(session.planId()).setupId())));
        test.remedied = true;
        return bench.addSteps(session.id(), steps);
    }

    /** All tests of a tool, oldest first. */
    @Transactional(readOnly = true)
    public List<TestView> all(UUID toolId) {
        return tests.findByToolIdOrderByTakenAt(toolId).stream()
                .map(TestService::view)
                .toList();
    }

    /** The abrasives the secondary was honed on; after a strop alone, the stone nearest the finish. */
    private static List<Abrasive> path(PlanView plan, List<Abrasive> shelf, CoreTool tool) {
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

    private static KeennessPurpose purpose(CoreTool tool) {
        return KeennessPurpose.byName(tool.trade().keennessPurpose())
                .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.NOT_TESTED_FOR_KEENNESS, "", "")));
    }

    private static TestView view(TestRow t) {
        Verdict v = t.verdict;
        AdviceView index = AdviceView.of(Advice.exact(
                "keenness index",
                v.meanIndex(),
                "",
                Formula.KEENNESS_INDEX,
                List.of(
                        new Advice.Given("mean reading", Numbers.plain(v.meanGrams(), 1) + " g"),
                        new Advice.Given("reference", Numbers.plain(t.referenceG, 1) + " g"),
                        new Advice.Given("wanted at most", Numbers.plain(v.indexTarget(), 2))),
                "The reference: read a new utility blade on this tester now and then."));
        return new TestView(
                t.id,
                t.sessionId,
                t.takenAt.toString(),
                t.person,
                t.referenceG,
                t.readings.stream()
                        .map(r -> new ReadingView(r.xMm(), r.grams()))
                        .toList(),
                t.light.stream().map(s -> new StretchView(s.fromMm(), s.toMm())).toList(),
                new VerdictView(
                        v.keen(),
                        v.meanGrams(),
                        v.sdGrams(),
                        new ReadingView(v.worst().xMm(), v.worst().grams()),
                        v.spreadRatio(),
                        index,
                        v.indexTarget(),
                        v.faults().stream()
                                .map(f -> new EdgeFaultView(
                                        f.kind().name(),
                                        f.where().fromMm(),
                                        f.where().toMm(),
                                        f.why(),
                                        f.remedy()))
                                .toList()),
                t.remedied);
    }

    interface Tests extends JpaRepository<TestRow, UUID> {
        Optional<TestRow> findFirstBySessionIdOrderByTakenAtDesc(UUID sessionId);

        List<TestRow> findByToolIdOrderByTakenAt(UUID toolId);
    }
}
