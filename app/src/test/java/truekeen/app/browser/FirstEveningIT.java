package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** From the empty board to the first counted stroke: how many screens, how many fields. */
class FirstEveningIT {
    private final Set<String> screens = new LinkedHashSet<>();
    private int fields;

    private void seen(Browser browser) {
        String path = (String) browser.script("return location.pathname");
        screens.add(path.replaceAll("[0-9a-f]{8}-[0-9a-f-]{27}", "id"));
    }

    private void act(Browser browser, String words, String path) {
        browser.press(words).atPath(path);
        seen(browser);
    }

    @Test
    void aChiselIsAtTheStoneAfterEightScreensAndAFieldOrTwo() {
        try (Service service = Service.empty();
                Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.open("/").see("Nothing is here yet");
            seen(browser);
            act(browser, "Begin: the first evening", ".*/first$");
            browser.see("What do you sharpen first?").see("Touch what you have first");
            assertThat(browser.accessibilityFaults()).isEmpty();
            browser.press("Two-sided water stone 1000 / 6000").press("roller guide");
            browser.see("Say how your rule reads first").press("millimetres");
            act(browser, "Take the first one in", ".*/take-in[?]first=.*");
            browser.see("as usual, not measured");
            browser.type("A Width", "24");
            fields++;
            assertThat(browser.accessibilityFaults()).isEmpty();
            act(browser, "Take it in, survey next", ".*/survey$");
            browser.see("This edge wants");
            act(browser, "Keep the survey, angle next", ".*/angle$");
            browser.see("usual ones, not measured");
            act(browser, "Keep this set-up, plan next", ".*/plan$");
            browser.see("Step sheet");
            act(browser, "Take this plan to the bench", ".*/tools/[0-9a-f-]{36}/bench$");
            act(browser, "Start at the bench", ".*/bench/[0-9a-f-]{36}$");
            Bench bench = new Bench(browser);
            bench.toFirstCount();
            browser.keys(" ");
            browser.until("the first stroke", d -> bench.count("BEVEL") == 1);
            bench.confirmed();
            assertThat(screens).hasSizeLessThanOrEqualTo(8);
            assertThat(fields).isLessThanOrEqualTo(10);
            // what one touch put there can be changed like anything on the shelf
            browser.open("/kit").see("water stone 1000").see("water stone 6000").see("roller guide");
        }
    }

    @Test
    void aKnifeByHandOnAPhoneAndWhatIsNotKnownIsTakenAsUsual() {
        try (Service service = Service.empty();
                Browser browser = new Browser(service.url(), 390, 844)) {
            browser.open("/first").see("What holds it?");
            browser.press("kitchen knife").press("Diamond plate 400 / 1000").press("Strop with compound");
            browser.press("millimetres").press("Take the first one in").atPath(".*/take-in[?]first=.*");
            browser.see("dimensions are as usual");
            browser.type("A Edge length", "");
            browser.press("I do not know the rest: take what is usual");
            assertThat(browser.typed("A Edge length")).isEqualTo("180");
            browser.press("Take it in, survey next").see("This edge wants").press("Keep the survey, angle next");
            browser.see("Why these").press("Keep this set-up, plan next").see("Step sheet");
            assertThat(browser.text()).contains("diamond plate");
        }
    }

    @Test
    void aToolIsFoundOnTheRackByAWordAndWhatIsDueStandsFirst() {
        try (Service service = Service.demo();
                Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.open("/rack").see("The rack").type("Find by name, owner, kind or steel", "knife pocket");
            browser.see("1 of ").see("pocket knife").seeNoMore("drawknife");
            browser.type("Find by name, owner, kind or steel", "anvil").see("Nothing on the rack has all of this");
            browser.type("Find by name, owner, kind or steel", "").choose("In the order of", "what is due first");
            // What is promised for today stands before what is promised for later.
            browser.see("wanted today");
            assertThat(browser.text().indexOf("8 mm bench chisel"))
                    .isBetween(1, browser.text().indexOf("10 mm mortise chisel"));
            assertThat(browser.accessibilityFaults()).isEmpty();
        }
    }
}
