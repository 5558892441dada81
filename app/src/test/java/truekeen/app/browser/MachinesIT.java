package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** Blades of machines, from isolation to refit, as the grounds crew does it. */
class MachinesIT {
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
    void aMowerBarWithADentAndSixGramsOutFromIsolationToRefit() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.door("paddock bar", "grounds crew", "rotary mower bar: grass", "mower and spring steel")
                    .type("A Span", "510")
                    .type("B Cutting edge", "95")
                    .type("C Bar width", "55")
                    .type("D Replace at", "42")
                    .type("E Thickness", "4")
                    .type("F Bevel", "30")
                    .type("G Land", "0.5")
                    .type("H Bore", "12.7")
                    .press("Take it in, survey next")
                    .atPath(".*/survey$");
            // By its own address too, nothing is shown of the blade while the machine is not safe.
            browser.see("Not before the machine is safe");
            String tool = browser.path().replace("/survey", "");
            browser.open(tool + "/plan").see("Not before the machine is safe");
            browser.press("Make the machine safe").see("Which machine is this blade of?");
            browser.type("What you call it", "paddock mower")
                    .pick("petrol engine")
                    .type("Turns of the blade a minute", "3000")
                    .type("Weight of the blade", "700 g")
                    .press("Keep the machine")
                    .see("Make the paddock mower safe");
            makeSafe(browser, 5);
            inspect(browser, "no");
            browser.see("Fit to be worked").press("Record it as fit").atPath(".*/survey$");
            browser.press("Next look: nail").press("Dent").dragStrip(0.20, 0.23).see("1 Dent");
            browser.until("the depth", d -> {
                WebElement field = browser.field("deep");
                field.sendKeys(Keys.chord(Keys.CONTROL, "a"), Keys.DELETE);
                field.sendKeys("1.2");
                return true;
            });
            browser.see("1.2 mm");
            browser.press("Keep the survey, angle next")
                    .atPath(".*/angle$")
                    .press("Keep this set-up, plan next")
                    .atPath(".*/plan$")
                    .see("both ends alike");
            assertThat(browser.accessibilityFaults()).isEmpty();
            browser.press("Take this plan to the bench").atPath(".*/bench$").press("Start at the bench");
            Bench bench = new Bench(browser);
            bench.doStep();
            widths(browser, "Left end", "55", "55", "55");
            widths(browser, "Right end", "54.8", "54.8", "54.8");
            anotherTabGivesTheMachineBack(browser, tool);
            browser.see("Yes, go on");
            bench.doStep();
            bench.doStep();
            browser.see("Nothing is counted yet");
            browser.press("+20").press("+20");
            browser.keys(Keys.ARROW_RIGHT).see("behind");
            browser.press("+20");
            evenOut(browser, bench);
            widths(browser, "Left end", "53.8", "53.8", "53.8");
            widths(browser, "Right end", "54.4", "54.4", "54.4");
            browser.see("lost 0.8 mm less than the other");
            assertThat(browser.accessibilityFaults()).isEmpty();
            browser.tap("[data-count=SECOND_END]");
            widths(browser, "Right end", "53.6", "53.6", "53.6");
            browser.see("Lost: the left end 1.2 mm, the right end 1.2 mm").press("an even land");
            bench.doAll();
            browser.press("Hang it on the beam").atPath(".*/balance$");
            balance(browser);
            browser.press("Test the edge").see("The land").press("an even land").press("it stays level");
            browser.press("Judge the edge").see("Clean and refit it").press("Clean and refit it");
            browser.see("Put it back right way up")
                    .see("local rules and licensed service come first")
                    .press("Save it in the log")
                    .see("Enter the torque its maker’s manual gives");
            browser.type("Torque from the maker’s manual", "45 N·m")
                    .press("Save it in the log")
                    .atPath(".*/log$");
            browser.wholeLog()
                    .see("bolt at 45 N·m by the manual")
                    .see("Hung, try 1: 1500 g·mm, the left end heavy")
                    .see("6.38 g taken off the right end")
                    .see("Made safe by");
            // The machine is back together: the page that was left cannot be gone on with.
            browser.open(tool + "/bench").see("Not before the machine is safe");
            browser.script("history.back()");
            browser.atPath(".*/log$").wholeLog().see("Made safe by");
        }
    }

    /** Steel off the wrong end first: it is noticed, put right, and the bar is level on the third try. */
    private static void balance(Browser browser) {
        browser.pick("it dips: a mass keeps it level").pick("the right end");
        browser.type("Its mass (g)", "6").type("from the centre", "250");
        browser.press("Where steel would come off, and what this balancer tells")
                .type("Middle of the piece", "235");
        browser.see("Take 6.38 g off the left end").see("it shakes with 148 N");
        assertThat(browser.accessibilityFaults()).isEmpty();
        browser.press("Save this try").see("It is off: hang it again");
        browser.pick("the right end").press("It is off: hang it again").see("Hang it again: how does it stand?");
        browser.pick("the right end").type("Its mass (g)", "12").type("from the centre", "250");
        browser.see("It got worse: the other end");
        browser.press("Save this try")
                .see("It is off: hang it again")
                .press("It is off: hang it again")
                .see("Hang it again: how does it stand?");
        browser.pick("it stays level").press("It stays level: put it down").see("Test the edge");
    }

    /** Counts at the end that is behind until both have the same. */
    private static void evenOut(Browser browser, Bench bench) {
        bench.confirmed();
        while (bench.count("FIRST_END") != bench.count("SECOND_END")) {
            boolean left = bench.count("FIRST_END") < bench.count("SECOND_END");
            browser.keys(left ? Keys.ARROW_LEFT : Keys.ARROW_RIGHT);
            bench.confirmed();
        }
    }

    private static void anotherTabGivesTheMachineBack(Browser browser, String tool) {
        try (Browser other = new Browser(service.url(), 390, 844)) {
            other.open(tool + "/machine").see("is safe to reach into");
            other.press("The machine goes back together")
                    .type("Your name", "apprentice")
                    .press("It is no longer safe");
            other.see("Make the paddock mower safe");
            browser.see("The work stops here").see("is not recorded as safe");
            makeSafe(other, 5);
        }
        browser.see("Step ");
    }

    private static void widths(Browser browser, String end, String... mm) {
        String[] marks = {"inner", "middle", "outer"};
        for (int i = 0; i < mm.length; i++) {
            String label = end + ", " + marks[i] + " (mm)";
            String text = mm[i];
            // As a person does: into the field, everything marked, typed over.
            browser.driver()
                    .findElement(By.cssSelector("input[aria-label='" + label + "']"))
                    .sendKeys(Keys.chord(Keys.CONTROL, "a"), text, Keys.ENTER);
        }
    }

    /** Ticks every act and signs. */
    private static void makeSafe(Browser browser, int acts) {
        By boxes = By.cssSelector("ol[aria-label='Acts of making safe'] input");
        browser.until(acts + " acts", d -> browser.driver().findElements(boxes).size() == acts);
        browser.script(
                "document.querySelectorAll(\"ol[aria-label='Acts of making safe'] label\").forEach(l => l.click())");
        browser.type("Your name: you answer for it", "bench hand")
                .press("It is safe: put it down")
                .atPath(".*/inspect$");
    }

    /** Answers the first question so and the others with no, and measures what a sound bar measures. */
    private static void inspect(Browser browser, String cracked) {
        browser.press("Any crack? " + cracked)
                .press("Does a tip leave its track over a full turn? no")
                .press("Is the bolt hole oval or torn? no")
                .type("Left tip", "41")
                .type("Right tip", "41.6")
                .type("Wing, thinnest", "3.1")
                .type("Centre, thinnest", "3.8 mm");
    }

    @Test
    void aCrackedBladeEndsItsJobWithATag() {
        try (Browser browser = new Browser(service.url(), 390, 844)) {
            browser.onRack("orchard mower bar");
            String tool = (String) browser.script("return [...document.querySelectorAll('a')]"
                    + ".find(a => a.textContent === 'orchard mower bar').getAttribute('href')");
            browser.open(tool + "/survey").see("Not before the machine is safe").press("Make the machine safe");
            makeSafe(browser, 5);
            inspect(browser, "yes");
            browser.see("Reject it").see("it is cracked");
            assertThat(browser.accessibilityFaults()).isEmpty();
            browser.press("Reject the blade").see("Rejected: it does not go back on");
            browser.see("not straightened, heated or welded").see("Print its tag");
            String tag = (String) browser.script("return document.querySelector('a[href$=\"reject-tag.pdf\"]').href");
            Object size = browser.driver()
                    .executeAsyncScript(
                            "const done = arguments[1]; fetch(arguments[0]).then(r => r.blob())"
                                    + ".then(b => done(b.type + ' ' + (b.size > 2000)))",
                            tag);
            assertThat(size).isEqualTo("application/pdf true");
            browser.open(tool + "/plan").see("This blade is rejected").see("it is cracked");
            browser.onRack("orchard mower bar").see("See why it is rejected");
        }
    }

    @Test
    void aHedgeTrimmerOfTwiceTwentySevenTeethInterruptedAndResumed() {
        try (Browser browser = new Browser(service.url(), 800, 1280)) {
            browser.door("long trimmer", "grounds crew", "hedge trimmer: teeth", "mower and spring steel")
                    .type("A Teeth", "27")
                    .type("B Blades that cut, if any", "2")
                    .type("C Edge of a tooth", "22")
                    .type("D Tooth depth", "7")
                    .type("E Replace at", "4")
                    .type("F Thickness", "2.4")
                    .type("G Bevel", "40")
                    .press("Take it in, survey next");
            browser.press("Make the machine safe").see("Which machine is this blade of?");
            browser.pick("hedge trimmer")
                    .pick("It is a spare, not on the machine now")
                    .press("Keep the machine");
            makeSafe(browser, 4);
            browser.press("Any crack? no")
                    .press("Any crack at the root of a tooth? no")
                    .press("Is it bent, dished or twisted? no")
                    .type("How many", "1")
                    .press("Record it as fit")
                    .atPath(".*/survey$");
            browser.press("Keep the survey, angle next")
                    .atPath(".*/angle$")
                    .press("Keep this set-up, plan next")
                    .atPath(".*/plan$")
                    .see("every tooth")
                    .see("108");
            browser.press("Take this plan to the bench").atPath(".*/bench$").press("Start at the bench");
            Bench bench = new Bench(browser);
            while (!browser.text().contains("of 108 edges left")) {
                bench.doStep();
            }
            for (int i = 0; i < 40; i++) {
                browser.keys(" ");
            }
            left(browser, 68);
            browser.see("Tooth 21, left edge, upper blade");
            assertThat(browser.accessibilityFaults()).isEmpty();
            // Called away in the middle of the row; another person comes back to it on the same tablet.
            bench.confirmed();
            String address = browser.path();
            browser.open("/").see("long trimmer");
            browser.open(address).reload().see("Tooth 21, left edge, upper blade");
            left(browser, 68);
            browser.press("Broken: leave it out");
            left(browser, 67);
            browser.press("The edge after");
            browser.driver()
                    .findElement(By.cssSelector("input[inputmode=decimal]"))
                    .sendKeys("46");
            browser.press("Save it").see("stands at 46°");
            for (int i = 0; i < 66; i++) {
                browser.keys(" ");
            }
            left(browser, 1);
            browser.see("has not had its share").see("Look again");
            browser.keys(" ");
            left(browser, 0);
            browser.see("Every edge had its share").see("One edge is broken and left out.");
            bench.confirmed();
            browser.press("an even land");
            bench.doStep();
            while (!browser.text().contains("Widest gap")) {
                bench.doStep();
            }
            WebElement gap = browser.driver().findElement(By.cssSelector("input[aria-label='Widest gap (mm)']"));
            gap.sendKeys("0.6" + Keys.ENTER);
            browser.see("over 0.3 mm as a rule of thumb");
            gap.clear();
            gap.sendKeys("0.2" + Keys.ENTER);
            browser.see("within 0.3 mm");
            bench.doAll();
            browser.press("Test the edge")
                    .press("every tooth is done, all alike")
                    .press("Judge the edge")
                    .see("Clean and refit it");
        }
    }

    private static void left(Browser browser, int edges) {
        browser.until(
                edges + " edges left",
                d -> d.findElement(By.cssSelector("[data-left]")).getText().equals(String.valueOf(edges)));
    }
}
