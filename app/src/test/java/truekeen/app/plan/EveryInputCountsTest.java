package truekeen.app.plan;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import truekeen.app.ApiTest;
import truekeen.app.TestDatabase;

/** No input of a stage is a mere note: each changes a later result. */
class EveryInputCountsTest extends ApiTest {

    @DynamicPropertySource
    static void ownShelf(DynamicPropertyRegistry registry) {
        TestDatabase.own(registry);
    }

    private JsonNode plan(ObjectNode tool, ObjectNode survey, ObjectNode angle) {
        kit();
        String id = takeIn(tool);
        assertThat(post("/api/v1/tools/" + id + "/surveys", survey).status()).isEqualTo(200);
        assertThat(post("/api/v1/tools/" + id + "/setups", angle).status()).isEqualTo(200);
        return post("/api/v1/tools/" + id + "/plan/preview", Map.of("grindOn", ""))
                .body();
    }

    private static String essence(JsonNode plan) {
        StringBuilder text = new StringBuilder();
        text.append(plan.path("scope")).append(plan.path("lostMm")).append(plan.path("volumeMm3"));
        plan.path("steps")
                .forEach(s ->
                        text.append(s.path("title")).append(s.path("strokes")).append(s.path("setting")));
        return text.toString();
    }

    @ParameterizedTest
    @CsvSource({
        "width, 30",
        "thickness, 3.9",
        "primary, 27",
        "secondary, 31",
        "secondaryWidth, 1.1",
        "steel, air-hardening tool steel",
        "trade, bench chisel / site work"
    })
    void whatIsTakenDownAtTheDoor(String field, String value) {
        ObjectNode other = chisel();
        typed(other, field, value);
        ObjectNode survey = survey();
        survey.put("dullness", "LIGHT_VISIBLE");
        mark(survey, "CHIP", "5", "6", "0.5");
        assertThat(essence(plan(other, survey, angle()))).isNotEqualTo(essence(plan(chisel(), survey, angle())));
    }

    @Test
    void whatTheSurveyFinds() {
        String plain = essence(plan(chisel(), survey(), angle()));
        ObjectNode chip = survey();
        mark(chip, "CHIP", "5", "6", "0.1");
        ObjectNode bright = survey();
        mark(bright, "BRIGHT", "5", "6", "");
        ObjectNode corner = survey();
        mark(corner, "ROUNDED_CORNER", "22", "24", "0.08");
        ObjectNode slant = survey();
        slant.put("highCorner", "RIGHT").put("squareOff", "0.2 mm").put("squareAs", "GAP");
        ObjectNode back = survey();
        back.put("backState", "RIDGED");
        ObjectNode bite = survey();
        bite.put("dullness", "TOUCH_UP");
        ObjectNode tried = survey();
        tried.put("dullness", "TOUCH_UP").put("stropTried", true);
        for (ObjectNode found : new ObjectNode[] {chip, bright, corner, slant, back, bite, tried}) {
            assertThat(essence(plan(chisel(), found, angle())))
                    .as(found.toString())
                    .isNotEqualTo(plain);
        }
        assertThat(essence(plan(chisel(), bite, angle()))).isNotEqualTo(essence(plan(chisel(), tried, angle())));
    }

    @Test
    void theAngleAndEveryAbrasive() {
        String plain = essence(plan(chisel(), survey(), angle()));
        ObjectNode steeper = angle();
        steeper.put("last", "34");
        assertThat(essence(plan(chisel(), survey(), steeper))).isNotEqualTo(plain);

        ObjectNode chipped = survey();
        mark(chipped, "CHIP", "5", "6", "0.3");
        String before = essence(plan(chisel(), chipped, angle()));
        for (JsonNode a : get("/api/v1/kit").body().path("abrasives")) {
            if (a.path("retired").asBoolean()) {
                continue;
            }
            String path = "/api/v1/kit/abrasives/" + a.path("id").asText();
            ObjectNode out = stone(
                    a.path("name").asText(),
                    a.path("kind").asText(),
                    a.path("gritStandard").asText(),
                    a.path("gritName").asText());
            out.put("retired", true).put("version", a.path("version").asLong());
            JsonNode changed = put(path, out).body();
            assertThat(essence(plan(chisel(), chipped, angle())))
                    .as(a.path("name").asText())
                    .isNotEqualTo(before);
            out.put("retired", false).put("version", changed.path("version").asLong());
            put(path, out);
        }
    }
}
