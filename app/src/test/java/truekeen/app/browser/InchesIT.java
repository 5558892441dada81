package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;

/** A joiner whose rule reads inches in fractions: from the empty shop to a stop board from the printer. */
class InchesIT {
    private static void inchesOnly(Browser browser) {
        assertThat(browser.text()).doesNotContainPattern("[0-9] ?mm\\b").doesNotContain("NaN");
        assertThat(browser.accessibilityFaults()).isEmpty();
    }

    private static String printed(String address) throws IOException, InterruptedException {
        HttpRequest ask = HttpRequest.newBuilder(URI.create(address)).build();
        byte[] pdf = HttpClient.newHttpClient()
                .send(ask, HttpResponse.BodyHandlers.ofByteArray())
                .body();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    @Test
    void fromTheDoorToAPrintedStopBoard() throws Exception {
        try (Service service = Service.empty();
                Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.open("/first").see("How does your rule read?");
            browser.press("Two-sided water stone 1000 / 6000")
                    .press("roller guide")
                    .press("inches in fractions");
            browser.press("Take the first one in").atPath(".*/take-in[?]first=.*");
            browser.see("as usual, not measured").type("A Width", "1 1/4");
            assertThat(browser.typed("A Width")).isEqualTo("1 1/4");
            inchesOnly(browser);
            browser.press("Take it in, survey next").atPath(".*/survey$").see("This edge wants");
            inchesOnly(browser);
            browser.press("Keep the survey, angle next").atPath(".*/angle$").see("usual ones, not measured");
            inchesOnly(browser);
            browser.press("Keep this set-up, plan next").atPath(".*/plan$").see("Step sheet");
            inchesOnly(browser);
            browser.press("Take this plan to the bench").atPath(".*/bench$");
            browser.press("Start at the bench").atPath(".*/bench/[0-9a-f-]{36}$");
            inchesOnly(browser);

            // What was typed without a unit was an inch and a quarter, and is one in a metric shop too.
            browser.open("/rack").press("my bench chisel").see("Set-up card").unfold("Rename, take out of use, delete");
            browser.press("Change its name, owner or dimensions").atPath(".*/take-in$");
            assertThat(browser.typed("A Width")).isEqualTo("1 1/4 in");

            browser.open("/kit").see("What holds the angle").press("roller guide");
            browser.type("Angles on the board", "25, 30").see("blocks: ").seeNoMore("blocks: mm");
            String board =
                    browser.until("the board's address", d -> d.findElements(By.linkText("Stop board, PDF")).stream()
                            .findFirst()
                            .map(a -> a.getDomProperty("href"))
                            .orElse(null));
            assertThat(printed(board)).containsPattern("[0-9]/[0-9]+ in").doesNotContainPattern("stop at [0-9.]+ mm");

            // Back to millimetres by one touch: every figure follows.
            browser.press("Shop").see("Lengths").pick("millimetres").see("Saved: every figure follows.");
            browser.open("/rack").press("my bench chisel").see("Set-up card");
            assertThat(browser.text()).containsPattern("[0-9] ?mm\\b").doesNotContainPattern("[0-9] (in|thou)\\b");
        }
    }
}
