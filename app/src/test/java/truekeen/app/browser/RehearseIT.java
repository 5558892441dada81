package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** A plan is rehearsed before any steel is touched, and tried otherwise. */
class RehearseIT {
    @Test
    void aPlanIsWatchedAndTriedWithoutItsFirstStone() {
        try (Service service = Service.demo();
                Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.onRack("8 mm bench chisel").press("Start at the bench").atPath(".*/bench$");
            browser.open(browser.path().replace("/bench", "/plan"))
                    .press("Rehearse the plan that was chosen")
                    .see("As planned:")
                    .see("Comes out keen");
            assertThat(browser.accessibilityFaults()).isEmpty();
            browser.driver().findElement(By.cssSelector("input[type=range]")).sendKeys(Keys.HOME);
            browser.see("Before the first step").see("a burr nowhere").see("is torn, not cut");
            String shaping = (String) browser.script("return [...document.querySelectorAll('input')]"
                    + ".map(i => i.getAttribute('aria-label') ?? '').find(t => t.startsWith('left out: Shape'))");
            browser.press(shaping.replace("left out: ", ""))
                    .tap("input[aria-label='" + shaping + "']")
                    .press("Try it")
                    .see("Otherwise:");
            browser.see("The gate held at").see("side by side");
            assertThat(browser.accessibilityFaults()).isEmpty();
            browser.driver().findElement(By.cssSelector("input[type=range]")).sendKeys(Keys.HOME);
            browser.press("Play").see("Pause");
            browser.until("it moves by itself", d -> !browser.text().contains("Before the first step"));
            browser.press("As planned again");
            browser.until("what was tried is gone", d -> !browser.text().contains("Otherwise:"));
            // What is refused is said at its field; nothing in view and nothing typed is lost.
            browser.type("Steeper, °", "80")
                    .press("Try it")
                    .see("not believable here")
                    .see("As planned:");
            assertThat(browser.script("return [...document.querySelectorAll('input')].some(i => i.value === '80')"))
                    .isEqualTo(true);
        }
    }
}
