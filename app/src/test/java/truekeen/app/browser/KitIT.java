package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;

/** A new stone goes on the shelf and the next plan uses it. */
class KitIT {
    private static Service service;

    @BeforeAll
    static void serve() {
        service = Service.demo();
    }

    @AfterAll
    static void stop() {
        service.close();
    }

    @Test
    void aStoneIsAddedAndThePlanChanges() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.onRack("18 mm skew chisel")
                    .press("18 mm skew chisel")
                    .see("Set-up card")
                    .press("Plan the work");
            browser.see("Step sheet");
            String before = browser.text();
            assertThat(before).doesNotContain("amber stone");

            browser.press("Kit").press("Add an abrasive");
            browser.type("What it is called here", "amber stone")
                    .choose("Kind", "vitrified diamond or CBN")
                    .choose("Grit standard", "MICRON")
                    .type("Grit as printed on it", "extra fine")
                    .see("Enter the maker's micrometres instead");
            browser.choose("Grit standard", "FEPA-F").type("Grit as printed on it", "2000");
            browser.see("1.2 µm, a row of the standard").see("The same number is another grain in another standard");
            browser.until(
                    "the same number on the scale of micrometres", d -> d.findElements(By.cssSelector("svg")).stream()
                            .anyMatch(e -> String.valueOf(e.getDomAttribute("aria-label"))
                                    .contains("JIS #2000 is 6.7")));
            browser.press("Add it to the shelf").see("amber stone");

            browser.press("Rack")
                    .type("Find by name, owner, kind or steel", "skew")
                    .press("18 mm skew chisel")
                    .press("Plan the work")
                    .see("Step sheet");
            browser.see("secondary on the amber stone");
        }
    }

    @Test
    void aThicknessIsPutDownAndWhatWearsOutIsSaid() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.open("/kit").see("What wears out, and when").unfold("What wears out, and when");
            browser.see("nothing can be said before the thickness is known")
                    .choose("Stone", "grey splasher")
                    .type("Thickness now", "thin")
                    .press("Save the thickness")
                    .see("“thin” does not read as a length");
            browser.type("Thickness now", "4").press("Save the thickness").see("Buy its like ahead: ceramic-bonded");
            assertThat(browser.accessibilityFaults()).isEmpty();
        }
    }

    @Test
    void twoScreensDoNotOverwriteEachOthersKit() {
        try (Browser first = new Browser(service.url(), 1280, 800);
                Browser second = new Browser(service.url(), 1280, 800)) {
            for (Browser b : new Browser[] {first, second}) {
                b.open("/kit").see("thread-cut tester");
                b.until("opening the tester", d -> {
                    d.findElements(By.tagName("button")).stream()
                            .filter(e -> e.getText().startsWith("thread-cut tester"))
                            .findFirst()
                            .orElseThrow()
                            .click();
                    return true;
                });
                b.see("A new utility blade reads (g)");
            }
            first.type("A new utility blade reads (g)", "120").press("Save it").see("reads 120 g");
            second.type("A new utility blade reads (g)", "99").press("Save it");
            second.see("changed on another screen");
            assertThat(second.typed("A new utility blade reads (g)")).isEqualTo("99");
        }
    }
}
