package truekeen.app.finish;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import truekeen.app.ApiTest;

/** Clean, dry, protect, refit, and the day it is looked at again. */
class FinishTest extends ApiTest {
    private String session(String tool) {
        String session = start(tool, planned(tool, survey())).path("id").asText();
        JsonNode steps = get("/api/v1/sessions/" + session).body().path("steps");
        for (int i = 0; i < steps.size(); i++) {
            boolean gate = !steps.get(i).path("step").path("gate").asText().isEmpty();
            tell(session, TABLET, event(gate ? "GATE_PASSED" : "STEP_DONE", i, "", 0));
        }
        return session;
    }

    private static ObjectNode card(String capIron, String next) {
        ObjectNode card = object("device", TABLET, "person", "", "capIron", capIron, "nextCheck", next);
        card.putArray("done").add("WASH").add("DRY");
        card.putArray("seen");
        return card;
    }

    private String iron() {
        kit();
        return takeIn(
                tool(
                        "smoother",
                        "plane iron bevel down / smoothing",
                        "plain carbon",
                        "width=50;thickness=3;usableLength=60;retireLength=20;bed=45;primary=25;secondary=30;secondaryWidth=0.5"));
    }

    @Test
    void anIronIsRefittedItsCapIronKeptAndTheNextDayProposed() {
        String tool = iron();
        String session = session(tool);
        JsonNode sheet =
                get("/api/v1/tools/" + tool + "/finish?device=" + TABLET).body();
        assertThat(sheet.path("acts").findValuesAsText("key"))
                .containsSubsequence("WASH", "DRY", "PROTECT", "LAY_IN", "CAP_IRON", "PLAY", "CENTRE", "FIRST_CUT");
        assertThat(sheet.path("nextWords").asText()).startsWith("First estimate");
        assertThat(sheet.path("firstCut").findValuesAsText("sign")).contains("SHAVING_EVEN", "SHAVING_NONE");
        String close = "/api/v1/sessions/" + session + "/finish-card";
        assertThat(post(close, card("1 m", "")).messageAt("capIron")).isNotBlank();
        assertThat(post(close, card("1.2", "1999-01-01")).messageAt("nextCheck"))
                .contains("not a day");
        assertThat(post(close, card("1.2", "soon")).messageAt("nextCheck")).isNotBlank();
        ObjectNode unknown = card("1.2", "");
        unknown.withArray("done").add("POLISH_SHOES");
        assertThat(post(close, unknown).status()).isEqualTo(422);
        ObjectNode bad = card("1.2", "");
        bad.withArray("seen").add("SHAVING_NONE");
        assertThat(post(close, bad).messageAt("seen")).contains("Judge that as a test");
        assertThat(get("/api/v1/sessions/" + session).body().path("finishedAt").isNull())
                .isTrue();

        ObjectNode good = card("1.2 mm", sheet.path("nextCheck").asText());
        good.withArray("seen").add("SHAVING_EVEN");
        assertThat(post(close, good).status()).isEqualTo(200);
        assertThat(post(close, good).status()).isEqualTo(409);
        JsonNode last = get("/api/v1/tools/" + tool + "/finish").body().path("last");
        assertThat(last.path("capIronMm").asDouble()).isEqualTo(1.2);
        assertThat(last.path("nextCheck").asText())
                .isEqualTo(sheet.path("nextCheck").asText());
        assertThat(get("/api/v1/tools/" + tool + "/log").body().toString())
                .contains("Back to work", "cap iron 1.2 mm behind the edge", "an even full-width shaving");
    }

    @Test
    void theBoardSaysWhenItIsLookedAtAgainAndThatItIsDue() {
        kit();
        String tool = takeIn(chisel());
        String session = session(tool);
        LocalDate today =
                LocalDate.parse(get("/api/v1/board").body().path("today").asText());
        post("/api/v1/sessions/" + session + "/finish-card", card("", today.toString()));
        JsonNode stages = get("/api/v1/tools/" + tool + "/stages").body();
        assertThat(stages.path("nextCheck").asText()).isEqualTo(today.toString());
        assertThat(stages.path("due").asBoolean()).isTrue();
        assertThat(get("/api/v1/tools/" + tool + "/finish")
                        .body()
                        .path("last")
                        .path("capIronMm")
                        .isNull())
                .isTrue();
    }

    @Test
    void aSessionOnAnotherTabletIsNotClosedFromHere() {
        kit();
        String tool = takeIn(chisel());
        String session = session(tool);
        ObjectNode card = card("", "");
        card.put("device", "another");
        assertThat(post("/api/v1/sessions/" + session + "/finish-card", card)
                        .body()
                        .path("detail")
                        .asText())
                .contains("another device");
        assertThat(get("/api/v1/tools/" + tool + "/finish").body().path("last").isNull())
                .isTrue();
    }
}
