package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer.OrderAnnotation;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.Keys;

/**
 * From the bench to the verdict and back, as people do it. Beside it all a tablet without a network counts on for more than
 * a minute: the tasks of the others are what passes the time.
 */
@TestMethodOrder(OrderAnnotation.class)
class BurrAndTipIT {
    private static final int MINUTE_MS = 60_000;
    private static Service service;
    private static Browser away;
    private static int before;

    @BeforeAll
    static void serve() {
        service = Service.demo();
        away = new Browser(service.url(), 390, 844);
        away.open("/").see("At the bench").press("Go on at the bench").see("Step ");
        away.press("Take it over here").seeNoMore("Take it over here");
        Bench bench = new Bench(away);
        before = bench.count("BEVEL");
        away.network(false);
        away.script("window.awaySince = performance.now()");
        away.keys(" ", " ", " ");
        away.see("cannot be reached").see("Count on");
        // In sight where the strokes are counted, however far down a phone that is.
        away.script("document.querySelector('[data-count=BEVEL]').scrollIntoView({block: 'end'})");
        away.until(
                "the notice in sight",
                d -> away.script("const r = [...document.querySelectorAll('p, div')]"
                        + ".filter(e => e.innerText?.includes('cannot be reached')).at(-1).getBoundingClientRect();"
                        + "return r.top >= 0 && r.bottom <= window.innerHeight ? true : null"));
    }

    @AfterAll
    static void stop() {
        away.close();
        service.close();
    }

