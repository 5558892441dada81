package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** A busy shop: the most overdue of two hundred tools, and what was put in wrongly put right, each as one person's task. */
class PutRightIT {
    /** Takes as many tools in as a shop has, one of them promised for yesterday and the others for later or never. */
    private static final String FILL =
            """
            const [count, late, later, done] = arguments;
            const post = (path, body) => fetch('/api/v1' + path, {
                method: 'POST', headers: {'Content-Type': 'application/json'}, body: JSON.stringify(body)
            }).then(r => r.json());
            (async () => {
                const owner = await post('/crews', {name: 'parish hall'});
                const dimensions = {width: '24', thickness: '3.2', usableLength: '90', retireLength: '20', primary: '25'};
                for (let i = 1; i <= count; i++) {
                    await post('/tools', {
                        name: `chisel ${i}`, crewId: owner.id, trade: 'bench chisel / general bench work',
                        steel: 'plain carbon', hardness: '', dimensions, note: '',
                        wantedBy: i === 137 ? late : i % 3 === 0 ? later : '', version: 0
                    });
                }
                done('filled');
            })().catch(e => done(String(e)));
            """;

    @Test
    void theMostOverdueOfTwoHundredIsFoundAndBegun() {
        try (Service service = Service.empty();
                Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.open("/").see("Nothing is here yet");
            LocalDate today = Service.TODAY;
            assertThat(browser.driver()
                            .executeAsyncScript(
                                    FILL,
                                    200,
                                    today.plusDays(1).toString(),
                                    today.plusDays(20).toString()))
                    .isEqualTo("filled");
            service.promisedForYesterday("chisel 137");
            browser.open("/")
                    .see("Promised for a day that is past")
                    .see("chisel 137")
                    .see("All 200 tools");
            assertThat(((Number) browser.script("return document.querySelectorAll('main li').length")).intValue())
                    .as("lines of one screen")
                    .isLessThan(9);
            browser.press("Survey the edge").atPath(".*/survey$").see("chisel 137");

            browser.open("/rack").see("Show 24 more of 176").type("Find by name, owner, kind or steel", "chisel 150");
            browser.see("1 of 200 tools").press("chisel 150").see("Set-up card");
        }
    }

    @Test
    void aWrongToolAWrongOwnerAndAWrongStroke() {
        try (Service service = Service.demo();
                Browser browser = new Browser(service.url(), 1280, 800)) {
            // A tool taken in under a wrong name, by a wrong owner.
            browser.onRack("pocket knife").press("pocket knife").see("Set-up card");
            browser.unfold("Rename, take out of use, delete").press("Change its name, owner or dimensions");
            browser.atPath(".*/take-in$")
                    .type("What it is called here", "folding knife")
                    .press("Save the change");
            browser.see("Set-up card").see("folding knife");

            // One that should not be there at all, and after all should.
            browser.unfold("Rename, take out of use, delete")
                    .press("Delete it…")
                    .see("can be brought back from the foot of the rack");
            assertThat(browser.accessibilityFaults()).isEmpty();
            browser.press("Delete folding knife").atPath(".*/rack.*").see("can be brought back until");
            browser.press("Bring back folding knife").seeNoMore("can be brought back until");
            browser.onRack("folding knife").press("folding knife").see("Set-up card");
            browser.unfold("Rename, take out of use, delete")
                    .press("Take it out of use")
                    .see("Use it again");
            browser.press("Use it again").see("Take it out of use");

            // An owner's name, where it stands at each of its tools.
            browser.press("Shop").press("Change boat shed").type("What this owner is called", "boat house");
            browser.press("Save the name").see("Change boat house");
            browser.onRack("24 mm bench chisel").see("boat house");

            // A person added where one is chosen, and taken off the list and back on.
            browser.chooseIn("select[aria-label='Who works at this device']", "someone new");
            browser.typeInto("input[aria-label='Name of who works here']", "Ottilie")
                    .press("Add");
            browser.press("Shop").press("Change Ottilie").press("Take Ottilie off the list");
            browser.see("Ottilie is off the list").press("Undo").see("Change Ottilie");
            assertThat(browser.accessibilityFaults()).isEmpty();

            // A stroke too many.
            browser.open("/").press("Go on at the bench").atPath(".*/bench/[0-9a-f-]{36}$");
            browser.press("Take it over here").seeNoMore("on another device");
            Bench bench = new Bench(browser);
            bench.toFirstCount();
            int before = bench.count("BEVEL");
            browser.keys(Keys.SPACE);
            browser.until("one more", d -> bench.count("BEVEL") == before + 1);
            bench.confirmed();
            browser.press("Undo");
            browser.until("as before", d -> bench.count("BEVEL") == before);
        }
    }

