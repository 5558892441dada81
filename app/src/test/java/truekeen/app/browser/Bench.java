package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** What a person does at the bench, step after step, as the tests tell it. */
final class Bench {
    private final Browser browser;

    Bench(Browser browser) {
        this.browser = browser;
    }

    /** The title of the step in hand, or the words at the end. */
    String step() {
        return browser.until("reading the step", d -> {
            String title = (String) browser.script("return [...document.querySelectorAll('h2')]"
                    + ".map(h => h.innerText.trim()).find(t => t !== '') ?? ''");
            if (!title.isEmpty()) {
                return title;
            }
            return browser.text().contains("Every step is done") ? "" : null;
        });
    }

    /** Strokes shown on a side. */
    int count(String side) {
        return Integer.parseInt(
                browser.until("reading the count", d -> d.findElement(By.cssSelector("[data-count=" + side + "]"))
                        .getText()));
    }

    boolean counts(String side) {
        return !browser.driver()
                .findElements(By.cssSelector("[data-count=" + side + "]"))
                .isEmpty();
    }

    /** Waits until everything shown was confirmed by the service. */
    void confirmed() {
        browser.until(
                "waiting for strokes to be confirmed",
                d -> !browser.text().contains("sending…") && !browser.text().contains("Waiting to be confirmed"));
    }

    /** Does the step in hand, counting where strokes are counted, and goes on; gives its title. */
    String doStep() {
        String title = step();
        if (counts("BEVEL") || counts("BACK") || counts("LEFT")) {
            browser.press("+10");
            browser.keys(" ");
            confirmed();
        }
        // While something seen is on its way the page shows neither for a moment.
        browser.press(browser.until("a way on from “" + title + "”", d -> {
            String text = browser.text();
            return text.contains("Yes, go on") ? "Yes, go on" : text.contains("Done, go on") ? "Done, go on" : null;
        }));
        browser.until("going on from “" + title + "”", d -> !step().equals(title) || step().isEmpty());
        confirmed();
        return title;
    }

    /** Does every step that is left; gives their titles. */
    List<String> doAll() {
        List<String> titles = new ArrayList<>();
        while (!step().isEmpty()) {
            titles.add(doStep());
            assertThat(titles).as("a bench without end").hasSizeLessThan(40);
        }
        return titles;
    }

    /** Goes on without counting until strokes are counted on the bevel. */
    String toFirstCount() {
        while (!counts("BEVEL")) {
            doStep();
        }
        return step();
    }

    /** Puts a keen tool away: cleaned, refitted as it comes, and into the log. */
    void putAway() {
        browser.press("Clean and refit it")
                .see("Wash slurry and swarf off")
                .press("Save it in the log")
                .atPath(".*/log$");
    }

    /** Taps a sign at the bench, and a third of the edge where it has a place. */
    void tap(String words, String... place) {
        browser.press(words);
        for (String third : place) {
            browser.see("Where:").press(third);
        }
        confirmed();
    }

    /** Types readings left to right and asks for the verdict. */
    void test(String... grams) {
        browser.see("Force at five stations");
        List<String> labels = browser.driver().findElements(By.tagName("label")).stream()
                .map(e -> e.getText())
                .filter(t -> t.startsWith("at ") && t.endsWith("mm"))
                .toList();
        for (int i = 0; i < grams.length; i++) {
            browser.type(labels.get(i), grams[i]);
        }
        browser.keys(Keys.TAB);
        browser.press("Judge the edge");
    }
}
