package truekeen.app.demo;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import truekeen.app.balance.BalanceRecords.BeamForm;
import truekeen.app.balance.BalanceRecords.TakenOffForm;
import truekeen.app.balance.BalanceService;
import truekeen.app.bench.BenchRecords.EventForm;
import truekeen.app.bench.BenchRecords.EventsForm;
import truekeen.app.bench.BenchRecords.SessionView;
import truekeen.app.bench.BenchService;
import truekeen.app.edgetest.TestRecords.SignForm;
import truekeen.app.edgetest.TestRecords.TestForm;
import truekeen.app.edgetest.TestService;
import truekeen.app.finish.FinishRecords.FinishCardForm;
import truekeen.app.finish.FinishService;
import truekeen.app.machine.HoursService;
import truekeen.app.machine.InspectionService;
import truekeen.app.machine.MachineRecords.BladeForm;
import truekeen.app.machine.MachineRecords.HoursForm;
import truekeen.app.machine.MachineRecords.InspectionForm;
import truekeen.app.machine.MachineRecords.IsolationForm;
import truekeen.app.machine.MachineRecords.ItemView;
import truekeen.app.machine.MachineRecords.MachineForm;
import truekeen.app.machine.MachineRecords.MachineState;
import truekeen.app.machine.MachineRecords.SafetyActView;
import truekeen.app.machine.MachineService;
import truekeen.app.platform.BenchClock;
import truekeen.app.survey.SurveyRecords.FindingForm;
import truekeen.core.machine.InspectionItem;
import truekeen.core.stepsheet.Step;

/** What is done to a machine's blade on one day in the yard: made safe, inspected, worked, hung on the beam, refitted, run. */
@Component
class DemoMachineDay {
    private static final String HAND = "bench hand";
    private static final String TABLET = "larkmoor-tablet";

    private final DemoWork work;
    private final MachineService machines;
    private final InspectionService inspections;
    private final HoursService hours;
    private final BenchService bench;
    private final BalanceService balance;
    private final TestService tests;
    private final FinishService finishing;
    private final BenchClock clock;
    /** What a file takes off an end at an ordinary sharpening (mm). */
    private static final double USUAL_LOSS_MM = 0.5;

    private long sequence = 1_000_000;

    DemoMachineDay(
            DemoWork work,
            MachineService machines,
            InspectionService inspections,
            HoursService hours,
            BenchService bench,
            BalanceService balance,
            TestService tests,
            FinishService finishing,
            BenchClock clock) {
        this.work = work;
        this.machines = machines;
        this.inspections = inspections;
        this.hours = hours;
        this.bench = bench;
        this.balance = balance;
        this.tests = tests;
        this.finishing = finishing;
        this.clock = clock;
    }

    /**
     * A whole job, from safe to refitted.
     *
     * @param beam trial mass (g) and radius (mm) of each try, the heavy end always the first; zero for level
     */
    void job(UUID tool, String dullness, FindingForm[] findings, double[][] beam) {
        safe(tool);
        inspect(tool, fit(tool), "");
        work.survey(tool, dullness, "", "", findings);
        if (!work.isSetUp(tool)) {
            work.setUp(tool, "its own angle");
        }
        UUID session = work.start(tool, "");
        through(session, Integer.MAX_VALUE, USUAL_LOSS_MM);
        for (double[] hung : beam) {
            hang(tool, hung[0], hung[1], true);
        }
        pass(tool, session);
    }

    void belongs(UUID tool, String name, String power, String perMinute, String mass) {
        machines.belongsTo(tool, new BladeForm("", new MachineForm(name, power, perMinute, 3, 11), true, mass));
    }

    String machineOf(UUID tool) {
        return machines.state(tool).machine().id().toString();
    }

    void safe(UUID tool) {
        List<String> acts =
                machines.state(tool).acts().stream().map(SafetyActView::key).toList();
        machines.isolate(tool, new IsolationForm(HAND, acts));
    }

    void inspect(UUID tool, Map<String, Map<String, String>> found, String corrects) {
        inspections.keep(tool, new InspectionForm(HAND, found, Map.of(), corrects));
    }

    /** Nothing wrong: what is measured lies on the good side of its limit. */
    Map<String, Map<String, String>> fit(UUID tool) {
        MachineState state = machines.state(tool);
        Map<String, Map<String, String>> found = new HashMap<>();
        for (ItemView item : state.items()) {
            Map<String, String> here = new HashMap<>();
            if (item.question()) {
                here.put("answer", "no");
            } else {
                double value = item.atLeast() ? item.usual() * 1.2 : item.key() == InspectionItem.BEND ? 41 : 0;
                item.inputs()
                        .forEach(i -> here.put(i.key(), text(value + (i.key().equals("right") ? 0.8 : 0))));
            }
            found.put(item.key().name(), here);
        }
        return found;
    }

