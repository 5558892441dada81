package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Tasks of people who bring something other than a chisel. */
class FamiliesIT {
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
    void aBevelUpSmootherGetsACamberFromNothing() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.door("walnut smoother", "boat shed", "plane iron bevel up: figured wood", "plain carbon")
                    .see("The angle at which the iron lies")
                    .type("A Width", "60 mm")
                    .type("B Thickness", "1/8\"")
                    .type("C Usable length", "70")
                    .type("D Worn out at", "20")
                    .type("E Bed", "12")
                    .type("F Primary bevel", "43")
                    .see("understood: 3.175 mm")
                    .press("Take it in, survey next")
                    .atPath(".*/survey$")
                    .see("This edge wants");
            browser.press("Since last time")
                    .pick("is not known")
                    .press("Keep the survey, angle next")
                    .atPath(".*/angle$");
            browser.press("What it comes to in use")
                    .see("cutting angle")
                    .see("55.00°")
                    .see("clearance")
                    .see("12.00°");
            browser.type("below the sole", "0.08").see("0.385mm").see("the corners stand back by this");
            browser.type("depth of cut", "0.04").type("strokes", "31").see("31 strokes across the iron");
            browser.press("why: camber on the iron").see("c = c′/sin φ");
            // a back bevel eats what clearance there is
            browser.type("angle", "3")
                    .see("Only 9° of clearance")
                    .type("angle", "12")
                    .see("leaves no clearance");
            browser.type("angle", "").seeNoMore("leaves no clearance");
            browser.type("Name of this set-up", "walnut");
            browser.press("Keep this set-up, plan next").atPath(".*/plan$");
            browser.see("Step sheet").press("Take this plan to the bench").atPath(".*/bench$");
            browser.press("Start at the bench").atPath(".*/bench/[0-9a-f-]{36}$");
            new Bench(browser).toFirstCount();
            browser.see("Camber: left corner to right");
        }
    }

    @Test
    void aHardThinKnifeThatChippedTwiceGoesToTheLog() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.door("cheese knife", "dairy and kitchen", "kitchen knife: slicing hard thin blade", "plain carbon")
                    .type("A Edge length", "180 mm")
                    .type("B Straight part", "110")
                    .type("C Tip rise", "20")
                    .type("D Blade width", "46")
                    .type("E Worn out at", "34")
                    .type("F Spine thickness", "2")
                    .type("G Behind the edge", "2.5")
                    .type("H Edge bevel, a side", "13")
                    .type("I Secondary bevel, if any", "15")
                    .type("J Its width, if any", "0.08")
                    .see("a blade tapers toward its edge")
                    .type("G Behind the edge", "0.3")
                    .seeNoMore("a blade tapers toward its edge")
                    .press("Take it in, survey next")
                    .atPath(".*/survey$");
            browser.see("behind the edge after")
                    .press("Chip")
                    .dragStrip(0.40, 0.41)
                    .see("1 Chip");
            browser.type("deep", "0.1 mm").see("the damage goes with the honing");
            assertThat(browser.text()).doesNotContain("Square").doesNotContain("The back");
            browser.press("Keep the survey, angle next").atPath(".*/angle$");
            browser.press("What happened before")
                    .see("No history of this tool yet")
                    .see("30.0°");
            browser.press("Why these");
            browser.type("at a last bevel of", "13").press("It chipped").see("chipped once in one sharpening");
            browser.type("at a last bevel of", "15").press("It chipped").see("chipped twice in two sharpenings");
            browser.see("asks for a last bevel of 18°").see("36.0°").see("18.0");
            browser.type("other primary", "15").type("other last bevel", "18").see("the other, dash-dotted");
            browser.type("other primary", "").type("other last bevel", "").seeNoMore("dash-dotted");
            assertThat(browser.text()).contains("13° primary and 5° more");
            browser.press("Keep this set-up, plan next").atPath(".*/plan$").see("Step sheet");
            browser.see("per side, from the mid-plane")
                    .press("Take this plan to the bench")
                    .atPath(".*/bench$");
            browser.press("Start at the bench").atPath(".*/bench/[0-9a-f-]{36}$");
            Bench bench = new Bench(browser);
            List<String> done = bench.doAll();
            assertThat(done).anyMatch(t -> t.startsWith("Find 18° per side")).anyMatch(t -> t.contains("bevels"));
            browser.press("Test the edge").atPath(".*/test$");
            bench.test("130", "128", "131", "127", "133");
            browser.see("Keen")
                    .press("Clean and refit it")
                    .press("Save it in the log")
                    .atPath(".*/log$")
                    .see("Worked at the bench");
        }
    }

    @Test
    void aSingleBevelKnifeKeepsItsBroadFace() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.door("eel knife", "dairy and kitchen", "single-bevel knife: edge bevel", "plain carbon")
                    .type("A Edge length", "165")
                    .type("B Straight part", "105")
                    .type("C Tip rise", "18")
                    .type("D Blade width", "46")
                    .type("E Worn out at", "34")
                    .type("F Spine thickness", "4.5")
                    .type("G Broad face", "11")
                    .type("H Edge bevel", "10")
                    .type("I Its width", "0.9")
                    .type("J Back hollow", "0.25")
                    .see("must be steeper than the broad face")
                    .type("H Edge bevel", "26")
                    .seeNoMore("must be steeper than the broad face");
            browser.press("What may be done to it, and what may not").see("the hollow back is only kissed");
            browser.press("Take it in, survey next")
                    .atPath(".*/survey$")
                    .press("The back")
                    .see("The back, near the edge");
            browser.press("Keep the survey, angle next").atPath(".*/angle$");
            browser.see("broad face").see("26.0").see("Included");
            // What could only be refused is not asked for; why stands in its place.
            browser.see("a secondary bevel is not for a single-bevel knife").seeNoMore("Last bevel\n");
            browser.type("Bevel", "30").see("30.0");
            browser.press("Keep this set-up, plan next").atPath(".*/plan$").see("Step sheet");
        }
    }

    @Test
    void aJackIronTakesANarrowShavingAndMayBeAnException() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.door("planking jack", "boat shed", "plane iron bevel down: jack and scrub", "low-alloy tool steel")
                    .type("A Width", "50")
                    .type("B Thickness", "3")
                    .type("C Usable length", "62")
                    .type("D Worn out at", "18")
                    .type("E Bed", "45")
                    .type("F Primary bevel", "28")
                    .press("Take it in, survey next")
                    .atPath(".*/survey$")
                    .see("This edge wants");
            browser.press("Keep the survey, angle next").atPath(".*/angle$");
            browser.press("Why these").see("type it to have it").press("What it comes to in use");
            browser.type("below the sole", "1.2")
                    .type("depth of cut", "0.6")
                    .see("185")
                    .see("35.4mm");
            browser.type("depth of cut", "1.3").see("the full width: the corners mark the board");
            browser.type("or thin rule", "0.5").type("its reach", "60").see("45.48°");
            String angle = browser.path();
            browser.open(angle.replace("/angle", "")).press("House rules of this tool");
            browser.see("House rules of the planking jack").unfold("Plane irons");
            browser.choose("This tool: camber of plane irons", "None, corners eased");
            browser.open(angle).type("below the sole", "").seeNoMore("strokes across the iron");
            browser.open("/house-rules")
                    .unfold("Plane irons")
                    .see("The shop: camber of plane irons")
                    .see("Honed at stations");
        }
    }
}
