package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.chrome.ChromeDriver;

/** Power cuts, second tablets, and things typed wrong: a clear message and nothing lost. */
class FaultsIT {
    private static Service service;

    @BeforeAll
    static void serve() {
        service = Service.demo();
    }

    @AfterAll
    static void stop() {
        service.close();
    }

    /** Goes from the board to the chisel that is half way through and takes it over to this tablet. */
    private static Bench atTheBench(Browser browser) {
        browser.open("/").see("At the bench").press("Go on at the bench").see("Step ");
        browser.until("the session to be shown", d -> new Bench(browser).counts("BEVEL"));
        if (browser.text().contains("Take it over here")) {
            browser.press("Take it over here").seeNoMore("Take it over here");
        }
        return new Bench(browser);
    }

    @Test
    void everyConfirmedStrokeOutlivesAPowerCutAndCountingGoesOnMeanwhile() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            Bench bench = atTheBench(browser);
            int start = bench.count("BEVEL");
            browser.press("+5").keys(" ");
            bench.confirmed();
            int confirmed = bench.count("BEVEL");
            assertThat(confirmed).isEqualTo(start + 6);

            service.kill();
            browser.keys(" ", " ", " ");
            browser.see("cannot be reached").see("Count on");
            assertThat(bench.count("BEVEL")).isEqualTo(confirmed + 3);

