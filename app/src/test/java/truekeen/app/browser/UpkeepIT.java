package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;

/** A chisel in use: what it pared is put down, its edge read, and the strop tried until it helps no more. */
class UpkeepIT {
    private static String due(Browser browser) {
        return browser.driver()
                .findElement(By.cssSelector("section[aria-label='Next touch-up'] .figure"))
                .getText();
    }

    @Test
    void aDueDayMovesAfterHeavyUseAndTheNextRungComesWhenTheStropIsSpent() {
        try (Service service = Service.demo();
                Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.open("/rack").press("20 mm bench chisel").see("Set-up card");
            browser.press("Upkeep: its use, how it dulls, touch-ups").see("The next touch-up pays");
            browser.see("230");
            String before = due(browser);
            assertThat(before).startsWith("from ");
            browser.press("100 shavings more").see("330");
            browser.until("the day moves", d -> !due(browser).equals(before));
            browser.press("Another amount").type("How many shavings", "lots").press("Save the use");
            browser.see("“lots” does not read as a number");
            assertThat(browser.typed("How many shavings")).isEqualTo("lots");
            browser.type("How many shavings", "300").press("Save the use");
            browser.until("it pays now", d -> due(browser).equals("now"));
            assertThat(browser.accessibilityFaults()).isEmpty();

            browser.type("The tester reads", "139 g").press("Save the reading").see("1.18 after 630 shavings");
            browser.press("Strokes and readings, if you took them")
                    .type("Strokes, all sides", "20")
                    .press("Done: it came back")
                    .see("Strop it");
            browser.press("100 shavings more").see("730");
            browser.press("Done: it did not").see("The finest stone").see("helps no more");
            browser.press("All rungs").see("The edge did not come back").see("Rods are for knives");
            browser.type("Note for next time", "more at the left corner").press("Save the note");
            browser.see("Saved: it is shown when this tool is surveyed again.");
            browser.stage("Survey")
                    .see("Mind this time")
                    .see("more at the left corner")
                    .see("The hand leans: the left corner");
            browser.press("done: more at the left corner").seeNoMore("more at the left corner");
            browser.stage("Log")
                    .see("For next time: more at the left corner")
                    .see("Strop it: it did not come back")
                    .see("Used: 300 shavings");
        }
    }
}
