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
import truekeen.app.machine.MachineRecords.LiftForm;
import truekeen.app.machine.MachineRecords.MachineForm;
import truekeen.app.machine.MachineRecords.MachineState;
import truekeen.app.machine.MachineRecords.SafetyActView;
import truekeen.app.machine.MachineService;
import truekeen.app.platform.BenchClock;
import truekeen.app.survey.SurveyRecords.FindingForm;
import truekeen.core.machine.InspectionItem;
import truekeen.core.stepsheet.Step;

/** The machines of the grounds crew and a season of their blades, done as a person would. */
@Component
class DemoMachines {
    private static final String GROUNDS = "grounds crew";
    private static final String SPRING = "mower and spring steel";
    private static final String TABLET = "larkmoor-tablet";
    private static final String HAND = "bench hand";
    private static final String BAR = "rotary mower bar / grass";

    private final DemoWork work;
    private final MachineService machines;
    private final InspectionService inspections;
    private final HoursService hours;
    private final BenchService bench;
    private final BalanceService balance;
    private final TestService tests;
    private final FinishService finishing;
    private final BenchClock clock;

    /** Edges of the trimmer that had their share when the hand was called away. */
    private static final int EDGES_DONE = 21;

    private static final double DENT_MM = 2.2;
    /** What a file takes off an end at an ordinary sharpening (mm). */
    private static final double USUAL_LOSS_MM = 0.5;

    private long sequence = 1_000_000;

