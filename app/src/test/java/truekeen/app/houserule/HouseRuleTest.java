package truekeen.app.houserule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import truekeen.app.ApiTest;
import truekeen.app.TestDatabase;
import truekeen.core.progression.Answer;

/** The shop picks, a tool may be an exception, and geometry and angle heed it at once. */
class HouseRuleTest extends ApiTest {
    @DynamicPropertySource
    static void own(DynamicPropertyRegistry registry) {
        TestDatabase.own(registry);
    }

    @AfterEach
    void asUsual() {
        for (JsonNode rule : get("/api/v1/house-rules").body().path("rules")) {
            pick(rule.path("rule").asText(), "");
        }
    }

    private Answer pick(String rule, String choice) {
        return put("/api/v1/house-rules", Map.of("rule", rule, "choice", choice));
    }

    private Answer except(String tool, String rule, String choice) {
        return put("/api/v1/tools/" + tool + "/house-rules", Map.of("rule", rule, "choice", choice));
    }

    private double last(String tool) {
        return post("/api/v1/tools/" + tool + "/angle/advice", angle())
                .body()
                .path("chosen")
                .path("lastDeg")
                .asDouble();
    }

    private static JsonNode rule(JsonNode rules, String name) {
        for (JsonNode r : rules.path("rules")) {
            if (r.path("rule").asText().equals(name)) {
                return r;
            }
        }
        throw new AssertionError("no rule " + name);
    }

    @Test
    void everyRuleIsThereAndSaysWhatItChanges() {
        JsonNode rules = get("/api/v1/house-rules").body();
        assertThat(rules.path("rules")).hasSize(20);
        rules.path("rules").forEach(r -> {
            assertThat(r.path("changes").asText()).isNotBlank();
            assertThat(r.path("shop").asText())
                    .isEqualTo(r.path("options").get(0).path("key").asText());
        });
    }

    @Test
    void theShopsPickActsAndAToolIsExcepted() {
        kit();
        String one = takeIn(chisel());
        String other = takeIn(chisel());
        assertThat(last(one)).isCloseTo(30, within(1e-9));
        assertThat(pick("ACCURACY", "EXACT").status()).isEqualTo(200);
        assertThat(pick("SECONDARY_STEP", "2").status()).isEqualTo(200);
        assertThat(last(one)).isCloseTo(27, within(1e-9));
        assertThat(except(other, "SECONDARY_STEP", "10").status()).isEqualTo(200);
        assertThat(last(other)).isCloseTo(35, within(1e-9));
        assertThat(last(one)).isCloseTo(27, within(1e-9));
        JsonNode seen = get("/api/v1/tools/" + other + "/house-rules").body();
        assertThat(rule(seen, "SECONDARY_STEP").path("tool").asText()).isEqualTo("10");
        assertThat(rule(seen, "SECONDARY_STEP").path("shop").asText()).isEqualTo("2");
        except(other, "SECONDARY_STEP", "");
        assertThat(last(other)).isCloseTo(27, within(1e-9));
        // picking twice leaves one pick
        pick("SECONDARY_STEP", "5");
        pick("SECONDARY_STEP", "5");
        assertThat(last(one)).isCloseTo(30, within(1e-9));
    }

    @Test
    void formCamberAndBackOfIronsAreHeeded() {
        kit();
        String chisel = takeIn(chisel());
        pick("BEVEL_FORM", "FLAT");
        assertThat(last(chisel)).isCloseTo(25, within(1e-9));
        pick("BEVEL_FORM", "HOLLOW");
        JsonNode hollow =
                post("/api/v1/tools/" + chisel + "/angle/advice", angle()).body();
        assertThat(hollow.path("faults").toString()).contains("wheelDiameter");
        pick("BEVEL_FORM", "");
        String iron = takeIn(tool(
                "iron",
                "plane iron bevel down / smoothing",
                "plain carbon",
                "width=50;thickness=3;usableLength=60;retireLength=18;bed=45;primary=25"));
        JsonNode before =
                post("/api/v1/tools/" + iron + "/angle/advice", angle()).body();
        assertThat(before.path("thinRule").asBoolean()).isTrue();
        // A straight iron stays straight until the house asks for camber itself; it is said as a choice.
        assertThat(before.path("stations").isNull()).isTrue();
        assertThat(before.path("reasons").toString()).contains("type it to have it");
        pick("CAMBER", "STATIONS");
        assertThat(post("/api/v1/tools/" + iron + "/angle/advice", angle())
                        .body()
                        .path("stations")
                        .isNull())
                .isFalse();
        pick("CAMBER", "NONE");
        pick("IRON_BACK", "FULL");
        JsonNode after =
                post("/api/v1/tools/" + iron + "/angle/advice", angle()).body();
        assertThat(after.path("thinRule").asBoolean()).isFalse();
        assertThat(after.path("stations").isNull()).isTrue();
        assertThat(after.path("figures").toString()).doesNotContain("camber on the iron");
    }

    @ParameterizedTest
    @CsvSource({"GRAVITY, DOWN, rule", "STROP, TWICE, choice", "'', '', rule"})
    void aPickThatIsNoneIsRefused(String rule, String choice, String field) {
        Answer answer = pick(rule, choice);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.messageAt(field)).isNotEmpty();
        assertThat(put("/api/v1/house-rules", "{}").status()).isEqualTo(422);
    }

    @Test
    void whatARuleCostsIsSaidOnTheToolsThatWerePlannedLast() {
        JsonNode nothing = get("/api/v1/house-rules/BEVEL_FORM/costs").body();
        assertThat(nothing.path("options")).hasSize(4);
        String tool = takeIn(chisel().put("name", "planned chisel"));
        planned(tool, survey());
        JsonNode costs = get("/api/v1/house-rules/BEVEL_FORM/costs").body();
        assertThat(costs.path("tools").toString()).contains("planned chisel");
        JsonNode flat = option(costs, "FLAT");
        assertThat(flat.at("/tools/0/minutes").asDouble()).isPositive();
        assertThat(option(
                                get("/api/v1/tools/" + tool + "/house-rules/BEVEL_FORM/costs")
                                        .body(),
                                "FLAT")
                        .at("/tools/0/strokes")
                        .asInt())
                .isEqualTo(flat.at("/tools/0/strokes").asInt());
        assertThat(get("/api/v1/house-rules/NO_RULE/costs").status()).isEqualTo(422);
    }

    private static JsonNode option(JsonNode costs, String key) {
        for (JsonNode option : costs.path("options")) {
            if (option.path("option").asText().endsWith(key)) {
                return option;
            }
        }
        throw new AssertionError("no " + key + " in " + costs);
    }
}