    @Test
    @Order(1)
    void aKitchenKnifeWhoseTipWasMissedIsFoundByInkAndPaper() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.door("dairy boner", "dairy and kitchen", "kitchen knife: general", "soft stainless")
                    .type("A Edge length", "150")
                    .type("B Straight part", "100")
                    .type("C Tip rise", "20")
                    .type("D Blade width", "35")
                    .type("E Worn out at", "25")
                    .type("F Spine thickness", "2")
                    .type("G Behind the edge", "0.4")
                    .type("H Edge bevel, a side", "15")
                    .press("Take it in, survey next")
                    .atPath(".*/survey$")
                    .pick("Light along it");
            Bench bench = fromTheSurveyToTheBench(browser, "");
            while (!bench.step().startsWith("Find ")) {
                bench.doStep();
            }
            bench.tap("ink left standing, where", "tip");
            browser.see("Ink left standing")
                    .see("raise the handle through the curve")
                    .see("Look again");
            bench.tap("ink gone evenly");
            browser.see("Yes, go on");
            bench.doStep();
            browser.see("The left side until the burr runs end to end");
            browser.keys(Keys.ARROW_LEFT, Keys.ARROW_LEFT, Keys.ARROW_RIGHT);
            browser.until(
                    "counting both sides by the arrows", d -> bench.count("LEFT") == 2 && bench.count("RIGHT") == 1);
            bench.confirmed();
            browser.see("The burr is up on the left side");
            bench.doAll();
            browser.press("Test the edge").see("Printer paper");
            browser.press("does not cut printer paper").see("Where?").press("tip");
            browser.see("does not cut printer paper, 127.5 to 150 mm").press("Judge the edge");
            browser.see("Not keen yet").see("The tip was missed, 127.5 to 150 mm");
            browser.press("Go back to the stones").atPath(".*/bench/.*");
            assertThat(bench.step()).startsWith("Ink the tip and the belly");
            List<String> back = bench.doAll();
            assertThat(back).anyMatch(t -> t.startsWith("Work 127.5 to 150 mm on the "));
            browser.press("Test the edge").see("whether it worked: the tip was missed");
            browser.press("cuts printer paper from end to end").press("Judge the edge");
            browser.see("Keen").see("It worked.");
            bench.putAway();
            browser.see("Back to work").see("It worked.");
        }
    }

    @Test
    @Order(2)
    void aPlaneIronThatKeepsItsBurrIsAnsweredAnotherWayTheSecondTime() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.door("clinker smoother", "boat shed", "plane iron bevel down: smoothing", "plain carbon")
                    .type("A Width", "50")
                    .type("B Thickness", "3")
                    .type("C Usable length", "60")
                    .type("D Worn out at", "20")
                    .type("E Bed", "45")
                    .type("F Primary bevel", "25")
                    .press("Take it in, survey next")
                    .atPath(".*/survey$");
            Bench bench = fromTheSurveyToTheBench(browser, "0.08");
            bench.toFirstCount();
            browser.see("done of planned");
            browser.press("Count one stroke at station 1, 0 of " + planned(browser) + " so far");
            bench.confirmed();
            while (!bench.step().startsWith("Take the burr off")) {
                bench.doStep();
            }
            bench.tap("the nail catches from one side only, where", "left corner");
            browser.see("burr is left").see("Look again");
            browser.keys(Keys.ENTER);
            assertThat(bench.step()).startsWith("Take the burr off");
            bench.tap("the nail slides off both faces");
            bench.doAll();
            browser.press("Test the edge").see("A full-width shaving");
            clothIsCaught(browser);
            browser.see("The burr was left on").see("Reduce the burr again").see("not tried here yet");
            browser.press("Go back to the stones").atPath(".*/bench/.*");
            assertThat(bench.doAll()).hasSizeLessThan(3).anyMatch(t -> t.startsWith("Take the burr off"));
            browser.press("Test the edge").see("whether it worked");
            clothIsCaught(browser);
            browser.see("It did not work.").see("worked 0 of 1 time here");
            String first = (String)
                    browser.script("return document.querySelector('input[name=remedy-0]').closest('label').innerText");
            assertThat(first).doesNotContain("Reduce the burr again");
            browser.press("Go back to the stones").atPath(".*/bench/.*");
            bench.doAll();
            browser.press("Test the edge").see("more tests, for who is in doubt");
            browser.press("a cloth comes off clean")
                    .press("an even full-width shaving")
                    .press("Judge the edge");
            browser.see("Keen").see("It worked.").press("Clean and refit it");
            browser.see("Set the cap iron")
                    .type("Cap iron behind the edge", "2 parsecs")
                    .press("Save it in the log");
            browser.see("no length here");
            browser.type("Cap iron behind the edge", "1.2")
                    .press("hardly cuts though it is keen")
                    .see("Judge what the first cut says")
                    .press("an even full-width shaving")
                    .press("Save it in the log")
                    .atPath(".*/log$");
            browser.see("cap iron 1.2 mm behind the edge").see("an even full-width shaving");
        }
    }

    private static Bench fromTheSurveyToTheBench(Browser browser, String camber) {
        browser.press("Keep the survey, angle next").atPath(".*/angle$");
        if (!camber.isEmpty()) {
            browser.type("below the sole", camber).see("strokes across the iron");
        }
        browser.press("Keep this set-up, plan next")
                .atPath(".*/plan$")
                .see("Step sheet")
                .press("Take this plan to the bench")
                .press("Start at the bench")
                .atPath(".*/bench/[0-9a-f-]{36}$");
        return new Bench(browser);
    }

    private static String planned(Browser browser) {
        return (String)
                browser.script("return document.querySelector('[aria-label^=\"Count one stroke at station 1,\"]')"
                        + ".getAttribute('aria-label').match(/of (\\d+)/)[1]");
    }

    private static void clothIsCaught(Browser browser) {
        browser.press("cloth or fibre is caught")
                .see("Where?")
                .press("all along")
                .press("Judge the edge");
        browser.see("Not keen yet");
    }

    @Test
    @Order(3)
    void aTabletWithoutANetworkForAMinuteCountsOnAndDeliversOnceAndInOrder() {
        Bench bench = new Bench(away);
        away.keys(" ", " ").press("+5");
        assertThat(bench.count("BEVEL")).isEqualTo(before + 10);
        away.until(Duration.ofMillis(2L * MINUTE_MS), "a minute to have passed", d ->
                (boolean) away.script("return performance.now() - window.awaySince > arguments[0]", MINUTE_MS));
        @SuppressWarnings("unchecked")
        List<String> waiting = (List<String>) away.script("return Object.keys(localStorage)"
                + ".filter(k => k.startsWith('truekeen.event.')).map(k => JSON.parse(localStorage[k]))"
                + ".sort((a, b) => a.sequence - b.sequence).map(e => e.id)");
        assertThat(waiting).hasSize(6);
        away.network(true);
        bench.confirmed();
        away.seeNoMore("cannot be reached");
        assertThat(bench.count("BEVEL")).isEqualTo(before + 10);
        String stored = (String) away.script("const x = new XMLHttpRequest();"
                + "x.open('GET', '/api/v1/sessions/' + location.pathname.split('/')[2] + '?device='"
                + " + localStorage.getItem('truekeen.device'), false); x.send(); return x.responseText");
        int from = -1;
        for (String id : waiting) {
            int at = stored.indexOf(id);
            assertThat(at).as("in order").isGreaterThan(from);
            assertThat(stored.indexOf(id, at + 1)).as("once").isNegative();
            from = at;
        }
        away.reload();
        away.until("the same after a reload", d -> bench.count("BEVEL") == before + 10);
    }
}