    DemoMachines(
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

    void fill(Instant now) {
        lawn(now);
        orchard(now);
        hedge(now);
        scrub(now);
    }

    /** Hit the kerb: both ends are ground back and it hangs on the beam, six grams out. Its old bar is cracked. */
    private void lawn(Instant now) {
        at(now, 262);
        UUID bar = work.takeIn(
                "51 cm mower bar",
                GROUNDS,
                BAR,
                SPRING,
                "span=510;edgeLength=95;usableLength=55;retireLength=42;thickness=4;primary=30;land=0.5;bore=12.7",
                "Hit the kerb of the lower drive.",
                now.atZone(ZoneId.systemDefault()).toLocalDate().plusDays(6).toString());
        UUID old = work.takeIn(
                "51 cm old bar",
                GROUNDS,
                BAR,
                SPRING,
                "span=510;edgeLength=95;usableLength=51;retireLength=42;thickness=4;primary=30;land=0.5;bore=12.7",
                "Was on the lawn mower until this spring.",
                "");
        belongs(bar, "lawn mower", "PETROL", "3000", "700 g");
        machines.belongsTo(old, new BladeForm(machineOf(bar), null, false, "640 g"));
        safe(old);
        inspect(old, Map.of("CRACKS", Map.of("answer", "yes")), "");
        machines.lift(old, new LiftForm(HAND, "the old bar is off, the new one on"));
        double[][] beam = {{4, 250}, {0, 0}};
        for (int back : new int[] {214, 156, 98}) {
            at(now, back);
            job(bar, "DULL", new FindingForm[] {work.chip("40", "46", "0.6")}, beam);
            run(bar, now, back - 6, 5.5, "CLEAN");
            run(bar, now, back - 20, 6, "STONY");
            run(bar, now, back - 34, 5, "CLEAN");
            run(bar, now, back - 50, 5.5, "CLEAN");
        }
        run(bar, now, 22, 6.5, "STONY");
        at(now, 1);
        safe(bar);
        inspect(bar, fit(bar), "");
        work.survey(bar, "DULL", "", "", dent("12", "18", String.valueOf(DENT_MM)), work.chip("150", "153", "1.1"));
        UUID session = work.start(bar, "");
        through(session, Integer.MAX_VALUE, DENT_MM);
        hang(bar, 6, 250, false);
    }

    private void orchard(Instant now) {
        at(now, 255);
        UUID bar = work.takeIn(
                "orchard mower bar",
                GROUNDS,
                BAR,
                SPRING,
                "span=460;edgeLength=80;usableLength=50;retireLength=38;thickness=3.5;primary=30;land=0.5;bore=12.7",
                "Sandy rides under the old trees.",
                "");
        belongs(bar, "orchard mower", "BATTERY", "2900", "540 g");
        double[][] worse = {{3, 220}, {5, 220}, {0, 0}};
        for (int back : new int[] {200, 150, 96, 34}) {
            at(now, back);
            job(bar, "DULL", new FindingForm[0], back == 150 ? worse : new double[][] {{0, 0}});
            run(bar, now, back - 8, 3, "SANDY");
            run(bar, now, back - 24, 2.5, "SANDY");
        }
    }

    private void hedge(Instant now) {
        at(now, 240);
        UUID trimmer = work.takeIn(
                "hedge trimmer blade",
                GROUNDS,
                "hedge trimmer / teeth",
                SPRING,
                "teeth=17;edgeLength=24;usableLength=7;retireLength=4;thickness=2.4;primary=40",
                "Chews the yew instead of cutting it.",
                "");
        belongs(trimmer, "hedge trimmer", "MAINS", "", "");
        for (int back : new int[] {186, 121}) {
            at(now, back);
            job(trimmer, "DULL", new FindingForm[0], new double[0][]);
            run(trimmer, now, back - 10, 9, "CLEAN");
            run(trimmer, now, back - 40, 11, "STONY");
        }
        clock.travelTo(now.minus(Duration.ofMinutes(50)));
        safe(trimmer);
        inspect(trimmer, fit(trimmer), "");
        work.survey(trimmer, "LIGHT_VISIBLE", "", "");
        through(work.start(trimmer, ""), EDGES_DONE, 0);
    }

    private void scrub(Instant now) {
        at(now, 230);
        UUID disc = work.takeIn(
                "brush-cutter disc",
                GROUNDS,
                "brush-cutter blade / woody growth",
                SPRING,
                "diameter=255;teeth=8;edgeLength=34;usableLength=22;retireLength=14;thickness=1.8;primary=30",
                "Bracken and birch on the march.",
                "");
        belongs(disc, "brush-cutter", "PETROL", "6500", "420 g");
        for (int back : new int[] {176, 108}) {
            at(now, back);
            job(disc, "DULL", new FindingForm[0], new double[][] {{1.5, 120}, {0, 0}});
            run(disc, now, back - 12, 4, "STONY");
            run(disc, now, back - 40, 4.5, "CLEAN");
        }
    }

    /**
     * A whole job, from safe to refitted.
     *
     * @param beam trial mass (g) and radius (mm) of each try, the heavy end always the first; zero for level
     */
    private void job(UUID tool, String dullness, FindingForm[] findings, double[][] beam) {
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

    private void belongs(UUID tool, String name, String power, String perMinute, String mass) {
        machines.belongsTo(tool, new BladeForm("", new MachineForm(name, power, perMinute, 3, 11), true, mass));
    }

    private String machineOf(UUID tool) {
        return machines.state(tool).machine().id().toString();
    }

    private void safe(UUID tool) {
        List<String> acts =
                machines.state(tool).acts().stream().map(SafetyActView::key).toList();
        machines.isolate(tool, new IsolationForm(HAND, acts));
    }

    private void inspect(UUID tool, Map<String, Map<String, String>> found, String corrects) {
        inspections.keep(tool, new InspectionForm(HAND, found, Map.of(), corrects));
    }

    /** Nothing wrong: what is measured lies on the good side of its limit. */
    private Map<String, Map<String, String>> fit(UUID tool) {
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

    private FindingForm dent(String from, String to, String depth) {
        return new FindingForm("DENT", from, to, depth, false);
    }

    private void run(UUID tool, Instant now, int back, double run, String ground) {
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
    private void through(UUID session, int most, double lossMm) {
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

    private static List<EventForm> onlyFirst(List<EventForm> events, String side) {
        return events.stream().filter(e -> e.side().equals(side)).toList();
    }

    private void hang(UUID tool, double grams, double radius, boolean corrected) {
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

    private void pass(UUID tool, UUID session) {
        List<SignForm> good = tests.sheet(tool).ladder().stream()
                .map(c -> new SignForm(c.outcomes().get(0).sign().name(), null, null))
                .toList();
        tests.take(session, new TestForm(TABLET, HAND, "", List.of(), good));
        List<String> done =
                finishing.sheet(tool).acts().stream().map(a -> a.key().name()).toList();
        String torque = balance.turns(tool) ? "45 N·m" : "";
        finishing.close(session, new FinishCardForm(TABLET, HAND, done, "", torque, List.of(), ""));
    }

    private EventForm event(String kind, int step, String side, int amount, int station, String note, Double value) {
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

    private void at(Instant now, int daysBefore) {
        clock.travelTo(now.minus(Duration.ofDays(daysBefore)));
    }

    private static String text(double x) {
        return truekeen.core.message.Numbers.plain(x, 2);
    }
}
