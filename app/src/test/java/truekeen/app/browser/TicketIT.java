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

/** Somebody brings several things at once and collects them: a ticket from the door to the card that goes along. */
class TicketIT {
    /** What a printed link gives, in words. */
    private static String printed(Browser browser, String path) throws IOException, InterruptedException {
        String address = (String) browser.script(
                "return [...document.querySelectorAll('a')].find(a => a.getAttribute('href').endsWith(arguments[0])).href",
                path);
        HttpResponse<byte[]> answer = HttpClient.newHttpClient()
                .send(HttpRequest.newBuilder(URI.create(address)).build(), HttpResponse.BodyHandlers.ofByteArray());
        assertThat(answer.statusCode()).isEqualTo(200);
        try (PDDocument pdf = Loader.loadPDF(answer.body())) {
            return new PDFTextStripper().getText(pdf);
        }
    }

    @Test
    void aTicketFromTheDoorToCollectionWithItsCard() throws IOException, InterruptedException {
        try (Service service = Service.demo();
                Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.open("/").press("Tickets").see("Done, to be collected").see("lies there for 12 days");
            assertThat(browser.accessibilityFaults()).isEmpty();

            // What they bring: a chisel that the shop knows, and one more like it.
            browser.press("Write a ticket").see("Brought today: promise it for");
            browser.choose("Whose it is", "tenants")
                    .type("Brought by", "Ottilie")
                    .type("How to reach them", "the mill cottage, after five")
                    .type("What was agreed", "Leave the brass ferrule alone.");
            browser.see("Of what the shop knows of theirs").pick("18 mm skew chisel");
            browser.press("Write the ticket").atPath("/tickets/[0-9a-f-]{36}$").see("18 mm skew chisel");
            assertThat(browser.accessibilityFaults()).isEmpty();
            browser.type("What it is called", "12 mm skew chisel").press("Put it on too");
            browser.see("12 mm skew chisel");
            assertThat(printed(browser, "receipt.pdf"))
                    .contains("Brought by Ottilie", "18 mm skew chisel", "12 mm skew chisel", "brass ferrule");
            assertThat(printed(browser, "labels.pdf").replaceAll("\\s+", " "))
                    .contains("12 mm skew chisel ticket 5 tenants");

            // One of them goes back as it is; what is not done leaves only where that is said.
            browser.press("Something leaves").see("What leaves now").pick("12 mm skew chisel, as it is: waits");
            browser.see("taken back as it is").press("It leaves, some of it undone");
            browser.see("taken back before it was done to Ottilie");

            // A tenant's chisel that is planned for today is worked, tested and put away.
            browser.open("/tickets")
                    .press("Ticket 3, tenants")
                    .see("36 mm bench chisel")
                    .see("4.50 EUR");
            browser.press("Start at the bench")
                    .atPath(".*/bench$")
                    .press("Start at the bench")
                    .atPath(".*/bench/[0-9a-f-]{36}$");
            Bench bench = new Bench(browser);
            bench.doAll();
            browser.press("Test the edge").atPath(".*/test$");
            bench.test("95", "94", "97", "99", "101");
            browser.see("Keen").seeNoMore("Not keen yet");
            bench.putAway();
            browser.see("Brought on ticket 3");
            browser.open("/tickets").press("Ticket 3, tenants").see("done, to be collected");
            assertThat(printed(browser, "card.pdf"))
                    .contains("36 mm bench chisel", "As it came", "As it goes", "Angle:", "Steel", "So that it lasts");
            browser.press("Hand it over").see("What leaves now").type("Handed to", "Ottilie");
            browser.press("It is handed over").see("handed over to Ottilie");
            browser.unfold("Delete name and contact").press("Delete them").see("The names on it were deleted");
            browser.seeNoMore("Ottilie");
            browser.open("/tickets").see("Gone").see("Ticket 3, tenants");

            browser.size(390, 844);
            browser.open("/tickets").see("Write a ticket");
            browser.until(
                    "the page within the width of a phone",
                    d -> browser.script("return document.documentElement.scrollWidth <= innerWidth ? true : null"));
        }
    }
}