    @Test
    void aListThatIsReadInSaysHowFarItIsAndIsStopped(@TempDir Path folder) throws Exception {
        StringBuilder list = new StringBuilder("at,title\n");
        for (int i = 0; i < 300; i++) {
            list.append("2019-04-0")
                    .append(1 + i % 9)
                    .append(",old line ")
                    .append(i)
                    .append('\n');
        }
        Path file = Files.writeString(folder.resolve("log.csv"), list);
        try (Service service = Service.demo();
                Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.onRack("12 mm bench chisel")
                    .press("12 mm bench chisel")
                    .see("Set-up card")
                    .stage("Log")
                    .see("Import a CSV");
            try (Service.WritingHeld held = service.writingHeld("log_note")) {
                browser.driver().findElement(By.cssSelector("input[type=file]")).sendKeys(file.toString());
                browser.see("0 of 300 lines read.");
                assertThat(browser.accessibilityFaults()).isEmpty();
                browser.press("Stop").see("Stopping…");
                held.release();
                browser.see("Stopped. Nothing was changed.");
            }
            browser.reload().see("Import a CSV").seeNoMore("old line");
            browser.driver().findElement(By.cssSelector("input[type=file]")).sendKeys(file.toString());
            browser.see("300 lines would be added").press("Read it in").see("300 lines added");
        }
    }

    @Test
    void aListOfToolsIsTriedBeforeItIsReadIn(@TempDir Path folder) throws IOException {
        Path file = Files.writeString(
                folder.resolve("tools.csv"),
                "name,owner,kind,steel,width,thickness,usableLength,retireLength,primary\r\n"
                        + "list chisel,evening class,bench chisel / general bench work,low-alloy tool steel,18,3.5,90,20,25\r\n");
        try (Service service = Service.demo();
                Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.open("/shop").unfold("Tools and people as lists");
            By tools = By.xpath("//label[contains(., 'Import tools as CSV')]//input");
            browser.until("the place for a list", d -> d.findElement(tools)).sendKeys(file.toString());
            browser.see("1 tool would be taken in (list chisel)").see("New owners: evening class");
            assertThat(browser.accessibilityFaults()).isEmpty();
            browser.press("Leave it").seeNoMore("would be taken in");
            assertThat(browser.text()).doesNotContain("Change evening class");
            browser.driver().findElement(tools).sendKeys(file.toString());
            browser.see("would be taken in")
                    .press("Read it in")
                    .see("1 tool taken in")
                    .see("Change evening class");
            browser.onRack("list chisel").see("evening class");
        }
    }

    @Test
    void aNoteAndAStoneAreTakenBack() {
        try (Service service = Service.demo();
                Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.onRack("12 mm bench chisel")
                    .press("12 mm bench chisel")
                    .see("Set-up card")
                    .stage("Log");
            browser.press("Add a note")
                    .type("Note, in a line", "Handle cracked")
                    .press("Save the note");
            browser.see("Handle cracked")
                    .press("Delete “Handle cracked”")
                    .see("was deleted")
                    .press("Undo");
            browser.see("Handle cracked")
                    .see("Strokes of a session")
                    .press("More curves")
                    .see("Last bevel, degrees");
            assertThat(browser.accessibilityFaults()).isEmpty();
            browser.open("/kit").see("What holds the angle").press("Add a tester");
            browser.type("What it is called here", "old tester")
                    .type("A new utility blade reads (g)", "118")
                    .press("Save it");
            browser.see("old tester").press("old tester").press("Delete old tester");
            browser.see("old tester was deleted")
                    .press("Undo")
                    .seeNoMore("was deleted")
                    .see("old tester");
        }
    }
}
