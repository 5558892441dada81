package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;

/** A shop's records survive its disk: a backup by a button, a new machine, a damaged file refused, the whole one read in. */
class BackupIT {
    @TempDir
    private Path stick;

    @Test
    void theShopIsBackAfterItsDiskBroke() throws IOException {
        Path file = stick.resolve("shop.zip");
        String tool = "20 mm bench chisel";
        try (Service service = Service.demo();
                Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.open("/shop").press("Write a backup now").see("Written and read back");
            browser.unfold("Backups that are kept").see("by hand");
            assertThat(browser.accessibilityFaults()).isEmpty();
            String link = (String) browser.script(
                    "return document.querySelector('a[href^=\"/api/v1/backups/\"]').getAttribute('href')");
            try (InputStream in = URI.create(service.url() + link).toURL().openStream()) {
                Files.copy(in, file);
            }
        }
        byte[] whole = Files.readAllBytes(file);
        Path half = Files.write(stick.resolve("half.zip"), Arrays.copyOf(whole, whole.length / 2));
        // Another machine, a shop in which nothing is yet.
        try (Service service = Service.empty();
                Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.open("/shop").see("Read a backup into this empty shop");
            choose(browser, half);
            browser.see("ends before its end").see("Nothing was changed");
            choose(browser, file);
            browser.see("records and").see("A backup is read into an empty shop");
            browser.onRack(tool);
            browser.open("/shop").see("A backup is read into an empty shop");
            assertThat(browser.accessibilityFaults()).isEmpty();
        }
    }

    private static void choose(Browser browser, Path file) {
        browser.driver()
                .findElement(By.cssSelector("section[aria-label='Backups'] input[type=file]"))
                .sendKeys(file.toString());
    }
}
