package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;

/** A folder without a lock on paper in the field, on a phone: what the medium and the tool ask stands at every step. */
class FieldKnifeIT {
    private static void shelve(Browser browser, String name, String grit) {
        browser.press("Add an abrasive")
                .type("What it is called here", name)
                .choose("Kind", "abrasive paper on a stick")
                .choose("Grit standard", "FEPA-P")
                .type("Grit as printed on it", grit)
                .press("Add it to the shelf");
        browser.until(
                "the piece on the shelf",
                d -> d.findElements(By.cssSelector("section[aria-label=Abrasives] li")).stream()
                        .anyMatch(li -> li.getText().startsWith(name)));
    }

    @Test
    void everyStrokeTrailsAndTheFingersKeepOffTheSpine() {
        try (Service service = Service.empty();
                Browser browser = new Browser(service.url(), 390, 844)) {
            browser.open("/kit").see("What cuts goes here");
            shelve(browser, "red stick", "P600");
            shelve(browser, "grey stick", "P2000");
            browser.open("/take-in").see("Name the first one");
            browser.type("Owner or crew", "walkers").press("Add this owner").seeNoMore("Name the first one");
            browser.type("What it is called here", "trail folder")
                    .choose("Kind of tool, and its work", "pocket knife: general")
                    .choose("Steel", "soft stainless")
                    .press("What it brings with it")
                    .choose("Does it lock?", "no lock")
                    .type("A Edge length", "78")
                    .type("B Straight part", "48")
                    .type("C Tip rise", "9")
                    .type("D Blade width", "20")
                    .type("E Worn out at", "13")
                    .type("F Spine thickness", "2.4")
                    .type("G Behind the edge", "0.5")
                    .type("H Edge bevel, a side", "18")
                    .press("Take it in, survey next")
                    .see("This edge wants")
                    .press("Keep the survey, angle next")
                    .see("Why these")
                    .press("Keep this set-up, plan next")
                    .see("Step sheet")
                    .press("Take this plan to the bench")
                    .press("Start at the bench")
                    .atPath(".*/bench/[0-9a-f-]{36}$");
            Bench bench = new Bench(browser);
            int counted = 0;
            while (!bench.step().isEmpty()) {
                boolean counts = bench.counts("LEFT");
                if (counts) {
                    counted++;
                    browser.see("No lock holds it").see("Edge trailing only");
                    assertThat(browser.text()).doesNotContain("edge leading");
                } else if (bench.step().startsWith("Find ")) {
                    browser.see("spine's lower corner");
                }
                bench.doStep();
            }
            assertThat(counted).isGreaterThan(1);
            browser.see("planned").press("Test the edge").see("Printer paper");
            assertThat(browser.text()).doesNotContain("Force at");
            browser.press("cuts printer paper from end to end")
                    .press("Judge the edge")
                    .see("Keen");
            browser.press("Clean and refit it").see("can close on the fingers");
            assertThat(browser.accessibilityFaults()).isEmpty();
        }
    }
}