    FindingForm dent(String from, String to, String depth) {
        return new FindingForm("DENT", from, to, depth, false);
    }

    void run(UUID tool, Instant now, int back, double run, String ground) {
        String day = now.minus(Duration.ofDays(back))
                .atZone(ZoneId.systemDefault())
                .toLocalDate()
                .toString();
        Instant here = clock.instant();
        at(now, back);
        hours.add(tool, new HoursForm(day, text(run), ground, HAND));
        clock.travelTo(here);
    }

    /**
     * Every step as its gate asks: measured, counted edge by edge, measured again.
     *
     * @param lossMm what the widths at the marks lose
     * @param most edges of a row that are counted before the hand is called away
     */
    void through(UUID session, int most, double lossMm) {
        SessionView now = bench.session(session, TABLET);
        double before = Math.round(10 * work.width(now.toolId())) / 10.0;
        for (int i = 0; i < now.steps().size(); i++) {
            var step = now.steps().get(i).step();
            List<EventForm> events = new ArrayList<>();
            int marks = step.sides().contains(Step.Side.EDGES) ? 4 : 3;
            for (Step.Side side : step.sides()) {
                if (step.stations().isEmpty()) {
                    for (int left = step.strokes(); left > 0; left -= 20) {
                        events.add(event("COUNT", i, side.name(), Math.min(20, left), 0, "", null));
                    }
                }
                for (int station = 1; station <= Math.min(most, step.stations().size()); station++) {
                    int each = step.stations().get(station - 1);
                    for (int left = each; left > 0; left -= 20) {
                        events.add(event("COUNT", i, side.name(), Math.min(20, left), station, "", null));
                    }
                }
                boolean measured =
                        step.kind() == Step.Kind.MEASURE || step.kind() == Step.Kind.ENDS || side == Step.Side.EDGES;
                for (int mark = 1; measured && mark <= marks; mark++) {
                    double width = step.kind() == Step.Kind.MEASURE ? before : before - lossMm - (mark == 2 ? 0.1 : 0);
                    events.add(event("READ", i, side.name(), 0, mark, "CALLIPER", width));
                }
            }
            if (step.kind() == Step.Kind.GAP) {
                events.add(event("READ", i, "", 0, 0, "FEELER", 0.15));
            }
            boolean away = step.stations().size() > most;
            if (!away) {
                events.add(event("GATE_PASSED", i, "", 0, 0, "", null));
            }
            bench.add(
                    session,
                    new EventsForm(
                            TABLET,
                            HAND,
                            away ? onlyFirst(events, step.sides().get(0).name()) : events));
            if (away) {
                return;
            }
        }
    }

    static List<EventForm> onlyFirst(List<EventForm> events, String side) {
        return events.stream().filter(e -> e.side().equals(side)).toList();
    }

    void hang(UUID tool, double grams, double radius, boolean corrected) {
        boolean level = grams == 0;
        var usual = balance.sheet(tool).usual();
        balance.hang(
                tool,
                new BeamForm(
                        TABLET,
                        HAND,
                        level ? "LEVEL" : "TRIAL_MASS",
                        2,
                        level ? "" : text(grams),
                        level ? "" : text(radius),
                        "",
                        "",
                        usual.get("at"),
                        usual.get("width"),
                        usual.get("thickness"),
                        usual.get("leastMass"),
                        usual.get("leastRadius")));
        if (!level && corrected) {
            var standing = balance.sheet(tool).standing();
            balance.takenOff(
                    tool,
                    new TakenOffForm(
                            TABLET,
                            HAND,
                            text(standing.correction().massG()),
                            text(standing.correction().radiusMm()),
                            standing.heavy()));
        }
    }

    void pass(UUID tool, UUID session) {
        List<SignForm> good = tests.sheet(tool).ladder().stream()
                .map(c -> new SignForm(c.outcomes().get(0).sign().name(), null, null))
                .toList();
        tests.take(session, new TestForm(TABLET, HAND, "", List.of(), good));
        List<String> done =
                finishing.sheet(tool).acts().stream().map(a -> a.key().name()).toList();
        String torque = balance.turns(tool) ? "45 N·m" : "";
        finishing.close(session, new FinishCardForm(TABLET, HAND, done, "", torque, List.of(), ""));
    }

    EventForm event(String kind, int step, String side, int amount, int station, String note, Double value) {
        return new EventForm(
                UUID.randomUUID().toString(),
                ++sequence,
                clock.instant().toString(),
                kind,
                step,
                side,
                amount,
                note,
                station,
                null,
                null,
                null,
                value);
    }

    void at(Instant now, int daysBefore) {
        clock.travelTo(now.minus(Duration.ofDays(daysBefore)));
    }

    static String text(double x) {
        return truekeen.core.message.Numbers.plain(x, 2);
    }
}
