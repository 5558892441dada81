package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** Instruments read live, and what a screen does when one is unplugged. */
class InstrumentsIT {
    private static final String FIRST = "at 1.6 mm";
    private static final String SECOND = "at 4.8 mm";
    private static Service service;

    @BeforeAll
    static void serve() {
        service = Service.demo();
    }

    @AfterAll
    static void stop() {
        service.close();
    }

    @Test
    void aTesterUnpluggedInMidReadingCostsNothingAndGoesOnWhenItIsBack() {
        Process tester = service.plugIn("THREAD_TESTER", 100);
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.open("/").see("Test the edge").press("Test the edge").see("Not keen yet");
            String test = browser.path();
            String session = (String) browser.script("const x = new XMLHttpRequest(); x.open('GET', '/api"
                    + "/v1' + location.pathname, false); x.send(); return JSON.parse(x.responseText).sessionId");
            browser.open("/bench/" + session).press("Take it over here").seeNoMore("Take it over here");
            browser.open(test).press("Test again").see("thread tester");
            browser.press("no light along the edge");
            browser.until(
                    "the thread to part",
                    d -> browser.text().contains("Take 9") || browser.text().contains("Take 10"));
            browser.keys("r");
            browser.until(
                    "the first station to be read", d -> !browser.typed(FIRST).isEmpty());
            double first = Double.parseDouble(browser.typed(FIRST));
            assertThat(first).isBetween(90.0, 110.0);

            tester.destroyForcibly();
            browser.see("thread tester is not answering");
            assertThat(browser.typed(FIRST)).isEqualTo(String.valueOf(first).replaceAll("\\.0$", ""));
            assertThat(browser.driver()
                            .findElement(By.xpath("//button[contains(., '(R)')]"))
                            .isEnabled())
                    .isFalse();
            // by hand meanwhile
            browser.type(SECOND, "97");
            tester = service.plugIn("THREAD_TESTER", 100);
            browser.seeNoMore("not answering");
            browser.field("at 8 mm").sendKeys("");
            browser.until(
                    "the thread to part again",
                    d -> browser.text().contains("Take 9") || browser.text().contains("Take 10"));
            browser.press(readingButton(browser));
            browser.until("the third station to be read", d -> !browser.typed("at 8 mm")
                    .isEmpty());
            browser.type("at 11.2 mm", "99").type("at 14.4 mm", "101").keys(Keys.TAB);
            browser.press("Judge the edge").see("keenness index");
        } finally {
            tester.destroyForcibly();
        }
    }

    private static String readingButton(Browser browser) {
        return (String)
                browser.script(
                        "return [...document.querySelectorAll('button')].find(b => b.innerText.includes('(R)')).innerText.trim()");
    }

    @Test
    void theGaugeIsReadAtTheBenchOnAKeyAndSaysWhatItMeans() {
        Process gauge = service.plugIn("ANGLE_GAUGE", 40);
        try (Browser browser = new Browser(service.url(), 390, 844)) {
            browser.open("/").see("At the bench").press("Go on at the bench").see("Step ");
            browser.press("Take it over here").seeNoMore("Take it over here");
            browser.until(
                    "the gauge to be live",
                    d -> browser.text().contains("angle gauge")
                            && browser.script("return document.querySelector('[data-live]').innerText.startsWith('4')")
                                    .equals(true));
            browser.until("a reading to be taken once it has settled", d -> {
                browser.keys("r");
                return browser.text().contains("too high");
            });
        } finally {
            gauge.destroyForcibly();
        }
    }

    @Test
    void theTabletSuitsTheHandSpeaksTheCountAndKeepsTimesAndOtherToolsAtHand() {
        try (Browser browser = new Browser(service.url(), 390, 844)) {
            browser.open("/").see("At the bench").press("Go on at the bench").see("Step ");
            browser.press("Take it over here").seeNoMore("Take it over here");
            int right = left(browser, "Yes, go on");
            browser.press("This tablet").press("Buttons on the left").press("Say the count");
            assertThat(left(browser, "Yes, go on")).isLessThan(right);
            browser.script("window.said = []; window.speechSynthesis.speak = u => window.said.push(u.text)");
            browser.keys(" ");
            Bench bench = new Bench(browser);
            browser.until("the count to be spoken", d -> browser.script("return window.said.join()")
                    .equals(String.valueOf(bench.count("BEVEL"))));
            browser.reload().see("Yes, go on");
            assertThat(left(browser, "Yes, go on")).isLessThan(right);
            browser.press("Times").press("Dry, 10:00").see("Dry: 24 mm bench chisel");
            assertThat(browser.accessibilityFaults()).isEmpty();
            bench.tap("burr thick, where", "middle");
            browser.see("pressure, or the angle raised there");
            assertThat(bench.step()).startsWith("Shape the secondary");
            browser.press("3 more at the bench").see("16 mm bench chisel").press("16 mm bench chisel");
            browser.see("Not keen yet").open("/").see("24 mm bench chisel: dries until");
        }
    }

    private static int left(Browser browser, String words) {
        return browser.until("where “" + words + "” stands", d -> d.findElement(
                        By.xpath("//button[normalize-space(.)='" + words + "']"))
                .getRect()
                .getX());
    }
}
