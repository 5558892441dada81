package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** A chisel from the door to the log, on the kit of the demonstration. */
class ChiselPathIT {
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
    void aChippedChiselIsMendedFailsItsTestGoesBackAndPasses() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            takeIn(browser);
            survey(browser);
            setTheAngle(browser);
            plan(browser);
            Bench bench = new Bench(browser);
            workWithAReload(browser, bench);
            failAndGoBack(browser, bench);
            passAndLog(browser, bench);
        }
    }

    private static void takeIn(Browser browser) {
        browser.open("/").see("What now").press("Take a tool in").see("each family has its own");
        browser.type("What it is called here", "20 mm firmer")
                .choose("Whose it is", "boat shed")
                .choose("Kind of tool, and its work", "bench chisel: general bench work")
                .choose("Steel", "low-alloy tool steel")
                .type("A Width", "20 mm")
                .type("B Thickness", "3.4")
                .type("C Usable length", "3 1/2\"")
                .type("D Worn out at", "20")
                .type("or bevel length", "8.04")
                .type("F Secondary bevel, if any", "30")
                .type("G Its width, if any", "0.7");
        browser.see("understood: 88.9 mm").see("mm misread is").see("25.02°");
        browser.type("What the owner said", "Slipped off a bronze rove.");
        browser.press("Take it in, survey next").atPath(".*/survey$").see("This edge wants");
    }

    private static void survey(Browser browser) {
        browser.see("Full honing");
        browser.press("Chip").dragStrip(0.30, 0.35).see("1 Chip");
        browser.type("deep", "0.4 mm").see("Repair");
        // By keyboard: a bright line at the right end, then taken back.
        browser.press("Bright line");
        browser.strip().sendKeys(Keys.END, Keys.ARROW_LEFT, Keys.ENTER);
        browser.see("2 Bright line").press("Undo").seeNoMore("2 Bright line");
        // The chip in hand, by keyboard: two millimetres to the right, a millimetre wider.
        String from = browser.typed("from");
        browser.press("Move mark 1 on the strip");
        browser.strip().sendKeys(Keys.ARROW_RIGHT, Keys.ARROW_RIGHT, "+", Keys.ESCAPE);
        browser.until(
                "the chip to have moved",
                d -> Math.abs(Double.parseDouble(browser.typed("from")) - Double.parseDouble(from) - 1.5) < 0.06);
        browser.press("Next look: nail").see("Each catch is a chip").press("Next look: square");
        browser.pick("Right").type("off by", "0.5°");
        browser.see("off the length").see("steel left after");
        browser.press("Keep the survey, angle next").atPath(".*/angle$");
    }

    private static void setTheAngle(Browser browser) {
        browser.see("is kept: no steel goes for it")
                .see("Projection for the secondary, 30")
                .see("Half a millimetre is");
        browser.type("Last bevel", "31°").see("31.0");
        browser.press("why: projection for the secondary")
                .see("P = (r + d·cos θ)/sin θ − s")
                .see("derived here");
        browser.type("Name of this set-up", "bench, 31");
        browser.press("Keep this set-up, plan next").atPath(".*/plan$");
    }

    private static void plan(Browser browser) {
        browser.see("The honed bevel")
                .see("Step sheet")
                .see("time at the bench")
                .see("First estimate");
        assertThat(browser.text()).contains("bench grinder").contains("slow wet wheel");
        // More steel than hands should take: the plan begins with a machine that is owned; one choice changes that.
        browser.see("Eye protection");
        browser.pick("stones, by hand").seeNoMore("Eye protection");
        browser.pick("bench grinder").see("Grind blunt to the line").see("Eye protection");
        browser.press("Take this plan to the bench").atPath(".*/bench$");
        browser.press("Start at the bench").atPath(".*/bench/[0-9a-f-]{36}$");
    }

    private static void workWithAReload(Browser browser, Bench bench) {
        browser.see("Ink and scribe the new edge");
        String first = bench.toFirstCount();
        browser.press("+5").keys(" ").keys(Keys.PAGE_DOWN);
        browser.until("counting seven", d -> bench.count("BEVEL") == 7);
        bench.confirmed();
        browser.reload();
        browser.until("the same stroke after a reload", d -> bench.count("BEVEL") == 7);
        assertThat(bench.step()).isEqualTo(first);
        browser.keys(Keys.BACK_SPACE);
        browser.until("one taken back", d -> bench.count("BEVEL") == 6);
        browser.press("Not yet").see("Stay on this stone");
        assertThat(bench.step()).isEqualTo(first);
        List<String> done = bench.doAll();
        assertThat(done).anyMatch(t -> t.startsWith("Take the burr off")).anyMatch(t -> t.startsWith("Strop on"));
        browser.press("Test the edge").atPath(".*/test$");
    }

    private static void failAndGoBack(Browser browser, Bench bench) {
        browser.see("Force at five stations");
        browser.dragStrip(0.75, 0.95).see("bright line or dots, 15");
        bench.test("95", "94", "97", "99", "181");
        browser.see("Not keen yet").see("The apex was not reached").see("Back to the first stone");
        browser.press("Go back to the stones").atPath(".*/bench/.*").see("Step ");
        String back = bench.toFirstCount();
        assertThat(back).startsWith("Work ").contains("to 20 mm on the");
        bench.doAll();
        browser.press("Test the edge").atPath(".*/test$");
    }

    private static void passAndLog(Browser browser, Bench bench) {
        bench.test("95", "94", "97", "99", "101");
        browser.see("Keen")
                .seeNoMore("Not keen yet")
                .press("Clean and refit it")
                .press("Save it in the log")
                .atPath(".*/log$");
        browser.wholeLog()
                .see("Worked at the bench")
                .see("Not keen yet: index")
                .see("Keen: index")
                .see("went, as planned");
        browser.see("Surveyed: Repair").see("“bench, 31”").see("Slipped off a bronze rove.");
        assertThat(browser.driver().findElements(By.linkText("Export as JSON"))).hasSize(1);
        browser.onRack("20 mm firmer");
        assertThat(browser.text()).containsPattern("20 mm firmer\\s+boat shed.* · ready");
    }
}
