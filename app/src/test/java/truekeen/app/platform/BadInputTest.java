package truekeen.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import truekeen.app.ApiTest;
import truekeen.core.progression.Answer;

/** Whatever is sent, the answer names the field and what is allowed, and is never a fault of the server. */
class BadInputTest extends ApiTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "width|-3|believable",
                "width|0|believable",
                "width|900 mm|1 mm to 150 mm",
                "width|24 kg|no length",
                "width|1,500|two ways",
                "width|''|Width is needed",
                "thickness|<script>alert(1)</script>|does not read",
                "usableLength|99999999999999999999|believable",
                "retireLength|95|less than the usable length",
                "primary|120°|5° to 60°",
                "primary|''|Primary bevel is needed",
                "secondary|20|steeper than the primary",
                "secondary|25 mm|does not read as an angle",
                "secondaryWidth|40|believable",
                "secondaryWidth|''|or neither",
                "steel|unobtainium|not one of",
                "trade|spoon / eating|not one of",
                "crewId|nobody|not one of",
                "crewId|''|needed",
                "name|''|needed",
                "wantedBy|someday|not a day",
                "wantedBy|1850-01-01|not a day",
            })
    void everyFieldOfTheDoorSaysWhatIsWrong(String field, String typed, String says) {
        ObjectNode form = chisel();
        typed(form, field, typed);
        Answer answer = post("/api/v1/tools", form);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.messageAt(field)).contains(says);
        assertThat(answer.raw().headers().firstValue("Content-Type").orElse("")).contains("application/problem+json");
    }

    @Test
    void allFaultsAreToldAtOnce() {
        ObjectNode form = chisel();
        typed(typed(typed(form, "width", "-1"), "primary", "abc"), "name", "");
        Answer answer = post("/api/v1/tools", form);
        assertThat(answer.body().path("errors")).hasSizeGreaterThanOrEqualTo(3);
    }

    @Test
    void aNovelInTheNoteIsCountedAndRefusedAndAShorterOneIsKept() {
        ObjectNode form = chisel();
        form.put("note", "n".repeat(10_000));
        Answer answer = post("/api/v1/tools", form);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.messageAt("note")).contains("4000").contains("10000");
        form.put("note", "<b>bold</b> & \"quotes\" \u0007 ½ 刃");
        assertThat(post("/api/v1/tools", form).body().path("note").asText()).contains("<b>bold</b>", "刃");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "{", "[]", "null", "\"text\"", "{\"unknown\":1}", "{\"version\":\"x\"}", "{\"name\":null}"})
    void bodiesThatAreNoFormAreRefusedInWords(String body) {
        for (String path : new String[] {"/api/v1/tools", "/api/v1/take-in/preview", "/api/v1/kit/abrasives"}) {
            Answer answer = post(path, body);
            assertThat(answer.status()).as(path + " " + body).isLessThan(500);
        }
    }

    @Test
    void whatIsNotThereIsNotFound() {
        String none = "00000000-0000-0000-0000-000000000000";
        for (String path : new String[] {
            "/api/v1/tools/" + none,
            "/api/v1/tools/not-an-id",
            "/api/v1/tools/" + none + "/log",
            "/api/v1/sessions/" + none,
            "/api/v1/tools/" + none + "/survey",
            "/api/v1/nothing"
        }) {
            assertThat(get(path).status()).as(path).isEqualTo(404);
        }
        assertThat(post(
                                "/api/v1/sessions/" + none + "/events",
                                Map.of("device", "d", "person", "", "events", new int[0]))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aTextTheDatabaseCannotHoldIsRefusedInWords() {
        for (String field : new String[] {"name", "note", "bevelLength"}) {
            ObjectNode form = chisel();
            typed(form, field, "nul \u0000 character");
            Answer answer = post("/api/v1/tools", form);
            assertThat(answer.status()).isEqualTo(400);
            assertThat(answer.body().path("detail").asText()).contains("NUL");
        }
    }

    @Test
    void namesTooLongForTheirPlaceAreRefusedAtTheirField() {
        ObjectNode stone = stone("s", "ceramic-bonded water stone", "JIS", "#" + "1".repeat(60));
        stone.put("makerUm", "12");
        assertThat(post("/api/v1/kit/abrasives", stone).messageAt("gritName")).contains("20 characters");
        String none = "00000000-0000-0000-0000-000000000000";
        Answer answer = post(
                "/api/v1/sessions/" + none + "/events",
                Map.of("device", "d", "person", "p".repeat(200), "events", new int[0]));
        assertThat(answer.messageAt("person")).contains("80 characters");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "CHIP|23|26|0.3|findings[0].fromMm",
                "CHIP|5|6|-1|findings[0].depthMm",
                "CHIP|6|5|0.3|findings[0].toMm",
                "CHIP|5|6|500|findings[0].depthMm",
                "CHIP|five|6|0.3|findings[0].fromMm",
                "GHOST|5|6|0.3|findings[0].kind",
                "ROUNDED_CORNER|5|6|0.3|findings[0].fromMm",
            })
    void everyMarkOfASurveySaysWhatIsWrong(String kind, String from, String to, String depth, String field) {
        String tool = takeIn(chisel());
        ObjectNode survey = survey();
        mark(survey, kind, from, to, depth);
        Answer answer = post("/api/v1/tools/" + tool + "/surveys", survey);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.messageAt(field)).isNotEmpty();
        Answer preview = post("/api/v1/tools/" + tool + "/survey/preview", survey);
        assertThat(preview.status()).isEqualTo(200);
        assertThat(preview.body().path("faults").toString()).contains(field);
    }

    @ParameterizedTest
    @CsvSource({"squareOff, 1.5 kg", "squareOff, ''", "dullness, BLUNT", "backState, ''", "highCorner, MIDDLE"})
    void everyQuestionOfASurveySaysWhatIsWrong(String field, String given) {
        String tool = takeIn(chisel());
        ObjectNode survey = survey();
        survey.put("highCorner", "LEFT").put("squareOff", "1").put(field, given);
        assertThat(post("/api/v1/tools/" + tool + "/surveys", survey).status()).isEqualTo(422);
    }

    @ParameterizedTest
    @CsvSource({"primary, 120", "primary, abc", "last, 20", "holderId, none", "trade, axe / felling", "name, ''"})
    void everyFieldOfTheAngleSaysWhatIsWrong(String field, String typed) {
        kit();
        String tool = takeIn(chisel());
        ObjectNode form = angle();
        form.put(field, typed);
        Answer answer = post("/api/v1/tools/" + tool + "/setups", form);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.messageAt(field)).isNotEmpty();
    }

    @Test
    void aGuideWhoseRollerFoulsTheBladeIsRefusedWithTheReason() {
        kit();
        ObjectNode thick = chisel();
        typed(thick, "thickness", "9");
        typed(typed(thick, "secondary", ""), "secondaryWidth", "");
        String tool = takeIn(thick);
        ObjectNode form = angle();
        form.put("holderId", inKit("holders", "guide"));
        Answer answer = post("/api/v1/tools/" + tool + "/setups", form);
        assertThat(answer.messageAt("holderId")).contains("fouls");
        // where no guide clears and none was asked for, it is held by hand
        assertThat(post("/api/v1/tools/" + tool + "/setups", angle())
                        .body()
                        .path("holder")
                        .asText())
                .isEqualTo("by hand");
    }

    @Test
    void stagesOutOfOrderAreRefusedWithWhatComesFirst() {
        kit();
        String tool = takeIn(chisel());
        assertThat(post("/api/v1/tools/" + tool + "/plan/preview", Map.of("grindOn", ""))
                        .raw()
                        .body())
                .contains("Survey the edge first");
        post("/api/v1/tools/" + tool + "/surveys", survey());
        assertThat(post("/api/v1/tools/" + tool + "/plan/preview", Map.of("grindOn", ""))
                        .raw()
                        .body())
                .contains("Choose the angle");
    }
}
