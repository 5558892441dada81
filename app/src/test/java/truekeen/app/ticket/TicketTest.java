package truekeen.app.ticket;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.springframework.test.context.TestPropertySource;
import truekeen.app.ApiTest;

/** What is brought together, from the door until it is collected. */
@TestPropertySource(properties = "truekeen.clock=2026-05-14T09:30:00Z")
class TicketTest extends ApiTest {
    private ObjectNode form(String promised, String... tools) {
        return object(
                "crewId",
                crew(),
                "broughtBy",
                "Ottilie",
                "contact",
                "the dairy's telephone",
                "promised",
                promised,
                "agreed",
                "leave the old handle",
                "tools",
                tools,
                "version",
                0);
    }

    private JsonNode written(String promised, String... tools) {
        Answer made = post("/api/v1/tickets", form(promised, tools));
        assertThat(made.status()).as(made.raw().body()).isEqualTo(200);
        return made.body();
    }

    private String chisel(String name) {
        return takeIn(typed(chisel(), "name", name));
    }

    private JsonNode ticket(JsonNode ticket) {
        return get("/api/v1/tickets/" + ticket.path("id").asText()).body();
    }

    private Answer leave(JsonNode ticket, boolean undone, String... tools) {
        return post(
                "/api/v1/tickets/" + ticket.path("id").asText() + "/hand-over",
                object("tools", tools, "to", "Ottilie", "undone", undone));
    }

    private JsonNode onBoard(String tool) {
        for (JsonNode line : get("/api/v1/rack").body().path("tools")) {
            if (line.path("toolId").asText().equals(tool)) {
                return line;
            }
        }
        throw new AssertionError("not on the rack: " + tool);
    }

    private String words(String path) throws IOException {
        var answer = bytes(path);
        assertThat(answer.statusCode()).isEqualTo(200);
        try (PDDocument pdf = Loader.loadPDF(answer.body())) {
            return new PDFTextStripper().getText(pdf).replace("\u2060", "").replace('\u202f', ' ');
        }
    }

    private void sharpened(String tool) {
        ObjectNode chipped = survey();
        mark(chipped, "CHIP", "4.5", "6", "0.3");
        finished(start(tool, planned(tool, chipped)));
    }

