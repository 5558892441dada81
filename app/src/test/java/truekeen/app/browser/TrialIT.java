package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;

/** A trial as one person's task: from the question to the house rule, with a reading that was mistyped on the way. */
class TrialIT {
    /** Fresh, then after each checkpoint: off the stone, which keeps better here, and stropped. */
    private static final int[][] COURSE = {{118, 135, 150}, {120, 165, 200}};

    @Test
    void fromTheQuestionToTheHouseRule() {
        try (Service service = Service.empty();
                Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.open("/trials").see("None yet").press("Begin a trial").atPath(".*/trials/new$");
            browser.see("8 edges");
            assertThat(browser.accessibilityFaults()).isEmpty();
            browser.type("What the trial is called", "Strop or not")
                    .type("How often, after the fresh reading", "2")
                    .type("At how many places along the edge", "1")
                    .see("each read 3 times");
            browser.press("Begin the trial").atPath(".*/trials/[0-9a-f-]{36}$").see("Covered");
            String trial = browser.driver().getCurrentUrl();

            // Whoever prepares the edges has the list; whoever reads has not.
            browser.unfold("The list, ending, deleting").press("For whoever prepares the edges");
            browser.see("do not say which it is");
            var ways = browser.driver().findElements(By.cssSelector("main ol li span:nth-child(2)")).stream()
                    .map(e -> e.getText().equals("stropped") ? 1 : 0)
                    .toList();
            assertThat(ways).hasSize(8);
            browser.press("Back to the readings").see("Covered");
            assertThat(browser.text()).doesNotContain("“stropped”");

            for (int edge = 0; edge < 8; edge++) {
                for (int c = 0; c < 3; c++) {
                    int grams = COURSE[ways.get(edge)][c] + edge;
                    browser.see("Edge " + (edge + 1))
                            .type("The tester reads", String.valueOf(edge == 5 && c == 1 ? 5 * grams : grams))
                            .press("Save the reading")
                            .see((3 * edge + c + 1) + " of 24 readings");
                    if (edge == 5 && c == 1) {
                        browser.see("One reading breaks the trend").see("Read it again.");
                    }
                }
            }
            assertThat(browser.accessibilityFaults()).isEmpty();
            browser.unfold("One reading breaks the trend").see("The edge has gone on since");
            browser.type("What it read", String.valueOf(COURSE[ways.get(5)][1] + 5))
                    .press("Save the new reading")
                    .seeNoMore("breaks the trend");
            browser.press("Uncover it").see("one chance in 35 that this is luck");
            browser.see("Make it the house rule");
            assertThat(browser.accessibilityFaults()).isEmpty();
            browser.press("Make it the house rule").see("Your house goes by it");

            browser.open("/house-rules").see("House rules");
            browser.script("document.querySelectorAll('details').forEach(d => d.open = true)");
            browser.see("Your trial speaks for");
            browser.open(trial.substring(trial.indexOf("/trials"))).see("Your house goes by it");
        }
    }
}
