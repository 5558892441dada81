package truekeen.app.demo;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import truekeen.app.machine.MachineRecords.BladeForm;
import truekeen.app.machine.MachineRecords.LiftForm;
import truekeen.app.machine.MachineService;
import truekeen.app.platform.BenchClock;
import truekeen.app.survey.SurveyRecords.FindingForm;

/** The machines of the grounds crew and a season of their blades, done as a person would. */
@Component
class DemoMachines {
    private static final String GROUNDS = "grounds crew";
    private static final String SPRING = "mower and spring steel";
    private static final String HAND = "bench hand";
    private static final String BAR = "rotary mower bar / grass";

    private final DemoWork work;
    private final MachineService machines;
    private final BenchClock clock;
    private final DemoMachineDay day;
    /** Edges of the trimmer that had their share when the hand was called away. */
    private static final int EDGES_DONE = 21;

    private static final double DENT_MM = 2.2;

    DemoMachines(DemoWork work, MachineService machines, BenchClock clock, DemoMachineDay day) {
        this.work = work;
        this.machines = machines;
        this.clock = clock;
        this.day = day;
    }

    void fill(Instant now) {
        lawn(now);
        orchard(now);
        hedge(now);
        scrub(now);
    }

    /** Hit the kerb: both ends are ground back and it hangs on the beam, six grams out. Its old bar is cracked. */
    private void lawn(Instant now) {
        day.at(now, 262);
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
        day.belongs(bar, "lawn mower", "PETROL", "3000", "700 g");
        machines.belongsTo(old, new BladeForm(day.machineOf(bar), null, false, "640 g"));
        day.safe(old);
        day.inspect(old, Map.of("CRACKS", Map.of("answer", "yes")), "");
        machines.lift(old, new LiftForm(HAND, "the old bar is off, the new one on"));
        double[][] beam = {{4, 250}, {0, 0}};
        for (int back : new int[] {214, 156, 98}) {
            day.at(now, back);
            day.job(bar, "DULL", new FindingForm[] {work.chip("40", "46", "0.6")}, beam);
            day.run(bar, now, back - 6, 5.5, "CLEAN");
            day.run(bar, now, back - 20, 6, "STONY");
            day.run(bar, now, back - 34, 5, "CLEAN");
            day.run(bar, now, back - 50, 5.5, "CLEAN");
        }
        day.run(bar, now, 22, 6.5, "STONY");
        day.at(now, 1);
        day.safe(bar);
        day.inspect(bar, day.fit(bar), "");
        work.survey(bar, "DULL", "", "", day.dent("12", "18", String.valueOf(DENT_MM)), work.chip("150", "153", "1.1"));
        UUID session = work.start(bar, "");
        day.through(session, Integer.MAX_VALUE, DENT_MM);
        day.hang(bar, 6, 250, false);
    }

    private void orchard(Instant now) {
        day.at(now, 255);
        UUID bar = work.takeIn(
                "orchard mower bar",
                GROUNDS,
                BAR,
                SPRING,
                "span=460;edgeLength=80;usableLength=50;retireLength=38;thickness=3.5;primary=30;land=0.5;bore=12.7",
                "Sandy rides under the old trees.",
                "");
        day.belongs(bar, "orchard mower", "BATTERY", "2900", "540 g");
        double[][] worse = {{3, 220}, {5, 220}, {0, 0}};
        for (int back : new int[] {200, 150, 96, 34}) {
            day.at(now, back);
            day.job(bar, "DULL", new FindingForm[0], back == 150 ? worse : new double[][] {{0, 0}});
            day.run(bar, now, back - 8, 3, "SANDY");
            day.run(bar, now, back - 24, 2.5, "SANDY");
        }
    }

    private void hedge(Instant now) {
        day.at(now, 240);
        UUID trimmer = work.takeIn(
                "hedge trimmer blade",
                GROUNDS,
                "hedge trimmer / teeth",
                SPRING,
                "teeth=17;edgeLength=24;usableLength=7;retireLength=4;thickness=2.4;primary=40",
                "Chews the yew instead of cutting it.",
                "");
        day.belongs(trimmer, "hedge trimmer", "MAINS", "", "");
        for (int back : new int[] {186, 121}) {
            day.at(now, back);
            day.job(trimmer, "DULL", new FindingForm[0], new double[0][]);
            day.run(trimmer, now, back - 10, 9, "CLEAN");
            day.run(trimmer, now, back - 40, 11, "STONY");
        }
        clock.travelTo(now.minus(Duration.ofMinutes(50)));
        day.safe(trimmer);
        day.inspect(trimmer, day.fit(trimmer), "");
        work.survey(trimmer, "LIGHT_VISIBLE", "", "");
        day.through(work.start(trimmer, ""), EDGES_DONE, 0);
    }

    private void scrub(Instant now) {
        day.at(now, 230);
        UUID disc = work.takeIn(
                "brush-cutter disc",
                GROUNDS,
                "brush-cutter blade / woody growth",
                SPRING,
                "diameter=255;teeth=8;edgeLength=34;usableLength=22;retireLength=14;thickness=1.8;primary=30",
                "Bracken and birch on the march.",
                "");
        day.belongs(disc, "brush-cutter", "PETROL", "6500", "420 g");
        for (int back : new int[] {176, 108}) {
            day.at(now, back);
            day.job(disc, "DULL", new FindingForm[0], new double[][] {{1.5, 120}, {0, 0}});
            day.run(disc, now, back - 12, 4, "STONY");
            day.run(disc, now, back - 40, 4.5, "CLEAN");
        }
    }
}
