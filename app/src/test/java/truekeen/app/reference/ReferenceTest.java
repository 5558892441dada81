package truekeen.app.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import truekeen.app.ApiTest;
import truekeen.core.advice.Formula;
import truekeen.core.progression.Answer;
import truekeen.core.reference.Calculator;
import truekeen.core.reference.Calculators;

class ReferenceTest extends ApiTest {
    @ParameterizedTest
    @EnumSource(Formula.class)
    void everyFormulaHasAPageWithAnExampleWorkedOutOnTheSpot(Formula f) {
        JsonNode page = get("/api/v1/reference/" + ReferenceService.id(f)).body();
        assertThat(page.path("title").asText()).isEqualTo(f.meaning());
        assertThat(page.path("tex").asText()).isNotEmpty();
        assertThat(page.path("source").asText()).isNotEmpty();
        assertThat(page.path("examples")
                        .get(0)
                        .path("results")
                        .get(0)
                        .path("value")
                        .asText())
                .isNotEmpty();
    }

    @Test
    void everyPageInTheListOpens() {
        Set<String> ids = new HashSet<>();
        for (JsonNode e : get("/api/v1/reference").body()) {
            assertThat(ids.add(e.path("id").asText())).isTrue();
            Answer page = get("/api/v1/reference/" + e.path("id").asText());
            assertThat(page.status()).as(page.raw().body()).isEqualTo(200);
            assertThat(page.body().path("kind").asText())
                    .isEqualTo(e.path("kind").asText());
        }
        assertThat(ids).contains("shelf-frozen", "house-holding", "guide-projection");
        assertThat(get("/api/v1/reference/nothing").status()).isEqualTo(404);
    }

    @Test
    void aShelfRuleShowsACaseItBarsAndOneItDoesNot() {
        JsonNode page = get("/api/v1/reference/shelf-oxide-on-hard-carbide").body();
        JsonNode results = page.path("examples").get(0).path("results");
        assertThat(results.get(0).path("value").asText()).startsWith("barred");
        assertThat(results.get(1).path("value").asText()).isEqualTo("may be used");
    }

    @Test
    void everyWhyLeadsToItsPage() {
        kit();
        JsonNode advice = post("/api/v1/tools/" + takeIn(chisel()) + "/angle/advice", angle())
                .body();
        String id =
                advice.path("settings").get(0).path("setting").path("formulaId").asText();
        assertThat(get("/api/v1/reference/" + id).status()).isEqualTo(200);
    }

    @Test
    void everyCalculatorAnswersItsExampleAndIsDescribedWithUnitsAndRanges() {
        JsonNode described = get("/api/v1/openapi").body().path("paths");
        for (JsonNode c : get("/api/v1/calculators").body()) {
            String path = "/api/v1/calculators/" + c.path("id").asText();
            JsonNode content = described
                    .path(path)
                    .path("post")
                    .path("requestBody")
                    .path("content")
                    .path("application/json");
            JsonNode example = content.path("example");
            assertThat(example.isObject()).as(path).isTrue();
            Answer answer = post(path, (com.fasterxml.jackson.databind.node.ObjectNode) example);
            assertThat(answer.status()).as(path + answer.raw().body()).isEqualTo(200);
            for (JsonNode in : c.path("inputs")) {
                JsonNode schema = content.path("schema")
                        .path("properties")
                        .path(in.path("name").asText());
                assertThat(schema.path("description").asText())
                        .contains(in.path("unit").asText());
                if (in.path("kind").asText().equals("NUMBER")) {
                    assertThat(schema.has("minimum") && schema.has("maximum")).isTrue();
                }
            }
        }
        assertThat(get("/api/v1/calculators").body()).hasSize(Calculators.all().size());
    }

    @Test
    void textIsReadAsItIsTypedAtTheBench() {
        JsonNode typed = post(
                        "/api/v1/calculators/guide-projection",
                        object("rollerRadius", "9.5", "axleBelowBack", "14 mm", "axleSetback", "11.5", "angle", "30°"))
                .body();
        assertThat(typed.path("projection").asDouble()).isCloseTo(31.75, within(5e-3));
        JsonNode list = post(
                        "/api/v1/calculators/stop-blocks",
                        object("rollerRadius", 9.5, "axleBelowBack", 14, "axleSetback", 11.5, "angles", "25, 30"))
                .body();
        assertThat(list.path("blocks")).hasSize(2);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{}",
                "{\"diameter\": true, \"perMinute\": 100}",
                "{\"diameter\": \"wide\", \"perMinute\": 100}",
                "{\"diameter\": -3, \"perMinute\": 100}",
                "{\"diameter\": 1e308, \"perMinute\": 1e308}",
                "{\"diameter\": [1,2], \"perMinute\": {}}",
                "{\"diameter\": 150, \"perMinute\": 2850, \"colour\": \"red\"}"
            })
    void whatACalculatorCannotUseIsRefusedByName(String body) throws Exception {
        Answer answer = post("/api/v1/calculators/wheel-speed", (com.fasterxml.jackson.databind.node.ObjectNode)
                new com.fasterxml.jackson.databind.ObjectMapper().readTree(body));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().path("errors").get(0).path("field").asText()).isNotEmpty();
        assertThat(post("/api/v1/calculators/none", object()).status()).isEqualTo(404);
    }

    /** What people ask for, in their own words, and a page that answers it. */
    @ParameterizedTest
    @CsvSource({
        "wire edge, shelf-burr|house-burr-between",
        "micro bevel, house-bevel-form|honed-width|secondary",
        "honing guide, guide-projection",
        "jig, guide-projection",
        "burnt, wheel-heat|heat",
        "blunt, keenness",
        "sharpness, keenness",
        "grinder, wheel",
        "nick, new-edge",
        "rust, back-flattening",
        "vibration, unbalance",
        "flatten the stone, dish",
        "leather, house-leather|house-strop",
        "how many, stroke",
        "freehand, spine|house-holding",
        "concave, hollow|chord"
    })
    void aPageIsFoundByTheWordsPeopleUse(String asked, String page) {
        List<String> found = new ArrayList<>();
        for (JsonNode e : get("/api/v1/reference").body()) {
            String words = e.path("words").asText().toLowerCase(Locale.ROOT);
            if (Stream.of(asked.split(" ")).allMatch(words::contains)) {
                found.add(e.path("id").asText());
            }
        }
        assertThat(found).as(asked).isNotEmpty().hasSizeLessThan(60);
        assertThat(found).as("%s leads to %s", asked, found).anyMatch(id -> Stream.of(page.split("[|]"))
                .anyMatch(id::contains));
    }

    @Test
    void theAnswerIsDrawnOverOneOfItsNumbers() {
        Calculator any = Calculators.of(Formula.GUIDE_PROJECTION).get(0);
        Answer curve = post("/api/v1/calculators/" + any.id() + "/curve?over=angle", any.example());
        assertThat(curve.status()).as(curve.body().toString()).isEqualTo(200);
        assertThat(curve.body().path("points").size()).isGreaterThan(20);
        assertThat(curve.body().path("here").path("y").asDouble()).isPositive();
        assertThat(post("/api/v1/calculators/" + any.id() + "/curve?over=colour", any.example())
                        .messageAt("over"))
                .isNotEmpty();
        assertThat(post("/api/v1/calculators/none/curve?over=angle", any.example())
                        .status())
                .isEqualTo(404);
    }
}
