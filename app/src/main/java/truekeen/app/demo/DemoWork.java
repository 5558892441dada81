package truekeen.app.demo;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import truekeen.app.angle.AngleRecords.AngleForm;
import truekeen.app.angle.AngleService;
import truekeen.app.angle.SetupService;
import truekeen.app.bench.BenchRecords.BenchStepView;
import truekeen.app.bench.BenchRecords.EventForm;
import truekeen.app.bench.BenchRecords.EventsForm;
import truekeen.app.bench.BenchRecords.SessionView;
import truekeen.app.bench.BenchRecords.StartForm;
import truekeen.app.bench.BenchService;
import truekeen.app.edgetest.TestRecords.ReadingForm;
import truekeen.app.edgetest.TestRecords.SignForm;
import truekeen.app.edgetest.TestRecords.TestForm;
import truekeen.app.edgetest.TestRecords.TestView;
import truekeen.app.edgetest.TestService;
import truekeen.app.finish.FinishRecords.FinishCardForm;
import truekeen.app.finish.FinishService;
import truekeen.app.kit.HolderService;
import truekeen.app.plan.PlanRecords.PlanForm;
import truekeen.app.plan.PlanRecords.StepView;
import truekeen.app.plan.PlanService;
import truekeen.app.platform.BenchClock;
import truekeen.app.profile.ProfileRecords.OffsetForm;
import truekeen.app.profile.ProfileRecords.TraceForm;
import truekeen.app.profile.ProfileService;
import truekeen.app.shop.ShopService;
import truekeen.app.survey.EdgePastService;
import truekeen.app.survey.SurveyRecords.FindingForm;
import truekeen.app.survey.SurveyRecords.OutcomeForm;
import truekeen.app.survey.SurveyRecords.SurveyForm;
import truekeen.app.survey.SurveyRecords.SurveyView;
import truekeen.app.survey.SurveyService;
import truekeen.app.tool.ToolRecords.ToolForm;
import truekeen.app.tool.ToolService;
import truekeen.core.stepsheet.Step;

/** Does at Larkmoor what a person would do on the screens, through the same services. */
@Component
class DemoWork {
    private static final String TABLET = "larkmoor-tablet";
    private static final String HAND = "bench hand";

    private final ShopService shop;
    private final ToolService tools;
    private final SurveyService surveys;
    private final EdgePastService past;
    private final AngleService angles;
    private final SetupService setups;
    private final PlanService plans;
    private final BenchService bench;
    private final TestService tests;
    private final FinishService finishing;
    private final HolderService holders;
    private final ProfileService profiles;
    private final BenchClock clock;

    private long sequence;

    DemoWork(
            ShopService shop,
            ToolService tools,
            SurveyService surveys,
            EdgePastService past,
            AngleService angles,
            SetupService setups,
            PlanService plans,
            BenchService bench,
            TestService tests,
            FinishService finishing,
            HolderService holders,
            ProfileService profiles,
            BenchClock clock) {
        this.shop = shop;
        this.tools = tools;
        this.surveys = surveys;
        this.past = past;
        this.angles = angles;
        this.setups = setups;
        this.plans = plans;
        this.bench = bench;
        this.tests = tests;
        this.finishing = finishing;
        this.holders = holders;
        this.profiles = profiles;
        this.clock = clock;
    }

    /** A day so many days after the clock's today. */
    String day(int ahead) {
        return clock.today().plusDays(ahead).toString();
    }

    FindingForm chip(String from, String to, String depth) {
        return new FindingForm("CHIP", from, to, depth, false);
    }

    FindingForm bright(String from, String to) {
        return new FindingForm("BRIGHT", from, to, "", false);
    }

    /** A chisel. Dimensions: width, thickness, usable length, retire limit, primary, secondary, its width, skew. */
    UUID takeIn(String name, String crew, String trade, String steel, String[] dims, String note, String wanted) {
        String[] fields = {
            "width", "thickness", "usableLength", "retireLength", "primary", "secondary", "secondaryWidth", "skew"
        };
        StringBuilder written = new StringBuilder();
        for (int i = 0; i < fields.length; i++) {
            if (!dims[i].isEmpty()) {
                written.append(fields[i]).append('=').append(dims[i]).append(';');
            }
        }
        return takeIn(name, crew, trade, steel, written.toString(), note, wanted);
    }

    /** Any tool. Dimensions as {@code field=as typed;field=as typed}. */
    UUID takeIn(String name, String crew, String trade, String steel, String dims, String note, String wanted) {
        Map<String, String> dimensions = new LinkedHashMap<>();
        for (String dim : dims.split(";")) {
            int at = dim.indexOf('=');
            dimensions.put(dim.substring(0, at).strip(), dim.substring(at + 1).strip());
        }
        return tools.takeIn(new ToolForm(
                        name, shop.addCrew(crew).id().toString(), trade, steel, "", dimensions, note, wanted, null, 0))
                .id();
    }

    /** What came of an edge, as told: HELD, CHIPPED or ROLLED at a last bevel. */
    void tell(UUID tool, String result, String last) {
        past.tell(tool, new OutcomeForm(result, last));
    }

