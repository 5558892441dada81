package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** A mortise chisel in another steel, in an empty shop whose shelf the person fills first. */
class MortiseChiselIT {

    @Test
    void fromAnEmptyShopToTheLog() {
        try (Service service = Service.empty();
                Browser browser = new Browser(service.url(), 800, 1280)) {
            browser.open("/").see("Nothing is here yet");
            fillTheKit(browser);
            takeIn(browser);

            browser.pick("Light along it").see("Full honing");
            browser.press("Keep the survey, angle next").atPath(".*/angle$");
            // 5° of step on 30° clear the floor of this steel, 28°; the deep guide is the one that clears the blade.
            browser.see("35.0").see("Projection for the secondary, 35");
            assertThat(browser.text()).doesNotContain("fouls");
            browser.press("Keep this set-up, plan next").atPath(".*/plan$").see("Step sheet");

            assertThat(browser.text()).contains("orange plate").contains("slate plate");
            assertThat(browser.text()).doesNotContain("cream finisher").doesNotContain("snow stone");
            browser.press("Take this plan to the bench").press("Start at the bench");
            Bench bench = new Bench(browser);
            List<String> done = bench.doAll();
            assertThat(done).anyMatch(t -> t.contains("plate"));
            assertThat(done).noneMatch(t -> t.startsWith("Strop"));

            browser.press("Test the edge");
            bench.test("130", "131", "128", "133", "129");
            // Mallet work passes at 1.10: the same readings would fail a chisel for general work.
            browser.see("mallet and site work")
                    .see("Keen")
                    .press("Clean and refit it")
                    .press("Save it in the log")
                    .see("Keen: index");
        }
    }

    private static void fillTheKit(Browser browser) {
        browser.press("Kit").see("What cuts goes here");
        for (String[] plate : new String[][] {{"orange plate", "325"}, {"slate plate", "1200"}}) {
            browser.press("Add an abrasive")
                    .type("What it is called here", plate[0])
                    .choose("Kind", "plated diamond plate")
                    .choose("Grit standard", "MESH")
                    .type("Grit as printed on it", plate[1])
                    .press("Add it to the shelf")
                    .see(plate[0])
                    .seeNoMore("Grit as printed on it");
        }
        browser.press("Add an abrasive")
                .type("What it is called here", "lapping film")
                .choose("Kind", "lapping film on glass")
                .choose("Grit standard", "MICRON")
                .type("Grit as printed on it", "3")
                .see("3 µm, as stated")
                .press("Add it to the shelf")
                .seeNoMore("Grit as printed on it");
        browser.press("Add what holds an angle")
                .pick("its dimensions")
                .type("What it is called here", "deep guide")
                .type("A Roller radius", "8")
                .type("B Axle below the back", "20")
                .type("C Axle set back", "9")
                .press("Save it")
                .see("axle below the back 20 mm");
        browser.press("Add a tester")
                .type("What it is called here", "thread tester")
                .type("A new utility blade reads (g)", "121 g")
                .press("Save it")
                .see("reads 121 g");
    }

    private static void takeIn(Browser browser) {
        browser.press("Board").press("Take a tool in").see("Name the first one");
        browser.type("Owner or crew", "boat shed").press("Add this owner").seeNoMore("Name the first one");
        browser.type("What it is called here", "keelson mortiser")
                .choose("Kind of tool, and its work", "mortise chisel: chopping")
                .choose("Steel", "high-chromium tool steel")
                .type("A Width", "3/8\"")
                .type("B Thickness", "10")
                .type("C Usable length", "120")
                .type("D Worn out at", "30")
                .type("E Primary bevel", "30")
                .press("Take it in, survey next")
                .atPath(".*/survey$")
                .see("This edge wants");
    }
}
