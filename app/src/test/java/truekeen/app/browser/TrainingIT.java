package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Practising on a phone: the angle by ink, where the burr is not, a camber, a fault by its signs. */
class TrainingIT {
    @Test
    void exercisesAreWorkedAndTheRecordIsKept() {
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
                String selector = "[aria-label^='Feel, place " + place + ":']";
                browser.tap(selector);
                browser.until("it was felt", d -> !label(browser, selector).endsWith("not yet"));
                missing = label(browser, selector).endsWith("smooth") && missing == 0 ? place : missing;
            }
            browser.press(missing == 0 ? "end to end" : "place " + missing).see("Right.");
            browser.press("Another round").see("Feel along its back").press("Back to the exercises");

            camber(browser);

            browser.press("Practise: Name the fault").see("At the test:");
            browser.tap("main .grid .btn").see("Another round");
            assertThat(browser.accessibilityFaults()).isEmpty();
            browser.press("Back to the exercises").see("of 1 right");
        }
    }

    /** Strokes at places: the figures say at each touch how far its corner lies back. */
    private static void camber(Browser browser) {
        browser.press("Practise: Camber without starving the centre").see("Give its corners");
        assertThat(browser.accessibilityFaults()).isEmpty();
        browser.tap("[aria-label^='5 strokes, place 1:']").see("5 strokes so far");
        browser.tap("[aria-label^='5 strokes, place 5:']").see("10 strokes so far");
        browser.press("Good as it is").see("The centre is starved").press("Back to the exercises");
    }

    private static String label(Browser browser, String selector) {
        return (String) browser.script(
                "return document.querySelector(arguments[0])?.getAttribute('aria-label') ?? 'not yet'", selector);
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