    /** Squareness: empty, or the high corner and the gap over the width, such as "LEFT 0.6 mm". */
    void survey(UUID tool, String dullness, String back, String square, FindingForm... findings) {
        SurveyView before = surveys.latest(tool).survey();
        String high = square.isEmpty() ? "NONE" : square.substring(0, square.indexOf(' '));
        String gap = square.isEmpty() ? "" : square.substring(square.indexOf(' ') + 1);
        surveys.take(
                tool,
                new SurveyForm(
                        Arrays.asList(findings),
                        dullness,
                        false,
                        back,
                        "",
                        high,
                        gap,
                        "GAP",
                        true,
                        "",
                        HAND,
                        before == null ? "" : before.id().toString()));
    }

    /** The profile from offsets, "along across" with commas between (mm). */
    void trace(UUID tool, String offsets) {
        List<OffsetForm> all = Arrays.stream(offsets.split(","))
                .map(o -> o.strip().split(" "))
                .map(o -> new OffsetForm(o[0], o[1]))
                .toList();
        profiles.keep(tool, new TraceForm("", List.of(), "", List.of(), all, HAND));
    }

    void setUp(UUID tool, String primary, String last, String guideName, String name) {
        String holder = holders.all().stream()
                .filter(h -> h.name().equals(guideName))
                .findFirst()
                .orElseThrow()
                .id()
                .toString();
        angles.save(tool, AngleForm.advised(primary, last, holder, name));
    }

    /** A set-up as advised, in a guide where one fits, else by hand. */
    void setUp(UUID tool, String name) {
        angles.save(tool, AngleForm.advised("", "", "", name));
    }

    /** How wide a blade is now, from its edge to the trailing side (mm). */
    double width(UUID tool) {
        return tools.tool(tool).usableLengthMm();
    }

    boolean isSetUp(UUID tool) {
        return setups.newest(tool).isPresent();
    }

    UUID start(UUID tool, String grindOn) {
        UUID plan = choose(tool, grindOn);
        return bench.start(tool, new StartForm(plan.toString(), TABLET, HAND));
    }

    /** Plans a tool as is usual, and leaves it at that. */
    void plan(UUID tool) {
        choose(tool, "");
    }

    private UUID choose(UUID tool, String grindOn) {
        return plans.choose(tool, new PlanForm(grindOn, HAND, "", List.of(), List.of(), ""))
                .id();
    }

    /** Works every open step; strokes done are the planned ones times a factor, as a real hand differs. */
    void workThrough(UUID session, double factor) {
        workThrough(session, factor, "no stone", factor);
    }

    /** Likewise, but for one stone that has a factor of its own. */
    void workThrough(UUID session, double factor, String stone, double onThatStone) {
        SessionView now = bench.session(session, TABLET);
        for (int i = now.current(); i < now.steps().size(); i++) {
            BenchStepView step = now.steps().get(i);
            step(session, i, step, step.step().title().contains(stone) ? onThatStone : factor);
        }
    }

    /** Works the first steps and leaves the next one in the middle of its strokes. */
    void halfWay(UUID session) {
        SessionView now = bench.session(session, TABLET);
        int i = 0;
        while (now.steps().get(i).step().sides().isEmpty()) {
            step(session, i, now.steps().get(i), 1);
            i++;
        }
        StepView open = now.steps().get(i).step();
        tell(session, strokes(i, open.sides().get(0).name(), Math.max(1, open.strokes() * 3 / 5)));
    }

    void test(UUID session, String[] grams) {
        take(session, grams, List.of());
    }

    /** A test with light from one place to another. */
    TestView fail(UUID session, String from, String to, String[] grams) {
        double start = Double.parseDouble(from);
        return take(session, grams, List.of(new SignForm("BRIGHT", start, Double.parseDouble(to))));
    }

    /** The same, answered by going back to the stones. */
    void failAt(UUID session, String from, String to, String[] grams) {
        tests.goBack(fail(session, from, to, grams).id(), TABLET);
    }

    void finish(UUID session) {
        UUID tool = bench.ref(session).toolId();
        List<String> done =
                finishing.sheet(tool).acts().stream().map(a -> a.key().name()).toList();
        String capIron = done.contains("CAP_IRON") ? "1.2 mm" : "";
        finishing.close(session, new FinishCardForm(TABLET, HAND, done, capIron, "", List.of(), ""));
    }

    private TestView take(UUID session, String[] grams, List<SignForm> seen) {
        List<Double> stations = tests.sheet(bench.ref(session).toolId()).stations();
        List<ReadingForm> readings = new ArrayList<>();
        for (int i = 0; i < stations.size(); i++) {
            readings.add(new ReadingForm(stations.get(i), grams[i]));
        }
        return tests.take(session, new TestForm(TABLET, HAND, "118", readings, seen));
    }

    private void step(UUID session, int index, BenchStepView view, double factor) {
        List<EventForm> events = new ArrayList<>();
        for (Step.Side side : view.step().sides()) {
            events.addAll(
                    strokes(index, side.name(), (int) Math.round(view.step().strokes() * factor)));
        }
        String done = view.step().gate().isEmpty() ? "STEP_DONE" : "GATE_PASSED";
        events.add(event(done, index, "", 0));
        tell(session, events);
    }

    private List<EventForm> strokes(int index, String side, int count) {
        List<EventForm> events = new ArrayList<>();
        for (int left = count; left > 0; left -= 20) {
            events.add(event("COUNT", index, side, Math.min(20, left)));
        }
        return events;
    }

    private EventForm event(String kind, int step, String side, int amount) {
        return new EventForm(
                UUID.randomUUID().toString(), ++sequence, clock.instant().toString(), kind, step, side, amount, "");
    }

    private void tell(UUID session, List<EventForm> events) {
        bench.add(session, new EventsForm(TABLET, HAND, events));
    }
}
