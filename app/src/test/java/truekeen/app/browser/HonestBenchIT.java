package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** What was not done does not count as done, and what is right is not refused: as whole tasks. */
class HonestBenchIT {
    private static final String[][] KNIFE = {
        {"A Edge length", "150"},
        {"B Straight part", "100"},
        {"C Tip rise", "20"},
        {"D Blade width", "35"},
        {"E Worn out at", "25"},
        {"F Spine thickness", "2"},
        {"G Behind the edge", "0.4"},
        {"H Edge bevel, a side", "15"}
    };

    private static Service service;

    @BeforeAll
    static void start() {
        service = Service.demo();
    }

    @AfterAll
    static void stop() {
        service.close();
    }

    /** A chisel of one bevel, planned with a secondary of its own, at the bench. */
    private static Bench atTheBench(Browser browser, String name) {
        browser.door(name, "boat shed", "bench chisel: general bench work", "low-alloy tool steel")
                .type("A Width", "20")
                .type("B Thickness", "3.2")
                .type("C Usable length", "90")
                .type("D Worn out at", "20")
                .type("E Primary bevel", "25");
        browser.press("Take it in, survey next").atPath(".*/survey$").see("This edge wants");
        browser.press("Keep the survey, angle next").atPath(".*/angle$").see("30.0");
        browser.press("Keep this set-up, plan next").atPath(".*/plan$").see("Step sheet");
        browser.press("Take this plan to the bench").atPath(".*/bench$");
        browser.press("Start at the bench").atPath(".*/bench/[0-9a-f-]{36}$");
        return new Bench(browser);
    }

