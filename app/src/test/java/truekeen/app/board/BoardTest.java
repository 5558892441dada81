package truekeen.app.board;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import org.junit.jupiter.api.Test;
import truekeen.app.ApiTest;

/** The line of stages follows the work, and the next act is always one. */
class BoardTest extends ApiTest {
    private String tool;

    private String here() {
        JsonNode stages = get("/api/v1/tools/" + tool + "/stages").body();
        StringBuilder line = new StringBuilder();
        for (JsonNode s : stages.path("stages")) {
            line.append(Character.toLowerCase(s.path("state").asText().charAt(0)));
        }
        return line + " " + stages.path("next").path("words").asText();
    }

    @Test
    void fromTheDoorToTheLogAndRoundAgain() {
        kit();
        tool = takeIn(chisel());
        assertThat(here()).isEqualTo("dhwwwww Survey the edge");
        post("/api/v1/tools/" + tool + "/surveys", survey());
        assertThat(here()).isEqualTo("ddhwwww Choose the angle");
        post("/api/v1/tools/" + tool + "/setups", angle());
        assertThat(here()).isEqualTo("dddhwww Plan the work");
        String plan = post("/api/v1/tools/" + tool + "/plans", Map.of("grindOn", ""))
                .body()
                .path("id")
                .asText();
        assertThat(here()).isEqualTo("ddddhww Start at the bench");
        JsonNode session = start(tool, plan);
        assertThat(here()).isEqualTo("ddddhww Go on at the bench");
        String id = session.path("id").asText();
        for (int i = 0; i < session.path("steps").size(); i++) {
            boolean gate = !session.path("steps")
                    .get(i)
                    .path("step")
                    .path("gate")
                    .asText()
                    .isEmpty();
            tell(id, TABLET, event(gate ? "GATE_PASSED" : "STEP_DONE", i, "", 0));
        }
        assertThat(here()).isEqualTo("dddddhw Test the edge");
        test(id, "90");
        assertThat(here()).isEqualTo("ddddddh Clean and refit it");
        post("/api/v1/sessions/" + id + "/finish", Map.of("device", TABLET, "person", ""));
        assertThat(here()).isEqualTo("dhdwwwd Survey it again");
        assertThat(get("/api/v1/rack").body().path("tools").toString()).contains("\"ready\":true");

        // The next round begins with a survey of its own; the set-up is kept for it.
        ObjectNode again = survey();
        again.put(
                "basedOn",
                get("/api/v1/tools/" + tool + "/survey")
                        .body()
                        .path("survey")
                        .path("id")
                        .asText());
        assertThat(post("/api/v1/tools/" + tool + "/surveys", again).status()).isEqualTo(200);
        assertThat(here()).isEqualTo("dddhwww Plan the work");
    }

    @Test
    void aNewSurveyOrSetUpAsksForANewPlan() {
        tool = takeIn(chisel());
        planned(tool, survey());
        ObjectNode again = survey();
        mark(again, "CHIP", "5", "6", "0.1");
        again.put(
                "basedOn",
                get("/api/v1/tools/" + tool + "/survey")
                        .body()
                        .path("survey")
                        .path("id")
                        .asText());
        post("/api/v1/tools/" + tool + "/surveys", again);
        assertThat(here()).endsWith("Plan the work");
        post("/api/v1/tools/" + tool + "/plans", Map.of("grindOn", ""));
        assertThat(here()).endsWith("Start at the bench");
        ObjectNode steeper = angle();
        steeper.put("last", "33").put("name", "steeper");
        post("/api/v1/tools/" + tool + "/setups", steeper);
        assertThat(here()).endsWith("Plan the work");
    }

    @Test
    void theStripCarriesWhatTheSurveyFound() {
        tool = takeIn(chisel());
        ObjectNode survey = survey();
        mark(survey, "CHIP", "5", "6", "0.4");
        post("/api/v1/tools/" + tool + "/surveys", survey);
        JsonNode stages = get("/api/v1/tools/" + tool + "/stages").body();
        assertThat(stages.path("findings").get(0).path("words").asText()).isEqualTo("chip at 5 to 6 mm, 0.4 mm deep");
        double deepest = 0;
        for (JsonNode s : stages.path("stations")) {
            deepest = Math.max(deepest, s.path("presentMm").asDouble());
        }
        assertThat(deepest).isBetween(0.39, 0.4001);
    }
}
