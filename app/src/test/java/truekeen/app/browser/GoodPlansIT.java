package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;

/** What a good sharpener would do with what comes through the door, as whole tasks on the kit of the demonstration. */
class GoodPlansIT {
    private static Service service;

    @BeforeAll
    static void start() {
        service = Service.demo();
    }

    @AfterAll
    static void stop() {
        service.close();
    }

    private static String tool(Browser browser) {
        return browser.path().replaceAll("^/tools/([^/]+)/.*", "$1");
    }

    @Test
    void aPittedDrawknifeGoesToTheBenchOnItsBackBevel() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.door("pitted drawknife", "boat shed", "drawknife: general", "plain carbon")
                    .type("A Edge length", "230")
                    .type("B Blade width", "34")
                    .type("C Worn out at", "20")
                    .type("D Thickness", "5")
                    .type("E Bevel", "28")
                    .type("F Secondary bevel, if any", "31")
                    .type("G Its width, if any", "0.8");
            browser.press("What it brings with it").type("Hard layer, if it is laminated", "2 mm");
            browser.press("Take it in, survey next").atPath(".*/survey$").see("This edge wants");
            browser.press("The back").pick("Pitted").type("how deep", "0.1");
            browser.press("Keep the survey, angle next").atPath(".*/angle$");
            browser.press("Keep this set-up, plan next").atPath(".*/plan$").press("By what, and how: the repair");
            browser.see("hard layer of 2 mm");
            browser.press("Plan the work")
                    .atPath(".*/plan$")
                    .see("The back bevel")
                    .see("Turn it over and lift the back by");
            assertThat(browser.text()).doesNotContain("Flatten the back");
            browser.press("Take this plan to the bench").atPath(".*/bench$");
            browser.press("Start at the bench").atPath(".*/bench/[0-9a-f-]{36}$");
            List<String> done = new Bench(browser).doAll();
            assertThat(done).anyMatch(t -> t.startsWith("Turn it over and lift the back"));
            assertThat(done).anyMatch(t -> t.contains("the back lifted again"));
        }
    }

    @Test
    void anAxeWithANickGoesToTheMachineAndKeepsItsCurve() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.door("nicked axe", "boat shed", "axe: felling", "axe and billhook steel")
                    .type("A Edge length", "118")
                    .type("B Sweep", "10")
                    .type("C Usable bit", "50")
                    .type("D Worn out at", "30")
                    .type("E Measured at", "20")
                    .type("F Thickness there", "9.5")
                    .type("G Edge angle, a side", "17");
            browser.press("Take it in, survey next").atPath(".*/survey$").see("This edge wants");
            browser.press("Chip").dragStrip(0.40, 0.42).see("1 Chip").type("deep", "0.5");
            browser.press("Keep the survey, angle next").atPath(".*/angle$");
            browser.press("Keep this set-up, plan next").atPath(".*/plan$").see("Much steel for hands");
            browser.pick("stones, by hand").see("Too much by hand");
            browser.pick("bench grinder").seeNoMore("Too much by hand").see("follow its curve");
        }
    }

    @Test
    void eightLikeChiselsAreTakenInByCopying() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.door("bevel-edged 1", "boat shed", "bench chisel: general bench work", "low-alloy tool steel")
                    .type("A Width", "20")
                    .type("B Thickness", "3.2")
                    .type("C Usable length", "90")
                    .type("D Worn out at", "20")
                    .type("E Primary bevel", "25");
            browser.press("What it brings with it").choose("Where it lives", "at the bench");
            browser.press("Take it in, survey next").atPath(".*/survey$").see("This edge wants");
            String first = tool(browser);
            browser.open("/tools/" + first).see("Kept at the bench.").press("Another like it");
            for (int i = 2; i <= 8; i++) {
                assertThat(browser.typed("What the other is called")).isEqualTo("bevel-edged " + i);
                browser.press("Take it in too").see("bevel-edged " + i + ": survey its edge");
            }
            assertThat(browser.driver().findElements(By.cssSelector("[aria-label='Taken in like it'] a")))
                    .hasSize(7);
            assertThat(browser.accessibilityFaults()).isEmpty();
            browser.press("bevel-edged 8: survey its edge").atPath(".*/survey$").see("This edge wants");
            browser.stage("Take in").see("20 mm");
            browser.onRack("bevel-edged").see("bevel-edged 2").see("bevel-edged 8");
        }
    }

    @Test
    void aSmootherUnderTheThinRuleTheFirstTimeAndTheSecond() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.door("thin-rule smoother", "boat shed", "plane iron bevel down: smoothing", "low-alloy tool steel")
                    .type("A Width", "50")
                    .type("B Thickness", "3")
                    .type("C Usable length", "60")
                    .type("D Worn out at", "18")
                    .type("E Bed", "45")
                    .type("F Primary bevel", "25")
                    .type("G Secondary bevel, if any", "30")
                    .type("H Its width, if any", "0.7");
            browser.press("Take it in, survey next").atPath(".*/survey$").see("This edge wants");
            browser.press("The back").pick("Flat, dull");
            browser.press("Keep the survey, angle next").atPath(".*/angle$");
            browser.type("or thin rule", "0.5").type("its reach", "60");
            browser.press("Keep this set-up, plan next").atPath(".*/plan$").see("Lay the back over the thin rule");
            int first = ruled(browser);
            browser.press("Take this plan to the bench").atPath(".*/bench$");
            browser.press("Start at the bench").atPath(".*/bench/[0-9a-f-]{36}$");
            Bench bench = new Bench(browser);
            assertThat(bench.doAll()).anyMatch(t -> t.contains("the back over the rule again"));
            browser.press("Test the edge").atPath(".*/test$");
            bench.test("60", "61", "60", "62", "61");
            browser.see("Keen");
            bench.putAway();
            browser.stage("Survey").see("This edge wants");
            browser.press("Keep the survey, angle next").atPath(".*/angle$");
            browser.press("Keep this set-up, plan next").atPath(".*/plan$").see("Lay the back over the thin rule");
            assertThat(first).isBetween(10, 20);
            // Until the new plan is there, that of the last sharpening stands.
            browser.until("the few strokes of a later sharpening", d -> ruled(browser) >= 4 && ruled(browser) <= 5);
        }
    }

    /** Strokes that the step sheet asks for under the rule. */
    private static int ruled(Browser browser) {
        String text = browser.text().replaceAll("\\s+", " ");
        String strokes = text.replaceAll(".*Lay the back over the thin rule on the [^0-9]*?(\\d+) strokes.*", "$1");
        return Integer.parseInt(strokes);
    }
}
