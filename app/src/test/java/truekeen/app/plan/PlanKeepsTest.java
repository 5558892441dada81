package truekeen.app.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import truekeen.app.ApiTest;
import truekeen.app.TestDatabase;
import truekeen.core.progression.Answer;

/** A plan says what it rests on, and stays what it was. */
class PlanKeepsTest extends ApiTest {

    @DynamicPropertySource
    static void ownShelf(DynamicPropertyRegistry registry) {
        TestDatabase.own(registry);
    }

    private JsonNode preview(String tool, String grindOn) {
        return post("/api/v1/tools/" + tool + "/plan/preview", Map.of("grindOn", grindOn))
                .body();
    }

    @Test
    void aChosenPlanDoesNotChangeWithTheShelf() {
        String tool = takeIn(chisel());
        String plan = planned(tool, survey());
        JsonNode before = get("/api/v1/tools/" + tool + "/plan").body();
        assertThat(before.path("plan").path("id").asText()).isEqualTo(plan);
        JsonNode shelf = get("/api/v1/kit").body().path("abrasives");
        JsonNode used = before.path("plan")
                .path("plan")
                .path("jobs")
                .get(0)
                .path("legs")
                .get(0);
        for (JsonNode a : shelf) {
            if (a.path("id").asText().equals(used.path("abrasiveId").asText())) {
                ObjectNode out = stone(
                        a.path("name").asText(),
                        a.path("kind").asText(),
                        "JIS",
                        a.path("gritName").asText());
                out.put("retired", true).put("version", a.path("version").asLong());
                JsonNode changed = put("/api/v1/kit/abrasives/" + a.path("id").asText(), out)
                        .body();
                assertThat(get("/api/v1/tools/" + tool + "/plan").body()).isEqualTo(before);
                assertThat(preview(tool, "").toString())
                        .isNotEqualTo(before.path("plan").path("plan").toString());
                out.put("retired", false).put("version", changed.path("version").asLong());
                put("/api/v1/kit/abrasives/" + a.path("id").asText(), out);
            }
        }
    }

    @Test
    void everyEstimateIsARangeWithItsWhy() {
        String tool = takeIn(chisel());
        planned(tool, survey());
        JsonNode plan = preview(tool, "");
        JsonNode minutes = plan.path("minutes");
        assertThat(minutes.path("low").asDouble())
                .isLessThan(minutes.path("value").asDouble());
        assertThat(minutes.path("high").asDouble())
                .isGreaterThan(minutes.path("value").asDouble());
        assertThat(minutes.path("evidence").asText()).contains("first estimate");
        for (JsonNode job : plan.path("jobs")) {
            for (JsonNode leg : job.path("legs")) {
                assertThat(leg.path("strokesLow").asInt())
                        .isLessThanOrEqualTo(leg.path("strokes").asInt());
                assertThat(leg.path("strokesHigh").asInt())
                        .isGreaterThanOrEqualTo(leg.path("strokes").asInt());
                assertThat(leg.path("why").path("given").size()).isGreaterThan(3);
                assertThat(leg.path("why").path("source").asText()).isEqualTo("workshop prior");
            }
            assertThat(job.path("legs").size() + job.path("passedOver").size())
                    .as("every stone is chosen or said to be left out")
                    .isGreaterThanOrEqualTo(3);
        }
    }

    @Test
    void theVolumesOfTheJobsAreThoseOfTheSurvey() {
        String tool = takeIn(chisel());
        ObjectNode survey = survey();
        mark(survey, "CHIP", "8", "9", "0.5");
        planned(tool, survey);
        JsonNode found =
                post("/api/v1/tools/" + tool + "/survey/preview", survey).body().path("result");
        JsonNode plan = preview(tool, "BY_HAND");
        assertThat(plan.path("jobs")).hasSize(2);
        assertThat(plan.path("jobs").get(0).path("volumeMm3").asDouble())
                .isCloseTo(found.path("primaryMm3").asDouble(), within(1e-9));
        assertThat(plan.path("jobs").get(1).path("volumeMm3").asDouble())
                .isCloseTo(found.path("secondaryMm3").asDouble(), within(1e-9));
        assertThat(plan.path("lostMm").asDouble())
                .isEqualTo(found.path("lost").path("value").asDouble());
    }

    @Test
    void aWheelOnTheShelfIsOfferedForMuchSteelAndTheSurveyDecides() {
        ObjectNode wheel = stone("grinder", "dry grinding wheel", "FEPA-F", "F60");
        wheel.put("shape", "WHEEL");
        kit();
        String id = post("/api/v1/kit/abrasives", wheel).body().path("id").asText();
        String tool = takeIn(chisel());
        ObjectNode survey = survey();
        mark(survey, "CHIP", "8", "9", "0.9");
        planned(tool, survey);
        JsonNode byHand = preview(tool, "BY_HAND");
        assertThat(byHand.path("offers")).hasSize(1);
        // Where one is owned the plan begins with it; one choice changes that.
        assertThat(preview(tool, "").path("steps").get(0).path("kind").asText()).isEqualTo("GRIND");
        // How soon the edge draws its temper there, with its why, and more time where it is ground blunt first.
        JsonNode heat = byHand.path("offers").get(0).path("heat");
        assertThat(heat.path("limitC").asDouble()).isEqualTo(140);
        assertThat(heat.path("why").path("value").asDouble())
                .isCloseTo(first(heat.path("sharp").asText()), within(0.1));
        assertThat(heat.path("finger").asText()).contains("cannot warn");
        assertThat(heat.path("dip").asText()).contains("never by feel");
        assertThat(first(heat.path("bluntAlike").asText()))
                .isGreaterThan(first(heat.path("sharp").asText()));
        JsonNode ground = preview(tool, id);
        assertThat(ground.path("steps").get(0).path("kind").asText()).isEqualTo("GRIND");
        assertThat(ground.path("minutes").path("value").asDouble())
                .isLessThan(byHand.path("minutes").path("value").asDouble());
        assertThat(preview(tool, "nonsense").path("steps").get(0).path("kind").asText())
                .isNotEqualTo("GRIND");
    }

    @Test
    void aToolAtItsEndIsAdvisedToRetireAndThePersonMayGoOn() {
        ObjectNode stub = chisel();
        typed(typed(stub, "usableLength", "21"), "retireLength", "20.5");
        String tool = takeIn(stub);
        ObjectNode survey = survey();
        mark(survey, "CHIP", "8", "9", "0.9");
        kit();
        post("/api/v1/tools/" + tool + "/surveys", survey);
        post("/api/v1/tools/" + tool + "/setups", angle());
        assertThat(preview(tool, "").path("scope").asText()).isEqualTo("RETIRE");
        assertThat(preview(tool, "").path("reasons").get(0).asText()).contains("retire limit");
        Answer chosen = post("/api/v1/tools/" + tool + "/plans", Map.of("grindOn", ""));
        assertThat(chosen.status()).isEqualTo(200);
        assertThat(chosen.body().path("plan").path("scope").asText()).isEqualTo("RETIRE");
        assertThat(chosen.body().path("plan").path("steps").size()).isPositive();
    }

    /** The first number in words. */
    private static double first(String words) {
        return Double.parseDouble(words.replaceAll("^[^\\d]*([\\d.]+).*$", "$1"));
    }
}