            service.start();
            bench.confirmed();
            browser.seeNoMore("cannot be reached");
            assertThat(bench.count("BEVEL")).isEqualTo(confirmed + 3);
            browser.reload();
            browser.until("the same after a reload", d -> bench.count("BEVEL") == confirmed + 3);
        }
    }

    /** What the browser has written to the disk of what waits to be sent. */
    private static final String WRITTEN =
            """
            const done = arguments[0], asked = indexedDB.open('truekeen', 1);
            asked.onsuccess = () => {
                const keys = asked.result.transaction('kept').objectStore('kept').getAllKeys();
                keys.onsuccess = () => done(keys.result.filter(k => k.startsWith('truekeen.event.')).length);
            };
            """;

    @Test
    void aBrowserThatCrashesWhileTheServiceIsAwayLosesNoStroke() {
        Browser browser = new Browser(service.url(), 1280, 800);
        try {
            Bench bench = atTheBench(browser);
            String address = browser.path();
            int start = bench.count("BEVEL");
            browser.press("+5").keys(" ");
            bench.confirmed();
            service.kill();
            browser.keys(" ", " ", " ");
            browser.see("cannot be reached").see("Count on");
            browser.until(
                    "the strokes to be on the disk",
                    d -> ((ChromeDriver) d).executeAsyncScript(WRITTEN).equals(3L));
            browser = browser.crashed(1280, 800);
            service.start();
            browser.open(address);
            Bench again = new Bench(browser);
            browser.until("every stroke", d -> again.count("BEVEL") == start + 9);
            // It is the same device still: it goes on without taking anything over.
            browser.keys(" ");
            again.confirmed();
            assertThat(again.count("BEVEL")).isEqualTo(start + 10);
            assertThat(browser.text()).doesNotContain("Take it over here");
        } finally {
            browser.close();
        }
    }

    @Test
    void aSlowNetworkHoldsNoCountUpAndLosesNone() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            Bench bench = atTheBench(browser);
            int start = bench.count("BEVEL");
            browser.slowNetwork();
            browser.press("+5").keys(" ", " ");
            browser.see("sending…");
            assertThat(bench.count("BEVEL")).as("while it is on its way").isEqualTo(start + 7);
            browser.keys(" ");
            bench.confirmed();
            assertThat(bench.count("BEVEL")).isEqualTo(start + 8);
            browser.network(true).reload();
            browser.until("the same after a reload", d -> bench.counts("BEVEL") && bench.count("BEVEL") == start + 8);
        }
    }

    @Test
    void aServiceThatNeverAnswersIsSaidToBeAwayAndGetsEachStrokeOnce() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            Bench bench = atTheBench(browser);
            int start = bench.count("BEVEL");
            service.silent(true);
            browser.press("+5").keys(" ");
            browser.until(Duration.ofSeconds(60), "a request that hangs to be given up", d -> browser.text()
                    .contains("cannot be reached"));
            browser.keys(" ");
            assertThat(bench.count("BEVEL")).isEqualTo(start + 7);
            // What was asked meanwhile is answered now as well, too late for the one who asked.
            service.silent(false);
            bench.confirmed();
            browser.seeNoMore("cannot be reached");
            assertThat(bench.count("BEVEL")).isEqualTo(start + 7);
            browser.reload();
            browser.until("the same after a reload", d -> bench.counts("BEVEL") && bench.count("BEVEL") == start + 7);
        } finally {
            service.silent(false);
        }
    }

    @Test
    void aSecondTabletIsToldTakesOverAndNothingIsMergedInSilence() {
        try (Browser first = new Browser(service.url(), 1280, 800);
                Browser second = new Browser(service.url(), 390, 844)) {
            Bench bench = atTheBench(first);
            int start = bench.count("BEVEL");
            second.open(first.path()).see("on another device").see("Here it is only shown");
            assertThat(second.driver()
                            .findElement(By.cssSelector("button[aria-label^='Count one']"))
                            .isEnabled())
                    .isFalse();
            second.press("Take it over here").seeNoMore("only shown");
            second.press("+10");
            new Bench(second).confirmed();
            first.see("on another device");
            first.until("the first sees what the second counted", d -> bench.count("BEVEL") == start + 10);
            first.press("Take it over here").seeNoMore("only shown");
            first.keys(" ");
            bench.confirmed();
            assertThat(bench.count("BEVEL")).isEqualTo(start + 11);
        }
    }

    @Test
    void whatIsTypedWrongIsSaidAtItsFieldAndOutlivesAReload() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.open("/take-in").see("each family has its own");
            browser.type("What it is called here", "<script>document.title='owned'</script>")
                    .choose("Kind of tool, and its work", "bench chisel: general bench work")
                    .type("A Width", "900 mm")
                    .type("E Primary bevel", "120°")
                    .type("C Usable length", "12 parsecs");
            browser.see("1 mm to 150 mm is allowed").see("5° to 60° is allowed").see("no length here");
            browser.press("Take it in, survey next").see("things to put right").see("is needed");
            browser.reload().see("1 mm to 150 mm is allowed");
            assertThat(browser.typed("A Width")).isEqualTo("900 mm");
            assertThat(browser.typed("C Usable length")).isEqualTo("12 parsecs");
            assertThat(browser.typed("What it is called here")).startsWith("<script>");
            assertThat(browser.driver().getTitle()).isEqualTo("Take in · True Keen");
            browser.type("A Width", "24").seeNoMore("1 mm to 150 mm is allowed");
        }
    }

    @Test
    void theDatabaseGoneAndBackLosesNothing() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            Bench bench = atTheBench(browser);
            int start = bench.count("BEVEL");
            service.databaseAway(true);
            browser.script("window.awaySince = performance.now()");
            browser.press("+5");
            browser.see("cannot be reached just now").see("Count on");
            browser.keys(" ");
            browser.until(Duration.ofSeconds(60), "twenty seconds to have passed", d ->
                    (boolean) browser.script("return performance.now() - window.awaySince > 20000"));
            assertThat(bench.count("BEVEL")).isEqualTo(start + 6);
            service.databaseAway(false);
            bench.confirmed();
            browser.seeNoMore("cannot be reached");
            assertThat(bench.count("BEVEL")).isEqualTo(start + 6);
            browser.press("Undo");
            browser.until("taken back", d -> bench.count("BEVEL") == start + 5);
        } finally {
            // Whatever became of it here, the tests that follow need the database.
            service.databaseAway(false);
        }
    }

    @Test
    void aStepIsSkippedOnlyWithAReasonAndComesBackByUndo() {
        try (Browser browser = new Browser(service.url(), 390, 844)) {
            Bench bench = atTheBench(browser);
            String title = bench.step();
            browser.press("Skip this step").see("Why is it left out");
            assertThat(browser.driver()
                            .findElements(By.xpath("//button[normalize-space(.)='Skip']"))
                            .get(0)
                            .isEnabled())
                    .isFalse();
            browser.driver()
                    .findElement(By.xpath("//label[contains(., 'Why is it left out')]//input"))
                    .sendKeys("stone is in use");
            browser.press("Skip");
            browser.until("the next step", d -> !bench.step().equals(title));
            bench.confirmed();
            browser.press("Undo");
            browser.until("the step is back", d -> bench.step().equals(title));
        }
    }

    @Test
    void anAddressThatIsNotThereSaysSo() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.open("/nowhere").see("nothing at this address");
            browser.open("/tools/00000000-0000-0000-0000-000000000000").see("There is no tool");
        }
    }
}