    @Test
    void fromTheDoorToCollection() throws IOException {
        String one = chisel("24 mm chisel");
        JsonNode ticket = written("2026-05-20", one);
        assertThat(ticket.at("/things/0/state").asText()).isEqualTo("WAITING");
        assertThat(ticket.at("/things/0/guessed").asBoolean()).isTrue();
        assertThat(onBoard(one).path("wantedBy").asText()).isEqualTo("2026-05-20");

        // Another like it, and the same one a second time.
        String things = "/api/v1/tickets/" + ticket.path("id").asText() + "/things";
        JsonNode two = post(things + "/" + one + "/another", object("name", "24 mm chisel 2"))
                .body();
        assertThat(two.path("things")).hasSize(2);
        assertThat(two.at("/things/1/wantedBy").asText()).isEqualTo("2026-05-20");
        assertThat(post(things, object("tools", List.of(one))).messageAt("tools"))
                .contains("lies on ticket " + ticket.path("number").asText());
        String other = two.at("/things/1/toolId").asText();

        // What is printed of it: a label for each, and the receipt.
        String prints = "/api/v1/print/tickets/" + ticket.path("id").asText();
        assertThat(words(prints + "/labels.pdf"))
                .contains("24 mm chisel 2", "ticket " + ticket.path("number").asText(), "boat shed");
        assertThat(words(prints + "/receipt.pdf"))
                .contains(
                        "Brought by Ottilie", "Promised for", "24 mm chisel 2 (bench chisel)", "leave the old handle");

        sharpened(one);
        JsonNode half = ticket(ticket);
        assertThat(half.at("/things/0/state").asText()).isEqualTo("TO_COLLECT");
        assertThat(half.at("/things/0/minutes").isNull()).isTrue();
        assertThat(onBoard(one).path("wantedBy").isNull())
                .as("the promise is kept")
                .isTrue();
        assertThat(words(prints + "/things/" + one + "/card.pdf"))
                .contains("24 mm chisel")
                .contains("It is dull.", "Chip, 5 to 6 mm along the edge, 0.3 mm deep")
                .contains("Angle: 30° from the back", "Keenness: 90 g on the tester", "It passed its tests.")
                .contains("mm went", "mm are left to sharpen")
                .contains("this steel rusts", "Keep the edge covered");
        assertThat(bytes(prints + "/things/" + other + "/card.pdf").statusCode())
                .isEqualTo(422);

        // What is not done does not leave unless it is said.
        assertThat(leave(ticket, false, one, other).messageAt("tools")).contains("24 mm chisel 2", "not done yet");
        assertThat(ticket(ticket).at("/things/0/leftAt").isNull()).isTrue();
        JsonNode left = leave(ticket, false, one).body();
        assertThat(left.at("/things/0/state").asText()).isEqualTo("HANDED_OVER");
        assertThat(left.at("/things/0/handedTo").asText()).isEqualTo("Ottilie");
        JsonNode gone = leave(ticket, true, other).body();
        assertThat(gone.at("/things/1/state").asText()).isEqualTo("TAKEN_BACK");
        assertThat(onBoard(other).path("urgency").asText()).isEqualTo("AWAY");
        assertThat(get("/api/v1/tickets").body().at("/ended/0/number").asInt())
                .isEqualTo(ticket.path("number").asInt());
        assertThat(delete("/api/v1/tickets/" + ticket.path("id").asText()).status())
                .isEqualTo(422);
        assertThat(get("/api/v1/tools/" + one + "/log").raw().body())
                .contains("Brought on ticket", "Handed over, ticket")
                .doesNotContain("Ottilie");

        // It is brought again: what lay ready wants work once more.
        JsonNode again = written("", one, other);
        assertThat(again.at("/things/0/state").asText()).isEqualTo("WAITING");
        assertThat(onBoard(one).path("urgency").asText()).isEqualTo("WAITING");
        assertThat(onBoard(one).at("/next/act").asText()).isEqualTo("SURVEY_AGAIN");
        assertThat(onBoard(other).path("urgency").asText()).isEqualTo("WAITING");
        assertThat(delete("/api/v1/tickets/" + again.path("id").asText()).status())
                .isEqualTo(204);
        assertThat(onBoard(one).path("urgency").asText()).isEqualTo("READY");
    }

    @Test
    void anotherDayIsAnotherDayForWhatIsNotDone() {
        String done = chisel("done chisel");
        String open = chisel("open chisel");
        JsonNode ticket = written("2026-05-20", done, open);
        sharpened(done);
        ObjectNode later = form("2026-05-22");
        later.put("version", ticket.path("version").asLong());
        Answer changed = put("/api/v1/tickets/" + ticket.path("id").asText(), later);
        assertThat(changed.status()).as(changed.raw().body()).isEqualTo(200);
        assertThat(onBoard(open).path("wantedBy").asText()).isEqualTo("2026-05-22");
        assertThat(onBoard(done).path("wantedBy").isNull()).isTrue();
        assertThat(put("/api/v1/tickets/" + ticket.path("id").asText(), later).status())
                .as("based on what has changed meanwhile")
                .isEqualTo(409);
    }

    @Test
    void aWithdrawnThingKeepsWhatWasCountedOnIt() {
        String tool = chisel("half-made chisel");
        JsonNode ticket = written("2026-05-20", tool);
        JsonNode session = start(tool, planned(tool, survey()));
        String id = session.path("id").asText();
        tell(id, TABLET, event("GATE_PASSED", 0, "", 0));
        assertThat(ticket(ticket).at("/things/0/state").asText()).isEqualTo("IN_WORK");
        int counted = get("/api/v1/sessions/" + id + "?device=" + TABLET)
                .body()
                .path("current")
                .asInt();

        assertThat(leave(ticket, true, tool).status()).isEqualTo(200);
        assertThat(onBoard(tool).path("urgency").asText()).isEqualTo("AWAY");
        assertThat(get("/api/v1/day").body().path("open").findValuesAsText("toolId"))
                .doesNotContain(tool);

        written("2026-05-21", tool);
        assertThat(onBoard(tool).path("urgency").asText()).isEqualTo("AT_BENCH");
        JsonNode goesOn = get("/api/v1/sessions/" + id + "?device=" + TABLET).body();
        assertThat(goesOn.path("current").asInt()).isEqualTo(counted);
    }

