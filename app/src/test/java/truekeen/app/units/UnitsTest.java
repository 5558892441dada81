package truekeen.app.units;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import truekeen.app.ApiTest;
import truekeen.core.message.InWords;
import truekeen.core.progression.Answer;
import truekeen.core.quantity.ShownUnits;

/** A shop that reads inches: sentences and prints follow, what was typed and what is kept stay as they are. */
class UnitsTest extends ApiTest {
    @Autowired
    private UnitsService units;

    private Answer pick(String lengths, String forces, String masses) {
        return put("/api/v1/units", Map.of("lengths", lengths, "forces", forces, "masses", masses));
    }

    @BeforeEach
    void inches() {
        assertThat(pick("INCH_FRACTIONS", "KILOGRAMS", "OUNCES").status()).isEqualTo(200);
    }

    @AfterEach
    void metricAgain() {
        units.pick(ShownUnits.METRIC);
    }

    @Test
    void whatWasPickedIsAnswered() {
        JsonNode now = get("/api/v1/units").body();
        assertThat(now.path("picked").asBoolean()).isTrue();
        assertThat(now.path("lengths").asText()).isEqualTo("INCH_FRACTIONS");
        assertThat(now.path("forces").asText()).isEqualTo("KILOGRAMS");
        assertThat(now.path("masses").asText()).isEqualTo("OUNCES");
    }

    @Test
    void aUnitThatIsNoneIsRefusedAtItsField() {
        Answer answer = put("/api/v1/units", Map.of("lengths", "CUBITS", "forces", "NEWTONS", "masses", "GRAMS"));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.messageAt("lengths")).contains("INCH_FRACTIONS");
        assertThat(get("/api/v1/units").body().path("lengths").asText()).isEqualTo("INCH_FRACTIONS");
        assertThat(put("/api/v1/units", Map.of()).status()).isEqualTo(422);
    }

    @Test
    void theRefusalOfAWidthSpeaksInchesAndAToolsNameIsLeftAlone() {
        ObjectNode form = chisel();
        form.put("name", "24 mm chisel of the inch shop");
        String tool = takeIn(form);
        assertThat(get("/api/v1/tools/" + tool).body().path("name").asText())
                .isEqualTo("24 mm chisel of the inch shop");
        ((ObjectNode) form.path("dimensions")).put("width", "60 in");
        Answer wide = post("/api/v1/tools", form);
        assertThat(wide.status()).isEqualTo(422);
        assertThat(wide.messageAt("width")).contains("60 in").doesNotContain("mm");
    }

    @Test
    void noSentenceOfAToolsStagesSaysMillimetres() {
        String tool = takeIn(chisel().put("name", "inch chisel"));
        planned(tool, survey());
        for (String stage : new String[] {"", "/survey", "/angle", "/plan"}) {
            String all = get("/api/v1/tools/" + tool + stage).body().toString();
            assertThat(all)
                    .as(stage)
                    .doesNotContain(String.valueOf(InWords.GAP))
                    .doesNotContainPattern("[0-9] mm[ .,;:²³]");
        }
        assertThat(get("/api/v1/tools/" + tool + "/plan").body().toString()).containsPattern("[0-9]/[0-9]+ in");
    }

    /** A browser that counts with commas gets them in what was computed; what a person wrote keeps its own. */
    @Test
    void sentencesHaveTheDecimalSignOfTheBrowser() {
        put("/api/v1/units", Map.of("lengths", "MILLIMETRES", "forces", "NEWTONS", "masses", "GRAMS"));
        kit();
        String tool = takeIn(chisel().put("name", "chisel No. 2.5"));
        planned(tool, survey());
        String angle = "/api/v1/tools/" + tool + "/angle";
        String point = get(angle).body().toString();
        String comma = send(request(angle).header("Accept-Language", "de-DE,de;q=0.9,en;q=0.8"))
                .body()
                .toString();
        assertThat(point).containsPattern("[0-9][.][0-9]+ mm\"").doesNotContain(InWords.POINT);
        assertThat(comma)
                .containsPattern("[0-9],[0-9]+ mm\"")
                .doesNotContainPattern("[0-9][.][0-9]+ (mm|µm)\"")
                .doesNotContain(String.valueOf(InWords.JOINER));
        assertThat(send(request("/api/v1/tools/" + tool).header("Accept-Language", "de"))
                        .body()
                        .path("name")
                        .asText())
                .isEqualTo("chisel No. 2.5");
    }

    /** Numbers of their own stay in millimetres, whatever is read on the screens. */
    @Test
    void numbersAreKeptInMillimetres() {
        String tool = takeIn(chisel());
        assertThat(get("/api/v1/tools/" + tool).body().at("/layout/edgeMm").asDouble())
                .isEqualTo(24);
    }

    @Test
    void aStopBoardIsPrintedInInches() throws IOException {
        kit();
        byte[] pdf = bytes("/api/v1/print/stop-board.pdf?holder=" + inKit("holders", "guide") + "&angles=30")
                .body();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(new PDFTextStripper().getText(document))
                    .containsPattern("1.1/4 in")
                    .doesNotContain("31.75");
        }
    }
}
