package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;

/** The ladder worked by hand: rungs are pulled, answers compared, and a shelf that cannot do it says the way out. */
class LadderIT {
    private static WebElement knob(Browser browser, String label) {
        return browser.until(
                "the knob “" + label + "”", d -> d.findElement(By.cssSelector("[aria-label='" + label + "']")));
    }

    private static void pull(Browser browser, String label, int by) {
        WebElement knob = knob(browser, label);
        browser.script("arguments[0].scrollIntoView({block: 'center', behavior: 'instant'})", knob);
        // By its place on the screen: the driver misses parts of drawings on a page that is scrolled.
        int x = ((Number) browser.script("return arguments[0].getBoundingClientRect().left + 24", knob)).intValue();
        int y = ((Number) browser.script("return arguments[0].getBoundingClientRect().top + 22", knob)).intValue();
        new Actions(browser.driver())
                .moveToLocation(x, y)
                .clickAndHold()
                .moveByOffset(by, 0)
                .release()
                .perform();
    }

    @Test
    void aRungIsPulledOffThePathAndBackAndTheCostFollows() {
        try (Service service = Service.demo();
                Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.onRack("24 mm bench chisel")
                    .press("24 mm bench chisel")
                    .see("Set-up card")
                    .stage("Plan");
            browser.see("What matters most").see("Least time");

            pull(browser, "Leave the grey splasher on the shelf", 60);
            browser.see("left on the shelf by you").see("As you pulled it:");
            assertThat(browser.text()).containsPattern("As you pulled it: [0-9.]+ (s|min) more than the quickest");
            browser.driver().navigate().refresh();
            browser.see("As you pulled it:").see("left on the shelf by you");

            // Back with the keyboard; then one onto the path that the plan would not have taken.
            knob(browser, "Use the grey splasher").sendKeys(Keys.ENTER);
            browser.seeNoMore("left on the shelf by you").seeNoMore("As you pulled it:");
            pull(browser, "Use the cream finisher", -60);
            browser.see("as you asked").see("As you pulled it:");
            browser.press("This is the way I always do it").see("kept as the way you always do it");
            browser.press("Put all rungs back").seeNoMore("As you pulled it:").see("the way I always do it");
            assertThat(browser.accessibilityFaults()).isEmpty();

            browser.press("The same work in other schools").see("Freehand on one flat bevel");
            browser.see("every scratch is replaced on all of it");
            browser.until("the sheet of another school", d -> {
                d.findElements(By.tagName("button")).stream()
                        .filter(b -> b.getText().startsWith("A burr at every stone"))
                        .findFirst()
                        .orElseThrow()
                        .click();
                return d.getPageSource().contains("corner of soft wood");
            });
        }
    }

    private static void shelve(Browser browser, String name, String kind, String standard, String grit) {
        browser.press("Add an abrasive")
                .type("What it is called here", name)
                .choose("Kind", kind)
                .choose("Grit standard", standard)
                .type("Grit as printed on it", grit)
                .press("Add it to the shelf");
        browser.until(
                "the piece on the shelf",
                d -> d.findElements(By.cssSelector("section[aria-label=Abrasives] li")).stream()
                        .anyMatch(li -> li.getText().startsWith(name)));
    }

    @Test
    void powderSteelOnOxideStonesIsRefusedAndOnePlateIsTheWayOut() {
        try (Service service = Service.empty();
                Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.open("/kit").see("What cuts goes here");
            shelve(browser, "red brick", "aluminium oxide water stone", "JIS", "#800");
            shelve(browser, "white stone", "ceramic-bonded water stone", "JIS", "#6000");
            browser.open("/take-in").see("Name the first one");
            browser.type("Owner or crew", "tenants").press("Add this owner").seeNoMore("Name the first one");
            browser.type("What it is called here", "powder chisel")
                    .choose("Kind of tool, and its work", "bench chisel: general bench work")
                    .choose("Steel", "powder high-vanadium")
                    .type("A Width", "19")
                    .type("B Thickness", "3.2")
                    .type("C Usable length", "80")
                    .type("D Worn out at", "20")
                    .type("E Primary bevel", "25")
                    .press("Take it in, survey next")
                    .see("This edge wants")
                    .press("Keep the survey, angle next")
                    .see("Why these")
                    .press("Keep this set-up, plan next");
            browser.see("carbides").see("What would help").see("makes possible: powder chisel");
            assertThat(browser.text()).doesNotContain("Take this plan to the bench");
            assertThat(browser.accessibilityFaults()).isEmpty();

            browser.press("Look at the shelf");
            shelve(browser, "black plate", "plated diamond plate", "MESH", "600");
            browser.press("Rack").press("powder chisel").press("Plan the work").see("Step sheet");
            browser.see("on the black plate").see("best this shelf can do");
        }
    }
}
