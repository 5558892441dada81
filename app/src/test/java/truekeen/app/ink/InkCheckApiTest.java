package truekeen.app.ink;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.app.ApiTest;
import truekeen.core.progression.Answer;

class InkCheckApiTest extends ApiTest {
    private JsonNode session(String tool) {
        String plan = planned(tool, survey());
        Answer started =
                post("/api/v1/tools/" + tool + "/sessions", object("planId", plan, "device", "tablet", "person", ""));
        assertThat(started.status()).as(started.raw().body()).isEqualTo(200);
        return started.body();
    }

    /** The first step that is done on a stone at an angle. */
    private static int step(JsonNode session) {
        for (int i = 0; i < session.path("steps").size(); i++) {
            JsonNode s = session.path("steps").get(i).path("step");
            if (!s.path("abrasiveId").asText().isEmpty() && s.path("angleDeg").isNumber()) {
                return i;
            }
        }
        throw new AssertionError("no step on a stone");
    }

    private ObjectNode seen(int step, String intent, String band, String strokes, String... gone) {
        ObjectNode form = object("step", step, "intent", intent, "band", band, "strokes", strokes);
        var places = form.putArray("gone");
        for (String g : gone) {
            places.add(g);
        }
        return form;
    }

    @Test
    void aBareHeelShortensTheProjectionAndTakingItMovesTheSetUp() {
        String tool = takeIn(chisel());
        JsonNode session = session(tool);
        String path = "/api/v1/sessions/" + session.path("id").asText() + "/ink";
        JsonNode answer = post(
                        path, seen(step(session), "MATCH", "0.4 mm", "3", "HEEL_LEFT", "HEEL_CENTRE", "HEEL_RIGHT"))
                .body();
        assertThat(answer.path("finding").asText()).isEqualTo("TOO_LOW");
        JsonNode change = answer.path("change");
        assertThat(change.path("words").asText()).startsWith("Shorten the projection by");
        assertThat(change.path("to").asDouble())
                .isBetween(change.path("low").asDouble(), change.path("high").asDouble());
        assertThat(answer.path("off").path("low").asDouble())
                .isLessThan(answer.path("off").path("high").asDouble());
        String setup = "/api/v1/setups/" + answer.path("setupId").asText() + "/ink";
        ObjectNode take = object(
                "offDeg",
                change.path("offDeg").asDouble(),
                "version",
                answer.path("setupVersion").asLong());
        JsonNode card = post(setup, take).body();
        assertThat(card.path("inkDeg").asDouble())
                .isEqualTo(change.path("offDeg").asDouble());
        assertThat(card.path("restated").toString()).contains("ink check");
        // Taken twice by a double tap it would be moved twice: the second is refused.
        assertThat(post(setup, take).status()).isEqualTo(409);
        // The bevels stay what they were; the setting moved, and does so on the angle page too.
        JsonNode advice =
                post("/api/v1/tools/" + tool + "/angle/advice", angle()).body();
        assertThat(advice.path("chosen").path("lastDeg").asDouble())
                .isEqualTo(card.path("lastDeg").asDouble());
        assertThat(advice.path("settings").get(0).path("setting").path("value").asDouble())
                .isEqualTo(card.path("settings").get(0).path("value").asDouble());
    }

    @ParameterizedTest
    @CsvSource({
        "MATCH, EDGE_LEFT EDGE_CENTRE EDGE_RIGHT, TOO_HIGH, Lengthen",
        "LOWER, HEEL_LEFT HEEL_CENTRE HEEL_RIGHT, GOING_WELL, ''",
        "STEEPEN, EDGE_LEFT EDGE_CENTRE EDGE_RIGHT, GOING_WELL, ''",
        "MATCH, HEEL_LEFT EDGE_RIGHT, TWISTED, ''"
    })
    void theIntentDecides(String intent, String gone, String finding, String act) {
        JsonNode session = session(takeIn(chisel()));
        JsonNode answer = post(
                        "/api/v1/sessions/" + session.path("id").asText() + "/ink",
                        seen(step(session), intent, "", "3", gone.split(" ")))
                .body();
        assertThat(answer.path("finding").asText()).isEqualTo(finding);
        if (!act.isEmpty() && !answer.path("change").isNull()) {
            assertThat(answer.path("change").path("words").asText()).startsWith(act);
        }
    }

    @Test
    void badInputIsSaidBesideItsField() {
        JsonNode session = session(takeIn(chisel()));
        String path = "/api/v1/sessions/" + session.path("id").asText() + "/ink";
        int step = step(session);
        JsonNode answer =
                post(path, seen(step, "MATCH", "wide", "lots", "HEEL_LEFT")).body();
        assertThat(answer.path("faults").toString()).contains("band").contains("strokes");
        assertThat(answer.path("finding").asText()).isEqualTo("TOO_LOW");
        assertThat(post(path, seen(99, "MATCH", "", "3")).status()).isEqualTo(422);
        assertThat(post(path, seen(step, "GUESS", "", "3")).status()).isEqualTo(422);
        assertThat(post(path, seen(step, "MATCH", "", "3", "NOWHERE"))
                        .body()
                        .path("faults")
                        .toString())
                .contains("gone");
        assertThat(post("/api/v1/sessions/00000000-0000-0000-0000-00000000abcd/ink", seen(step, "MATCH", "", "3"))
                        .status())
                .isEqualTo(404);
    }
}
