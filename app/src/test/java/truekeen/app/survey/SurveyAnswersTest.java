package truekeen.app.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.app.ApiTest;

/** What is put down about an edge is understood in any unit and answered at once. */
class SurveyAnswersTest extends ApiTest {

    private JsonNode answer(ObjectNode survey) {
        return post("/api/v1/tools/" + takeIn(chisel()) + "/survey/preview", survey)
                .body();
    }

    @ParameterizedTest
    @CsvSource({
        "TOUCH_UP, false, POLISHED, '', STROP_ONLY",
        "TOUCH_UP, true, POLISHED, '', FINE_STONE_ONLY",
        "DULL, false, POLISHED, '', FULL_HONING",
        "TOUCH_UP, false, UNPOLISHED, '', FULL_HONING",
        "DULL, false, PITTED, 0.4 mm, RETIRE",
        "DULL, false, PITTED, 100 µm, FULL_HONING",
    })
    void theScopeFollowsTheAnswers(String dull, boolean tried, String back, String depth, String scope) {
        ObjectNode survey = survey();
        survey.put("dullness", dull)
                .put("stropTried", tried)
                .put("backState", back)
                .put("backDepth", depth);
        JsonNode result = answer(survey).path("result");
        assertThat(result.path("scope").asText()).isEqualTo(scope);
        assertThat(result.path("reasons").size()).isPositive();
    }

    @Test
    void aGapOverTheWidthIsAnAngle() {
        ObjectNode gap = survey();
        gap.put("highCorner", "LEFT").put("squareOff", "1/32\"").put("squareAs", "GAP");
        JsonNode answer = answer(gap);
        assertThat(answer.path("outOfSquareDeg").asDouble())
                .isCloseTo(Math.toDegrees(Math.atan(0.79375 / 24)), within(1e-9));
        assertThat(answer.path("echoes").toString()).contains("over the width is 1.89°");
        assertThat(answer.path("result").path("scope").asText()).isEqualTo("REPAIR");
        assertThat(answer.path("result").path("newEdgeMm").asDouble()).isCloseTo(0.79375 + 0.025, within(1e-9));
    }

    @Test
    void theNumbersHoldTogether() {
        ObjectNode survey = survey();
        mark(survey, "CHIP", "10 mm", "40 thou", "0.3");
        assertThat(answer(survey).path("result").isNull()).isTrue();
        ObjectNode good = survey();
        mark(good, "CHIP", "10 mm", "11.5", "12 thou");
        JsonNode result = answer(good).path("result");
        double lost = result.path("lost").path("value").asDouble();
        assertThat(result.path("usableAfterMm").asDouble()).isCloseTo(90 - lost, within(1e-9));
        assertThat(result.path("steelLeftMm").asDouble()).isCloseTo(70 - lost, within(1e-9));
        assertThat(result.path("volume").path("value").asDouble())
                .isCloseTo(
                        result.path("primaryMm3").asDouble()
                                + result.path("secondaryMm3").asDouble()
                                + result.path("backMm3").asDouble(),
                        within(1e-9));
        assertThat(result.path("newEdgeMm").asDouble()).isCloseTo(0.3048, within(1e-9));
        assertThat(result.path("section").path("removed").size()).isPositive();
    }

    @Test
    void whatIsKeptComesBackAsItWasTyped() {
        String tool = takeIn(chisel());
        ObjectNode survey = survey();
        mark(survey, "ROUNDED_CORNER", "23.2", "24", "8 thou");
        post("/api/v1/tools/" + tool + "/surveys", survey);
        JsonNode kept = get("/api/v1/tools/" + tool + "/survey").body().path("survey");
        assertThat(kept.path("form").path("findings").get(0).path("depth").asText())
                .isEqualTo("8 thou");
        assertThat(kept.path("findings").get(0).path("depthMm").asDouble()).isCloseTo(0.2032, within(1e-9));
        assertThat(kept.path("person").asText()).isEqualTo("tester");
    }
}
