package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.interactions.Actions;

/** Without a mouse: one tool from the board to the log by the keys of a keyboard alone. */
class KeyboardIT {
    private static final int MOST_TABS = 160;

    private static final String NAMED = "const name = e => (e.getAttribute('aria-label') ?? "
            + "(e.labels && e.labels[0] ? e.labels[0].innerText : e.innerText) ?? '').replace(/\\s+/g, ' ').trim();";
    private static final String NAME =
            NAMED + "const e = document.activeElement; return !e || e === document.body ? '' : name(e)";
    private static final String THERE = NAMED
            + "return [...document.querySelectorAll('a, button, input, select, summary, [tabindex]')]"
            + ".some(e => name(e).startsWith(arguments[0]) && !e.disabled)";

    /** How many places of the focus lie between where it is and what is called so; 0 when that is not plain. */
    private static final String AHEAD = NAMED
            + "const all = [...document.querySelectorAll('a, button, input, select, textarea, summary, [tabindex]')]"
            + ".filter(e => e.tabIndex >= 0 && !e.disabled && e.checkVisibility());"
            + "const from = all.indexOf(document.activeElement);"
            + "return Math.max(0, all.findIndex((e, i) => i > from && name(e).startsWith(arguments[0])) - from)";

    private final List<String> passed = new ArrayList<>();

    /** Goes on by the Tab key until what has the focus is called so. */
    private void to(Browser browser, String words) {
        browser.until(
                "waiting for “" + words + "”", d -> browser.script(THERE, words).equals(true) ? true : null);
        passed.clear();
        // Most of the way in one go, since the driver takes long over each key by itself.
        long ahead = (Long) browser.script(AHEAD, words);
        if (ahead > 1) {
            key(browser, Keys.TAB.toString().repeat((int) ahead - 1));
        }
        for (int i = 0; i < MOST_TABS; i++) {
            String name = (String) browser.script(NAME);
            if (name.equals(words) || name.startsWith(words)) {
                assertThat((Boolean) browser.script("return document.activeElement.matches(':focus-visible')"))
                        .as("the focus is seen on " + words)
                        .isTrue();
                return;
            }
            passed.add(name);
            key(browser, Keys.TAB);
        }
        throw new AssertionError("no Tab leads to “" + words + "”, but to " + passed);
    }

    private void key(Browser browser, CharSequence keys) {
        new Actions(browser.driver()).sendKeys(keys).perform();
    }

    private void press(Browser browser, String words) {
        to(browser, words);
        key(browser, Keys.ENTER);
    }

    @Test
    void aChiselFromTheBoardToTheLogByKeysAlone() {
        try (Service service = Service.demo();
                Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.open("/").see("6 mm bench chisel");
            press(browser, "Rack");
            to(browser, "Find by name, owner, kind or steel");
            key(browser, "6 mm bench");
            browser.see("of 51 tools");
            press(browser, "6 mm bench chisel");
            browser.see("Set-up card");
            press(browser, "Survey the edge");
            browser.atPath(".*/survey$").see("This edge wants");
            to(browser, "The edge, 6 mm.");
            key(browser, Keys.END);
            key(browser, Keys.ARROW_LEFT);
            key(browser, Keys.ENTER);
            browser.see("guessed: measure it");
            press(browser, "Keep the survey, angle next");
            browser.atPath(".*/angle$").see("Why these");
            press(browser, "Keep this set-up, plan next");
            browser.atPath(".*/plan$").see("Step sheet");
            press(browser, "Take this plan to the bench");
            browser.atPath(".*/bench$");
            press(browser, "Start at the bench");
            browser.atPath(".*/bench/[0-9a-f-]{36}$");
            Bench bench = new Bench(browser);
            int steps = 0;
            while (!bench.step().isEmpty()) {
                step(browser, bench);
                assertThat(++steps).as("a bench without end").isLessThan(40);
            }
            press(browser, "Test the edge");
            browser.atPath(".*/test$").see("Force at five stations");
            for (String grams : List.of("62", "61", "63", "62", "64")) {
                to(browser, "at ");
                key(browser, grams);
                key(browser, Keys.TAB);
            }
            press(browser, "Judge the edge");
            browser.see("Keen");
            press(browser, "Clean and refit it");
            press(browser, "Save it in the log");
            browser.atPath(".*/log$").see("Worked at the bench");
        }
    }

    private void step(Browser browser, Bench bench) {
        String title = bench.step();
        if (bench.counts("BEVEL") || bench.counts("BACK") || bench.counts("LEFT")) {
            press(browser, "+10");
            key(browser, " ");
            bench.confirmed();
        }
        press(browser, browser.text().contains("Yes, go on") ? "Yes, go on" : "Done, go on");
        browser.until("going on from “" + title + "”", d -> !bench.step().equals(title));
        bench.confirmed();
    }
}