    @Test
    void namesAreDeletedAndStandInNoFile() {
        String tool = chisel("named chisel");
        JsonNode ticket = written("2026-05-20", tool);
        sharpened(tool);
        leave(ticket, false, tool);
        assertThat(get("/api/v1/tools/" + tool + "/export").raw().body())
                .contains("\"tickets\"", "leave the old handle")
                .doesNotContain("Ottilie", "telephone", "handed_to");
        JsonNode forgotten = post("/api/v1/tickets/" + ticket.path("id").asText() + "/forget", "")
                .body();
        assertThat(forgotten.path("forgotten").asBoolean()).isTrue();
        assertThat(forgotten.toString()).doesNotContain("Ottilie", "telephone");
    }

    @Test
    void whatIsChargedGoesByTheListAndTheSurvey() throws IOException {
        ObjectNode prices = (ObjectNode) get("/api/v1/prices").body();
        for (JsonNode p : prices.path("tools")) {
            if (p.path("key").asText().equals("bench chisel")) {
                ((ObjectNode) p).put("amount", "4.50");
            }
        }
        assertThat(put("/api/v1/prices", prices).messageAt("currency")).isNotEmpty();
        prices.put("currency", "EUR").put("perMillimetre", "-1");
        assertThat(put("/api/v1/prices", prices).messageAt("perMillimetre")).isNotEmpty();
        prices.put("perMillimetre", "2");
        for (JsonNode p : prices.path("damage")) {
            if (p.path("kind").asText().equals("CHIP")) {
                ((ObjectNode) p).put("amount", "1,25");
            }
        }
        assertThat(put("/api/v1/prices", prices).status()).isEqualTo(200);

        String tool = chisel("priced chisel");
        JsonNode ticket = written("", tool);
        assertThat(ticket.at("/things/0/quote/hundredths").asInt()).isEqualTo(450);
        assertThat(ticket.at("/things/0/quote/beforeSurvey").asBoolean()).isTrue();
        ObjectNode chipped = survey();
        mark(chipped, "CHIP", "4.5", "6", "0.3");
        post("/api/v1/tools/" + tool + "/surveys", chipped);
        JsonNode quote = ticket(ticket).at("/things/0/quote");
        assertThat(quote.path("beforeSurvey").asBoolean()).isFalse();
        assertThat(quote.path("lines").findValuesAsText("words"))
                .containsExactly("sharpening", "chip to be ground out", "steel beyond a usual sharpening");
        long back = quote.at("/lines/2/hundredths").asLong();
        assertThat(back).as("a started millimetre, at 2.00").isEqualTo(200);
        assertThat(quote.path("hundredths").asLong()).isEqualTo(450 + 125 + back);
        assertThat(words("/api/v1/print/tickets/" + ticket.path("id").asText() + "/receipt.pdf"))
                .contains("chip to be ground out: 1.25 EUR", "Together");
    }

    @Test
    void oddInputIsRefusedAtItsField() {
        assertThat(post("/api/v1/tickets", form("yesterday")).messageAt("promised"))
                .contains("yesterday");
        assertThat(post("/api/v1/tickets", form("2026-05-01")).messageAt("promised"))
                .contains("2026-05-01");
        assertThat(post("/api/v1/tickets", form("").put("crewId", "nobody")).messageAt("crewId"))
                .isNotEmpty();
        assertThat(post("/api/v1/tickets", form("").put("contact", "x".repeat(200)))
                        .messageAt("contact"))
                .contains("120");
        assertThat(post("/api/v1/tickets", form("", "00000000-0000-0000-0000-000000000001"))
                        .status())
                .isEqualTo(404);
        JsonNode empty = written("");
        assertThat(leave(empty, false).messageAt("tools")).isNotEmpty();
        assertThat(get("/api/v1/print/tickets/" + empty.path("id").asText() + "/labels.pdf")
                        .status())
                .isEqualTo(422);
        assertThat(get("/api/v1/tickets/00000000-0000-0000-0000-000000000001").status())
                .isEqualTo(404);
    }
}