    @Test
    void aFirstSecondaryIsFoundByInkGoneAtTheEdgeOnly() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            Bench bench = atTheBench(browser, "first secondary");
            while (!bench.step().startsWith("Set the")) {
                bench.doStep();
            }
            browser.see("Ink the bevel with a felt pen, two strokes, wipe, look")
                    .see("Does the ink go along the edge only, end to end?");
            bench.tap("ink gone evenly");
            browser.see("it still lies on the bevel it had");
            bench.tap("ink gone only at the edge");
            browser.seeNoMore("it still lies on the bevel it had");
            String set = bench.step();
            browser.press("Yes, go on");
            browser.until("the step after it", d -> !bench.step().equals(set));
        }
    }

    @Test
    void aSessionTappedThroughIsNotCountedAndNothingIsKeenUntilItCuts() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            Bench bench = atTheBench(browser, "tapped through");
            int steps = 0;
            while (!bench.step().isEmpty()) {
                String title = bench.step();
                browser.press(browser.text().contains("Yes, go on") ? "Yes, go on" : "Done, go on");
                browser.until("going on", d -> !bench.step().equals(title));
                bench.confirmed();
                assertThat(steps++).isLessThan(40);
            }
            assertThat(browser.text()).doesNotContain("Raised");
            browser.press("Test the edge").atPath(".*/test$");
            browser.press("no light along the edge").press("Judge the edge").see("Not tested yet");
            browser.see("Nothing here speaks of a cut");
            browser.press("Test again")
                    .press("end grain shines")
                    .press("Judge the edge")
                    .see("Keen");
            browser.see("By: end grain shines");
            bench.putAway();
            browser.see("not counted");
        }
    }

    /** A knife counted on one side only: asked before the gate opens, and shown in the end as what it was. */
    @Test
    void aSideThatWasForgottenIsAskedForBeforeTheBurrCounts() {
        try (Browser browser = new Browser(service.url(), 800, 1280)) {
            Bench bench = atTheBench(browser, new Held("one-sided knife", "kitchen knife: general", KNIFE, ""));
            while (!bench.counts("LEFT")) {
                bench.doStep();
            }
            browser.press("+5");
            bench.confirmed();
            bench.tap("burr along the whole edge");
            browser.see("The right side has had none.");
            browser.keys(Keys.ARROW_RIGHT);
            bench.confirmed();
            browser.see("The right side has had 1 where the other had 5.");
            browser.keys(Keys.ARROW_RIGHT, Keys.ARROW_RIGHT, Keys.ARROW_RIGHT, Keys.ARROW_RIGHT);
            bench.confirmed();
            browser.seeNoMore("The right side has had").see("the gate is open");
        }
    }

    @Test
    void aBurntEdgeIsGroundPastBeforeTheStonesComeNear() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.onRack("drawknife").press("drawknife").see("Set-up card").stage("Plan");
            browser.see("Step sheet").press("Take this plan to the bench").press("Start at the bench");
            browser.atPath(".*/bench/[0-9a-f-]{36}$");
            Bench bench = new Bench(browser);
            List<String> asked = new ArrayList<>();
            while (!bench.step().equals("Grind the bevel")) {
                asked.add(browser.text()
                        .lines()
                        .filter(l -> l.endsWith("?"))
                        .findFirst()
                        .orElse(""));
                bench.doStep();
            }
            assertThat(asked).doesNotHaveDuplicates();
            bench.tap("straw to blue at the edge");
            browser.see("Grind past it").see("Look again");
            browser.keys(Keys.ENTER);
            assertThat(bench.step()).isEqualTo("Grind the bevel");
            bench.tap("no colour at the edge");
            browser.seeNoMore("Grind past it").press("Yes, go on");
            browser.until("the next act", d -> !bench.step().equals("Grind the bevel"));
        }
    }

    @Test
    void aNumberIsTypedInsteadOfTapped() {
        try (Browser browser = new Browser(service.url(), 390, 844)) {
            Bench bench = atTheBench(browser, "typed count");
            bench.toFirstCount();
            browser.press("Type it").type("How many strokes you took", "52").press("Count them");
            browser.until("fifty-two", d -> bench.count("BEVEL") == 52);
            bench.confirmed();
            browser.reload();
            browser.until("fifty-two after a reload", d -> bench.count("BEVEL") == 52);
        }
    }

    /** What of the count, the question and its answers is out of sight, too small to read or too small to hit. */
    private static final String OUT_OF_REACH =
            """
            const least = arguments[0], faults = [];
            const bar = document.querySelector('[data-actions]').getBoundingClientRect();
            const head = Math.max(0, ...[...document.querySelectorAll('.sticky')]
                .map(e => e.getBoundingClientRect()).filter(r => r.top <= 0).map(r => r.bottom));
            const seen = (e, what) => {
                const r = e.getBoundingClientRect();
                if (r.height === 0 || r.top < head || r.bottom > bar.top + 1) {
                    faults.push(what + ' lies from ' + r.top + ' to ' + r.bottom + ', the actions from ' + bar.top);
                }
                return r;
            };
            const size = (e, what) => {
                const px = parseFloat(getComputedStyle(e).fontSize);
                if (px < least) faults.push(what + ' is ' + px + ' px');
            };
            seen(document.querySelector('[data-count]'), 'the count');
            const asked = document.querySelector('[data-asked]');
            seen(asked, 'the question');
            size(asked, 'the question');
            const answers = [...document.querySelectorAll('fieldset button[aria-pressed]')];
            if (answers.length < 2) faults.push('no answers');
            for (const a of answers) {
                const r = seen(a, a.innerText);
                size(a, a.innerText);
                if (r.height < 72) faults.push(a.innerText + ' is ' + r.height + ' px high');
            }
            const [no, yes] = [...document.querySelectorAll('[data-actions] button')].slice(-2)
                .map(b => b.getBoundingClientRect());
            if (yes.left - no.right < 16) faults.push('yes and not yet are ' + (yes.left - no.right) + ' px apart');
            if (document.documentElement.scrollWidth > innerWidth) faults.push('wider than the screen');
            return faults;
            """;

    /** A tool that is planned with a step that raises a burr: one side, two of them, a folder with its caution, a camber. */
    private record Held(String name, String kind, String[][] fields, String camber) {}

    private static final Held[] HELD = {
        new Held("knife held so and so", "kitchen knife: general", KNIFE, ""),
        new Held("folder held so and so", "pocket knife: general", KNIFE, ""),
        new Held(
                "smoother held so and so",
                "plane iron bevel down: smoothing",
                new String[][] {
                    {"A Width", "50"},
                    {"B Thickness", "3"},
                    {"C Usable length", "60"},
                    {"D Worn out at", "20"},
                    {"E Bed", "45"},
                    {"F Primary bevel", "25"}
                },
                "0.08")
    };

    private static Bench atTheBench(Browser browser, Held held) {
        browser.door(held.name, "boat shed", held.kind, "plain carbon");
        for (String[] field : held.fields) {
            browser.type(field[0], field[1]);
        }
        if (held.kind.startsWith("pocket")) {
            browser.press("What it brings with it").choose("Does it lock?", "no lock");
        }
        browser.press("Take it in, survey next").atPath(".*/survey$").see("This edge wants");
        browser.press("Keep the survey, angle next").atPath(".*/angle$").see("Why these");
        if (!held.camber.isEmpty()) {
            browser.type("below the sole", held.camber).see("strokes across the iron");
        }
        browser.press("Keep this set-up, plan next").atPath(".*/plan$").see("Step sheet");
        browser.press("Take this plan to the bench").press("Start at the bench").atPath(".*/bench/[0-9a-f-]{36}$");
        return new Bench(browser);
    }

    @Test
    void countQuestionAndAnswersShareTheScreenHoweverItIsHeld() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            atTheBench(browser, "held this way and that").toFirstCount();
            sharesTheScreen(browser, "chisel");
            for (Held held : HELD) {
                Bench bench = atTheBench(browser, held);
                while (!bench.counts("BEVEL") && !bench.counts("LEFT")) {
                    bench.doStep();
                }
                sharesTheScreen(browser, held.name);
                browser.size(1280, 800);
            }
        }
    }

    private static void sharesTheScreen(Browser browser, String what) {
        for (int[] size : new int[][] {{844, 390}, {390, 844}, {800, 1280}, {1280, 800}}) {
            browser.size(size[0], size[1]);
            browser.script("scrollTo(0, 0)");
            int least = Math.min(size[0], size[1]) < 500 ? 20 : 22;
            assertThat(browser.lasting(() -> (List<?>) browser.script(OUT_OF_REACH, least)))
                    .as(what + ", " + size[0] + " by " + size[1])
                    .isEmpty();
        }
        assertThat(browser.accessibilityFaults()).isEmpty();
    }

    /** A test whose session another tablet holds is taken over where it was refused. */
    @Test
    void aSessionThatAnotherTabletHoldsIsTakenOverFromItsTest() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.onRack("16 mm bench chisel")
                    .press("16 mm bench chisel")
                    .see("Set-up card")
                    .stage("Test");
            browser.see("Not keen yet").press("Go back to the stones").see("on another device");
            browser.press("Take it over here").seeNoMore("on another device");
            browser.press("Go back to the stones")
                    .atPath(".*/bench/[0-9a-f-]{36}$")
                    .see("Step ");
        }
    }
}
