package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;

/** A browser that counts with commas sees them in every figure and sentence, and may type them. */
class DecimalsIT {
    /** A name, a formula and what was typed keep their points; figures and sentences have none. */
    private static final String POINTS = "return [...document.querySelectorAll('main *')]"
            + ".filter(e => !e.closest('.font-mono, .katex, code, [data-as-written]'))"
            + ".flatMap(e => [...e.childNodes]).filter(n => n.nodeType === 3)"
            + ".map(n => n.textContent).filter(t => /[0-9][.][0-9]/.test(t)).slice(0, 5)";

    private static final String TOOL = "24 mm bench chisel";

    @Test
    void figuresAndSentencesHaveOneDecimalSign() {
        try (Service service = Service.demo();
                Browser browser = new Browser(service.url(), 1280, 800, "de-DE")) {
            String tool = browser.open("/rack").press(TOOL).see("Set-up card").path();
            for (String page : List.of("", "/survey", "/angle", "/plan", "/log")) {
                browser.open(tool + page).see(TOOL);
                browser.settled();
                assertThat((List<?>) browser.script(POINTS))
                        .as("points on " + page)
                        .isEmpty();
            }
            browser.open(tool + "/plan").see("Step sheet");
            assertThat(browser.driver().findElement(By.tagName("main")).getText())
                    .containsPattern("[0-9],[0-9] µm");
            browser.open(tool + "/angle");
            browser.type("Last bevel", "32,5");
            browser.until(
                    "the angle as it was typed",
                    d -> d.findElement(By.tagName("main")).getText().contains("32,5"));
        }
    }
}
