package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Polygon;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;

/** What must go, by what, how hot, and what will be left: as whole tasks. */
class RepairIT {
    private static final int PER_MM = 6;
    private static final int LEFT = 90;
    private static final int TOP = 80;
    private static Service service;

    @TempDir
    Path folder;

    @BeforeAll
    static void start() {
        service = Service.demo();
    }

    @AfterAll
    static void stop() {
        service.close();
    }

    @Test
    void aCleaverWithThreeChipsFromPhotographToPlan() throws IOException {
        Path before = photograph("before.png", 0);
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.onRack("meat cleaver")
                    .press("meat cleaver")
                    .see("Set-up card")
                    .press("Profile of its edge");
            browser.see("hold the camera square above it");
            Files.write(folder.resolve("note.png"), "not a picture".getBytes());
            browser.driver()
                    .findElement(By.cssSelector("input[type=file]"))
                    .sendKeys(folder.resolve("note.png").toString());
            browser.see("This is no PNG or JPEG photograph");
            trace(browser, before);
            browser.see("The profile of this edge").see("One trace so far");

            // three chips, marked where the lamp shows them
            browser.stage("Survey").see("Full honing");
            browser.press("Chip").dragStrip(0.20, 0.215).see("1 Chip");
            browser.dragStrip(0.50, 0.51).see("2 Chip").dragStrip(0.80, 0.815).see("3 Chip");
            for (int i = 1; i <= 3; i++) {
                deep(browser, i, new String[] {"0.4", "0.3", "1.1"}[i - 1]);
            }
            browser.see("Repair").see("this decides where the new edge lies").see("1.1 mm");
            // the deepest left on purpose: the next one decides; then it goes after all
            leave(browser, 3);
            browser.see("left in place on purpose").seeNoMore("Leave the chip in place and 0.7 mm less");
            leave(browser, 3);
            browser.see("Leave the chip in place and 0.7 mm less goes off the length");
            browser.see("thinning").see("sharpenings left");
            browser.press("Keep the survey, angle next").atPath(".*/angle$").press("Keep this set-up, plan next");
            browser.atPath(".*/plan$").see("Step sheet").press("By what, and how: the repair");
            browser.see("the house would take this")
                    .see("Lower the whole edge to the line")
                    .see("full-length pass");
            browser.press("Not on this bench").see("Full-length passes keep the sweep");
            browser.press("Plan the work").atPath(".*/plan$").see("Much steel for hands");
            browser.pick("bench grinder")
                    .see("Lower the whole edge to the line")
                    .see("Light passes to the edge");
            browser.press("Take this plan to the bench").atPath(".*/bench$").see("Ink and scribe the new edge");

            // after the grinding the edge is traced again from the same marks: its belly was ground flat
            String tool = browser.path().replace("/bench", "");
            browser.open(tool + "/profile").press("Trace the edge again");
            trace(browser, photograph("after.png", 2));
            browser.see("went evenly").see("Greatest difference of shape").see("as it was; full: as it is");
        }
    }

    /** Uploads, puts both marks down and clicks along the edge; the photograph has the scale of the test's own drawing. */
    private void trace(Browser browser, Path photo) {
        browser.until("the place for a photograph", d -> d.findElement(By.cssSelector("input[type=file]")))
                .sendKeys(photo.toString());
        browser.see("Tap the first mark");
        tap(browser, 20, 10);
        browser.see("Tap the second mark");
        tap(browser, 140, 10);
        browser.type("the two marks lie so far apart", "120 mm");
        boolean after = photo.getFileName().toString().startsWith("after");
        for (int x = 2; x <= 168; x += x < 120 ? 20 : 8) {
            tap(browser, x, edge(x, after ? 2 : 0));
        }
        browser.see("mm of edge")
                .see("a pixel is 0.16")
                .press("Keep this trace")
                .see("The profile of this edge");
    }

    /** Where the edge lies below the spine (mm); ground flat toward the tip the second time. */
    private static double edge(double x, double ground) {
        double whole = 80 - (x < 110 ? 0 : (x - 110) * (x - 110) / 260);
        return ground == 0 ? whole : Math.min(whole - 0.5, 80 - 0.5 - Math.max(0, x - 110) * 0.23);
    }

    private static void tap(Browser browser, double x, double y) {
        WebElement photo = browser.until("the photograph", d -> d.findElement(By.cssSelector("svg[role=application]")));
        browser.script("arguments[0].scrollIntoView({block: 'center'})", photo);
        double scale = photo.getRect().getWidth() / 1200.0;
        int dx = (int) Math.round((LEFT + x * PER_MM - 600) * scale);
        int dy = (int) Math.round((TOP + y * PER_MM - 350) * scale);
        new Actions(browser.driver()).moveToElement(photo, dx, dy).click().perform();
    }

    private Path photograph(String name, double ground) throws IOException {
        BufferedImage image = new BufferedImage(1200, 700, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(new Color(0xe4ded0));
        g.fillRect(0, 0, 1200, 700);
        Polygon blade = new Polygon();
        blade.addPoint(LEFT, TOP);
        for (int x = 0; x <= 170; x++) {
            blade.addPoint(LEFT + x * PER_MM, (int) (TOP + edge(x, ground) * PER_MM));
        }
        blade.addPoint(LEFT + 170 * PER_MM, TOP);
        g.setColor(new Color(0x777b7d));
        g.fillPolygon(blade);
        g.setColor(Color.BLACK);
        for (int mark : new int[] {20, 140}) {
            g.fillOval(LEFT + mark * PER_MM - 8, TOP + 10 * PER_MM - 8, 16, 16);
        }
        g.dispose();
        Path file = folder.resolve(name);
        ImageIO.write(image, "png", file.toFile());
        return file;
    }

    private static WebElement mark(Browser browser, int number) {
        return browser.until(
                "mark " + number, d -> d.findElement(By.cssSelector("li[aria-label^='Mark " + number + ",']")));
    }

    private static void deep(Browser browser, int number, String depth) {
        WebElement field =
                mark(browser, number).findElements(By.tagName("input")).get(2);
        browser.script("arguments[0].scrollIntoView({block: 'center'})", field);
        field.sendKeys(Keys.chord(Keys.CONTROL, "a"), Keys.DELETE);
        field.sendKeys(depth);
    }

    private static void leave(Browser browser, int number) {
        WebElement box = mark(browser, number).findElement(By.cssSelector("input[type=checkbox]"));
        browser.script("arguments[0].scrollIntoView({block: 'center'})", box);
        box.click();
    }

    @Test
    void aTraceByKeyboardOutlivesAReload() throws IOException {
        Path photo = photograph("keys.png", 0);
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.onRack("boning knife").press("boning knife").press("Profile of its edge");
            browser.until("the place for a photograph", d -> d.findElement(By.cssSelector("input[type=file]")))
                    .sendKeys(photo.toString());
            browser.see("Tap the first mark");
            WebElement picture =
                    browser.until("the photograph", d -> d.findElement(By.cssSelector("svg[role=application]")));
            picture.sendKeys(Keys.ENTER);
            browser.see("Tap the second mark");
            for (int i = 0; i < 12; i++) {
                picture.sendKeys(Keys.ARROW_RIGHT);
            }
            picture.sendKeys(Keys.ENTER);
            browser.type("the two marks lie so far apart", "20 mm").see("five places at least");
            for (int i = 0; i < 6; i++) {
                picture.sendKeys(Keys.ARROW_LEFT, Keys.ARROW_LEFT, Keys.ARROW_DOWN, Keys.ENTER);
            }
            browser.see("6 places").reload().see("6 places").see("mm of edge");
            picture = browser.until("the photograph", d -> d.findElement(By.cssSelector("svg[role=application]")));
            picture.sendKeys(Keys.BACK_SPACE);
            browser.see("5 places").press("Undo").see("five places at least");
            // the second way to a trace: offsets, with one that cannot be read named beside it
            browser.pick("typed offsets").see("Lay a straightedge beside the edge");
            for (int i = 1; i <= 6; i++) {
                WebElement row = offset(browser, i);
                row.findElements(By.tagName("input")).get(0).sendKeys(String.valueOf(20 * i));
                row.findElements(By.tagName("input")).get(1).sendKeys(i == 6 ? "two" : String.valueOf(i * i * 0.2));
            }
            browser.see("does not read as a length");
            WebElement wrong =
                    offset(browser, 6).findElements(By.tagName("input")).get(1);
            wrong.sendKeys(Keys.chord(Keys.CONTROL, "a"), Keys.DELETE);
            wrong.sendKeys("7.2");
            browser.see("mm of edge").press("Keep this trace").see("One trace so far");
            assertThat(browser.accessibilityFaults()).isEmpty();
            browser.press("Remove trace 1").see("Lay the blade flat");
        }
    }

    private static WebElement offset(Browser browser, int number) {
        return browser.until(
                "offset " + number, d -> d.findElement(By.cssSelector("[aria-label='Offset " + number + "']")));
    }

    @Test
    void aChiselOutOfSquareWithAPittedBack() {
        try (Browser browser = new Browser(service.url(), 800, 1280)) {
            browser.door("slipway chisel", "boat shed", "bench chisel: general bench work", "plain carbon")
                    .type("A Width", "38")
                    .type("B Thickness", "3.2")
                    .type("C Usable length", "90")
                    .type("D Worn out at", "25")
                    .type("E Primary bevel", "25")
                    .press("Take it in, survey next")
                    .atPath(".*/survey$");
            browser.press("Square").pick("Left").type("off by", "1.5°");
            // the worked figure of the wedge: 38 mm, 1.5°, 3.2 mm
            browser.see("the wedge that squaring takes").see("60.5").press("why: the wedge that squaring takes");
            browser.see("off the high corner: 0.995 mm");
            browser.press("The back").pick("Pitted").type("how deep", "0.12");
            browser.press("Pit in the back").dragStrip(0.40, 0.43).see("1 Pit in the back");
            browser.type("deep into the face", "0.12 mm").see("Repair");
            // an absurd depth is named beside its field, and what was typed stays
            browser.type("deep into the face", "40")
                    .see("is not believable here")
                    .type("deep into the face", "0.12");
            browser.seeNoMore("is not believable here");
            browser.press("Since last time").see("the first look that is kept");
            browser.press("Keep the survey, angle next").atPath(".*/angle$").press("Keep this set-up, plan next");
            browser.atPath(".*/plan$").press("By what, and how: the repair").see("Flatten the last 30 mm");
            browser.see("A back bevel of").see("not for this tool").see("Move the edge back past the pits");
            browser.see("Put it aside").see("only the last 30 mm matter".replaceFirst("o", "O"));
            browser.press("grinding plan, bench grinder").see("very hot");
            browser.press("How hot the edge gets on the bench grinder").see("not hotter than this");
            browser.see("Eye protection on").see("Grind blunt to the line");
            browser.press("Make the bench grinder ready").see("within its marking");
            browser.press("It steamed, or it changed colour")
                    .pick("Blue")
                    .type("it reaches so far behind the edge", "2");
            browser.press("What to do now").see("Grind past it, blunt first").see("Soft steel may reach so far");
            browser.press("Plan the work").atPath(".*/plan$").see("Flatten the back on the");
            assertThat(browser.accessibilityFaults()).isEmpty();
        }
    }

    @Test
    void aJackIronToAMillimetreOfCamber() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.door("strake jack", "boat shed", "plane iron bevel down: jack and scrub", "low-alloy tool steel")
                    .type("A Width", "50")
                    .type("B Thickness", "3")
                    .type("C Usable length", "62")
                    .type("D Worn out at", "18")
                    .type("E Bed", "45")
                    .type("F Primary bevel", "28")
                    .press("Take it in, survey next")
                    .atPath(".*/survey$")
                    .see("This edge wants");
            browser.press("Keep the survey, angle next")
                    .atPath(".*/angle$")
                    .type("below the sole", "1")
                    .press("What it comes to in use")
                    .see("1.414mm");
            browser.press("Keep this set-up, plan next").atPath(".*/plan$").press("By what, and how: the repair");
            browser.see("the camber changes")
                    .press("Ink and scribe the new edge")
                    .see("scribe along the sole")
                    .see("1.41 mm at the corners");
            browser.press("Plan the work").atPath(".*/plan$").see("Much steel for hands");
            String tool = browser.path().replace("/plan", "");
            browser.open(tool + "/survey").see("the camber changes").see("Left corner");
            // straight after all: the steel stays on
            browser.open(tool + "/angle").press("What it comes to in use").see("1.414mm");
            browser.type("below the sole", "0").seeNoMore("1.414mm");
            browser.press("Keep this set-up, plan next").atPath(".*/plan$").seeNoMore("Much steel for hands");
        }
    }
}
