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
            browser.see("Before the first step").see("Under the nail: a burr nowhere");
            String shaping = (String) browser.script("return [...document.querySelectorAll('label')]"
                    + ".map(l => l.innerText.trim()).find(t => t.startsWith('leave out: Shape'))");
            browser.pick(shaping).press("Try it").see("Otherwise:").see("The gate held at");
            browser.pick("Watch it done otherwise").see("Index");
            browser.type("Steeper, °", "80").press("Try it").see("80");
        }
    }
}
