package truekeen.app.log;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import truekeen.app.ApiTest;
import truekeen.core.progression.Answer;

/** The numbers of a tool's history as they are drawn. */
class CurvesTest extends ApiTest {
    private String tool;

    @BeforeEach
    void takenIn() {
        kit();
        tool = takeIn(chisel());
    }

    private JsonNode curve(String kind) {
        for (JsonNode c : get("/api/v1/tools/" + tool + "/log").body().path("curves")) {
            if (c.path("kind").asText().equals(kind)) {
                return c;
            }
        }
        return JSON.missingNode();
    }

    private void survey(String off) {
        ObjectNode survey = survey().put("highCorner", off.equals("0") ? "NONE" : "LEFT");
        survey.put("squareOff", off.equals("0") ? "" : off);
        survey.put(
                "basedOn",
                get("/api/v1/tools/" + tool + "/survey").body().at("/survey/id").asText(""));
        Answer kept = post("/api/v1/tools/" + tool + "/surveys", survey);
        assertThat(kept.status()).as(kept.raw().body()).isEqualTo(200);
    }

    @Test
    void oneNumberIsNoCurveAndTwoAreInTheOrderOfTime() {
        survey("0");
        assertThat(curve("SQUARENESS").isMissingNode()).isTrue();
        survey("0.5");
        JsonNode points = curve("SQUARENESS").path("points");
        assertThat(points).hasSize(2);
        assertThat(points.get(0).path("value").asDouble()).isZero();
        assertThat(points.get(1).path("value").asDouble()).isEqualTo(0.5);
        assertThat(curve("SQUARENESS").path("unit").asText()).isEqualTo("°");
    }

    @Test
    void strokesStandBesideWhatThePlanForesawAndLengthGoesDown() {
        for (int round = 0; round < 2; round++) {
            survey("0");
            post("/api/v1/tools/" + tool + "/setups", angle());
            String plan = post("/api/v1/tools/" + tool + "/plans", Map.of("grindOn", ""))
                    .body()
                    .path("id")
                    .asText();
            JsonNode session = start(tool, plan);
            String id = session.path("id").asText();
            for (int i = 0; i < session.path("steps").size(); i++) {
                JsonNode step = session.at("/steps/" + i + "/step");
                for (JsonNode side : step.path("sides")) {
                    tell(id, TABLET, event("COUNT", i, side.asText(), 7));
                }
                boolean gate = !step.path("gate").asText().isEmpty();
                tell(id, TABLET, event(gate ? "GATE_PASSED" : "STEP_DONE", i, "", 0));
            }
            test(id, round == 0 ? "90" : "80");
            assertThat(post("/api/v1/sessions/" + id + "/finish", Map.of("device", TABLET, "person", ""))
                            .status())
                    .isEqualTo(200);
        }
        JsonNode strokes = curve("STROKES").path("points");
        assertThat(strokes).hasSize(2).allSatisfy(p -> {
            assertThat(p.path("value").asDouble()).isPositive();
            assertThat(p.path("least").asDouble()).isPositive();
            assertThat(p.path("most").asDouble())
                    .isGreaterThanOrEqualTo(p.path("least").asDouble());
        });
        JsonNode keenness = curve("KEENNESS").path("points");
        assertThat(keenness.get(1).path("value").asDouble())
                .isLessThan(keenness.get(0).path("value").asDouble());
        JsonNode length = curve("LENGTH").path("points");
        assertThat(length.get(1).path("value").asDouble())
                .isLessThan(length.get(0).path("value").asDouble());
    }
}
