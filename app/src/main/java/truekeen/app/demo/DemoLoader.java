package truekeen.app.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import truekeen.app.history.ShopFilling;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.InstallationFacts;
import truekeen.app.platform.Settings;
import truekeen.app.tool.ToolService;

/**
 * Fills an empty database with the Larkmoor demonstration. Only inputs are written by hand, here and in its helpers:
 * everything else is what the services make of them, at the times they would have been used. Dates count back from now.
 * It is done before the first request is taken, since the clock travels meanwhile.
 */
@Component
class DemoLoader implements SmartInitializingSingleton {
    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);

    private static final String FACT = "demonstration";
    private static final String BEGUN = "BEGUN";
    private static final String WHOLE = "WHOLE";

    private final Settings settings;
    private final InstallationFacts facts;
    private final HalfMade leftovers;
    private final BenchClock clock;
    private final ToolService tools;
    private final DemoKit kit;
    private final DemoHolders holders;
    private final DemoWork work;
    private final DemoFamilies families;
    private final DemoMachines machines;
    private final DemoUpkeep upkeep;
    private final DemoTrials trials;
    private final DemoSaturday saturday;
    private final DemoTickets tickets;
    private final ApplicationEventPublisher publisher;

    DemoLoader(
            Settings settings,
            InstallationFacts facts,
            HalfMade leftovers,
            BenchClock clock,
            ToolService tools,
            DemoKit kit,
            DemoHolders holders,
            DemoWork work,
            DemoFamilies families,
            DemoMachines machines,
            DemoUpkeep upkeep,
            DemoTrials trials,
            DemoSaturday saturday,
            DemoTickets tickets,
            ApplicationEventPublisher publisher) {
        this.settings = settings;
        this.facts = facts;
        this.leftovers = leftovers;
        this.clock = clock;
        this.tools = tools;
        this.kit = kit;
        this.holders = holders;
        this.work = work;
        this.families = families;
        this.machines = machines;
        this.upkeep = upkeep;
        this.trials = trials;
        this.saturday = saturday;
        this.tickets = tickets;
        this.publisher = publisher;
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (!settings.demo() || facts.get(FACT).filter(WHOLE::equals).isPresent()) {
            return;
        }
        if (facts.get(FACT).isPresent()) {
            LOG.info("The demonstration was left half made: it is made anew");
            leftovers.clear();
        } else if (!tools.all().isEmpty()) {
            // Records that nobody marked as a demonstration are never touched.
            return;
        }
        facts.put(FACT, BEGUN);
        publisher.publishEvent(new ShopFilling(false));
        Instant start = clock.instant();
        String today = work.day(0);
        try {
            progress(0);
            at(start, Duration.ofDays(372));
            kit.fill();
            progress(10);
            history(start);
            progress(40);
            waiting(start);
            progress(60);
            families.fill(start);
            progress(80);
            machines.fill(start);
            progress(95);
            at(start, Duration.ofDays(12));
            tickets.uncollected();
            at(start, Duration.ofDays(3));
            kit.measure(0.99);
            trials.fill(start);
            at(start, Duration.ofHours(60));
            saturday.fill(today);
        } finally {
            clock.travelTo(start);
        }
        publisher.publishEvent(new ShopFilling(true));
        facts.put(FACT, WHOLE);
        LOG.info("Larkmoor demonstration loaded");
    }

    /** Says how far it is (per cent), for whoever waits for it at the first start. */
    private static void progress(int percent) {
        LOG.info("Making the demonstration: {} %", percent);
    }

    private void at(Instant now, Duration before) {
        clock.travelTo(now.minus(before));
    }

    /** The wet wheel shrinks over a season; the set-ups on its bar follow each truing. */
    private void season(Instant now) {
        at(now, Duration.ofDays(210));
        holders.trueTheWheel("246.5");
        at(now, Duration.ofDays(150));
        holders.trueTheWheel("241");
        at(now, Duration.ofDays(96));
        holders.trueTheWheel("236 mm");
    }

    /** Tools with a past. */
    private void history(Instant now) {
        UUID twelve = work.takeIn(
                "12 mm bench chisel",
                "boat shed",
                "bench chisel / general bench work",
                "low-alloy tool steel",
                new String[] {"12 mm", "3.0", "92", "25", "25", "30", "0.6 mm", ""},
                "General chisel of the clinker bench. Came in with a nick from a copper rivet.",
                "");
        at(now, Duration.ofDays(96));
        work.survey(twelve, "DULL", "UNPOLISHED", "", work.chip("4.2", "5.0", "0.25"));
        at(now, Duration.ofDays(250));
        work.setUp(twelve, "", "", DemoHolders.BAR, "on the wheel");
        season(now);
        work.setUp(twelve, "", "", "brass roller guide", "bench");
        UUID first = work.start(twelve, "");
        work.workThrough(first, 1.35);
        work.test(first, new String[] {"101", "98", "99", "103", "100"});
        work.finish(first);
        at(now, Duration.ofDays(1));
        work.survey(twelve, "LIGHT_VISIBLE", "POLISHED", "", work.bright("8.5", "10.4"));
        UUID second = work.start(twelve, "");
        work.workThrough(second, 1.25);
        work.failAt(second, "9.0", "11.0", new String[] {"96", "94", "97", "99", "168"});
        work.workThrough(second, 1.2);
        work.test(second, new String[] {"95", "93", "96", "97", "101"});
        work.finish(second);

        glazedStone(now);

        at(now, Duration.ofHours(2));
        UUID twentyFour = work.takeIn(
                "24 mm bench chisel",
                "boat shed",
                "bench chisel / general bench work",
                "low-alloy tool steel",
                new String[] {"24 mm", "3.6 mm", "88 mm", "25 mm", "25°", "30°", "0.9 mm", ""},
                "Dull after the new strakes; small nick near the right corner. Wanted for the transom.",
                work.day(2));
        work.survey(twentyFour, "DULL", "POLISHED", "", work.chip("19.5", "20.3", "0.12"));
        work.setUp(twentyFour, "", "32", "brass roller guide", "bench");
        UUID open = work.start(twentyFour, "");
        at(now, Duration.ofMinutes(9));
        work.halfWay(open);
    }

    /** What it pared in the weeks after each sharpening, and what the tester read then. */
    private static final int[][] SHAVINGS = {
        {70, 90, 80, 100},
        {90, 70, 100, 60},
        {80, 60, 110, 90},
        {60, 80, 100, 90},
        {80, 90, 110, 60},
        {70, 100, 110, 80},
        {60, 80, 90}
    };

    private static final int[][] GRAMS = {
        {104, 111, 117, 124},
        {105, 110, 119, 0},
        {104, 109, 119, 127},
        {103, 110, 120, 126},
        {105, 113, 121, 0},
        {102, 114, 122, 120},
        {104, 109, 117}
    };

    /** How far its left corner was left standing each time (mm): the hand leans. */
    private static final String[] LEFT_HIGH = {"", "0.05", "0.06", "0.07", "0.05", "0.04", "0.06"};

    /** A chisel sharpened every two months for a year by the same hand, which leans, until a stone glazed. */
    private void glazedStone(Instant now) {
        at(now, Duration.ofDays(365));
        UUID twenty = work.takeIn(
                "20 mm bench chisel",
                "boat shed",
                "bench chisel / general bench work",
                "low-alloy tool steel",
                new String[] {"20 mm", "3.2 mm", "86 mm", "25 mm", "25°", "30°", "0.6 mm", ""},
                "The one that lies on the bench. Sharpened every two months.",
                "");
        double[] factors = {1.2, 1.15, 1.2, 1.1, 1.15, 1.1, 1.15};
        for (int i = 0; i < factors.length; i++) {
            at(now, Duration.ofDays(360 - 55 * i));
            work.survey(twenty, "DULL", "POLISHED", LEFT_HIGH[i].isEmpty() ? "" : "LEFT " + LEFT_HIGH[i] + " mm");
            if (i == 0) {
                work.setUp(twenty, "", "", "brass roller guide", "bench");
            }
            UUID session = work.start(twenty, "");
            boolean glazed = i == factors.length - 1;
            work.workThrough(session, factors[i], "grey splasher", glazed ? 4.2 : factors[i]);
            work.test(session, new String[] {"97", "95", "98", "96", "99"});
            work.finish(session);
            upkeep.month(twenty, clock.instant(), SHAVINGS[i], GRAMS[i], i == 5 ? 2 : -1);
        }
    }

    /** Tools that wait at different stages. */
    private void waiting(Instant now) {
        at(now, Duration.ofDays(3));
        UUID slick = work.takeIn(
                "38 mm paring slick",
                "boat shed",
                "paring chisel / paring",
                "plain carbon",
                new String[] {"1 1/2\"", "4.2 mm", "140 mm", "40 mm", "22", "", "", ""},
                "Inherited, old cast steel. Left corner stands forward, a chip from a nail.",
                work.day(5));
        work.survey(slick, "LIGHT_VISIBLE", "UNPOLISHED", "LEFT 0.6 mm", work.chip("22", "23.5", "0.6"));
        at(now, Duration.ofDays(2));
        work.takeIn(
                "10 mm mortise chisel",
                "boat shed",
                "mortise chisel / chopping",
                "air-hardening tool steel",
                new String[] {"10 mm", "9.5 mm", "120 mm", "30 mm", "30°", "35°", "1.1 mm", ""},
                "Crumbled in the oak of the keelson.",
                work.day(6));
        UUID skew = work.takeIn(
                "18 mm skew chisel",
                "tenants",
                "skew chisel / slicing",
                "high-speed steel",
                new String[] {"18 mm", "5 mm", "150 mm", "50 mm", "25", "30", "0.8", "20°"},
                "For the tenant at the mill cottage.",
                work.day(8));
        work.survey(skew, "DULL", "POLISHED", "");
        work.setUp(skew, "", "", "deep-jaw guide", "slicing");
        at(now, Duration.ofHours(26));
        UUID sixteen = work.takeIn(
                "16 mm bench chisel",
                "tenants",
                "bench chisel / general bench work",
                "hard stainless",
                new String[] {"16 mm", "3.1 mm", "84 mm", "20 mm", "26°", "31°", "0.5 mm", ""},
                "Shaves the arm, the tenant says, and will not pare.",
                work.day(3));
        work.survey(sixteen, "DULL", "POLISHED", "", work.chip("2.6", "3.1", "0.06"));
        work.setUp(sixteen, "", "", "brass roller guide", "bench");
        UUID untested = work.start(sixteen, "");
        work.workThrough(untested, 0.8);
        work.fail(untested, "1.8", "3.6", new String[] {"149", "98", "97", "101", "96"});
        at(now, Duration.ofHours(20));
        work.takeIn(
                "6 mm bench chisel",
                "clock room",
                "bench chisel / paring soft wood",
                "soft stainless",
                new String[] {"6 mm", "2.6 mm", "70 mm", "20 mm", "23", "28", "0.5", ""},
                "Used for trimming dial feet. Never say it was used on brass.",
                work.day(2));
        UUID touched = work.takeIn(
                "32 mm bench chisel",
                "boat shed",
                "bench chisel / hardwood with a mallet",
                "low-alloy tool steel",
                new String[] {"32 mm", "3.4 mm", "101 mm", "25 mm", "30", "35", "0.7", ""},
                "Only lost its bite.",
                "");
        work.survey(touched, "TOUCH_UP", "POLISHED", "");
        work.setUp(touched, "", "", "brass roller guide", "mallet");
    }
}
