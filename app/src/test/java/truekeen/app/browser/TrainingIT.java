package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Practising on a phone: the angle by ink, where the burr is not, and a fault by its signs. */
class TrainingIT {
    @Test
    void threeExercisesAreWorkedAndTheRecordIsKept() {
        try (Service service = Service.demo();
                Browser browser = new Browser(service.url(), 390, 844)) {
            browser.open("/reference").press("practised on the virtual blade").atPath("/training");
            browser.see("next for you");
            assertThat(browser.accessibilityFaults()).isEmpty();

            ink(browser);
            browser.press("Back to the exercises").see("1 of 1 right; now easy");

            // Where the burr is not: every place felt, then said.
            browser.press("Practise: Find where the burr is not").see("Feel along its back");
            assertThat(browser.accessibilityFaults()).isEmpty();
            int missing = 0;
            for (int place = 1; place <= 7; place++) {
                String selector = "[aria-label^='Feel at place " + place + ":']";
                browser.tap(selector);
                browser.until("it was felt", d -> !label(browser, selector).endsWith("?"));
                missing = label(browser, selector).endsWith("smooth") && missing == 0 ? place : missing;
            }
            browser.press(missing == 0 ? "end to end" : "missing at place " + missing)
                    .see("Right.");
            browser.press("Another round").see("Feel along its back").press("Back to the exercises");

            browser.press("Practise: Name the fault").see("At the test:");
            browser.tap("main .grid .btn").see("Another round");
            assertThat(browser.accessibilityFaults()).isEmpty();
            browser.press("Back to the exercises").see("of 1 right");
        }
    }

    private static String label(Browser browser, String selector) {
        return (String) browser.script(
                "return document.querySelector(arguments[0])?.getAttribute('aria-label') ?? '?'", selector);
    }

    /** Lower while the ink is gone at the edge, steeper while it is at the heel. */
    private static void ink(Browser browser) {
        browser.press("Practise: Set the angle by ink").see("The bevel is inked");
        Pattern set = Pattern.compile("The tool is set at ([0-9.]+)°");
        for (int i = 0; i < 40; i++) {
            int looks = i;
            browser.press("One stroke, and look");
            browser.until("it was looked at", d -> browser.text().contains("as you can: " + (looks + 1) + " so far"));
            String seen = browser.text();
            if (seen.contains("goes evenly")) {
                break;
            }
            String before = setting(set, seen);
            String newest = seen.substring(seen.indexOf("so far."));
            browser.press(
                    newest.indexOf("heel only") >= 0
                                    && (newest.indexOf("edge only") < 0
                                            || newest.indexOf("heel only") < newest.indexOf("edge only"))
                            ? "0.25° steeper"
                            : "0.25° lower");
            browser.until("it is set", d -> !setting(set, browser.text()).equals(before));
        }
        browser.press("Good as it is").see("Right.");
    }

    private static String setting(Pattern set, String text) {
        Matcher found = set.matcher(text.replace("\u2060", ""));
        return found.find() ? found.group(1) : "";
    }
}
