package truekeen.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Instant;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import truekeen.app.ApiTest;
import truekeen.core.progression.Answer;

/** What is seen and read at a step, the gate it shapes, times, and tools side by side. */
class SignsTest extends ApiTest {
    private String tool;
    private String session;
    private int work;

    @BeforeEach
    void toTheFirstStone() {
        kit();
        tool = takeIn(chisel());
        JsonNode started = start(tool, planned(tool, survey()));
        session = started.path("id").asText();
        work = 0;
        while (!started.path("steps")
                .get(work)
                .path("step")
                .path("title")
                .asText()
                .startsWith("Shape the sec")) {
            boolean gate = !started.path("steps")
                    .get(work)
                    .path("step")
                    .path("gate")
                    .asText()
                    .isEmpty();
            tell(session, TABLET, event(gate ? "GATE_PASSED" : "STEP_DONE", work, "", 0));
            work++;
        }
    }

    private ObjectNode seen(String sign, Double from, Double to) {
        ObjectNode event = event("OBSERVED", work, "", 0);
        return event.put("sign", sign).put("fromMm", from).put("toMm", to);
    }

    private JsonNode here(Answer answer) {
        return answer.body().path("here");
    }

    @Test
    void aMissingBurrShutsTheGateUntilItIsSeenWhole() {
        Answer told = tell(session, TABLET, seen("BURR_PART", 3.0, 9.0));
        assertThat(here(told).path("gate").path("state").asText()).isEqualTo("SHUT");
        assertThat(here(told).path("gate").path("todo").get(0).path("fromMm").asDouble())
                .isEqualTo(3);
        Answer pass = tell(session, TABLET, event("GATE_PASSED", work, "", 0));
        assertThat(pass.status()).isEqualTo(422);
        assertThat(pass.body().path("detail").asText()).contains("3 to 9 mm");
        assertThat(here(tell(session, TABLET, event("COUNT", work, "BEVEL", 10)))
                        .path("burr")
                        .path("words")
                        .asText())
                .contains("up on the back");
        assertThat(here(tell(session, TABLET, seen("BURR_WHOLE", null, null)))
                        .path("gate")
                        .path("state")
                        .asText())
                .isEqualTo("OPEN");
        assertThat(tell(session, TABLET, event("GATE_PASSED", work, "", 0))
                        .body()
                        .path("current")
                        .asInt())
                .isEqualTo(work + 1);
        // and it is kept: the same after the session is asked for anew
        assertThat(tell(session, TABLET, event("UNDO", work, "", 0))
                        .body()
                        .path("here")
                        .path("seen")
                        .get(0)
                        .path("sign")
                        .asText())
                .isEqualTo("BURR_WHOLE");
    }

    @Test
    void signsAndReadingsThatDoNotFitAreRefusedAndNothingIsStored() {
        assertThat(tell(session, TABLET, seen("TOOTH_MISSED", 1.0, 2.0)).status())
                .isBetween(400, 422);
        assertThat(tell(session, TABLET, seen("FORCE_KEEN", null, null)).status())
                .isBetween(400, 422);
        assertThat(tell(session, TABLET, seen("nonsense", null, null)).status()).isBetween(400, 422);
        assertThat(tell(session, TABLET, seen("BURR_PART", 9.0, 3.0)).status()).isBetween(400, 422);
        ObjectNode read = event("READ", work, "", 0);
        read.put("note", "ANGLE_GAUGE").put("value", 999.0);
        assertThat(tell(session, TABLET, read).status()).isBetween(400, 422);
        read.put("note", "KETTLE").put("value", 30.0);
        assertThat(tell(session, TABLET, read).status()).isBetween(400, 422);
        read.put("note", "ANGLE_GAUGE").putNull("value");
        assertThat(tell(session, TABLET, read).status()).isBetween(400, 422);
        JsonNode here =
                get("/api/v1/sessions/" + session + "?device=" + TABLET).body().path("here");
        assertThat(here.path("seen")).isEmpty();
        assertThat(here.path("readings")).isEmpty();
    }

    @Test
    void aReadingOfTheGaugeSaysWhatItMeansHere() {
        ObjectNode read = event("READ", work, "", 0);
        read.put("note", "ANGLE_GAUGE").put("value", 34.0);
        JsonNode taken = here(tell(session, TABLET, read)).path("readings").get(0);
        assertThat(taken.path("says").asText()).contains("too high");
        assertThat(taken.path("value").asDouble()).isEqualTo(34);
    }

    @Test
    void theStepSaysWhatCanBeSeenWhichFacetItWorksAndItsSectionIsThere() {
        JsonNode here =
                get("/api/v1/sessions/" + session + "?device=" + TABLET).body().path("here");
        assertThat(here.path("offers").findValuesAsText("sign")).contains("BURR_WHOLE", "BURR_PART", "WOBBLE");
        assertThat(here.path("sights").findValuesAsText("kind")).contains("BURR", "SCRATCHES");
        assertThat(here.path("facet").asText()).isEqualTo("SECONDARY");
        JsonNode section = get("/api/v1/sessions/" + session + "/section").body();
        assertThat(section.path("after").findValuesAsText("facet")).contains("SECONDARY");
    }

    @Test
    void toolsStandSideBySideAtTheBench() {
        String other = takeIn(chisel());
        start(other, planned(other, survey()));
        JsonNode open = get("/api/v1/sessions?device=" + TABLET).body();
        assertThat(open.findValuesAsText("toolId")).contains(tool, other);
        assertThat(open.get(open.size() - 1).path("held").asBoolean()).isTrue();
    }

    @Test
    void timesRunOnTheirOwnAndADoubleTouchStartsOne() {
        ObjectNode dry = object("kind", "DRY", "label", "a chisel", "minutes", "12");
        post("/api/v1/timers", dry);
        JsonNode twice = post("/api/v1/timers", dry).body();
        JsonNode mine = null;
        int many = 0;
        for (JsonNode t : twice.path("running")) {
            if (t.path("label").asText().equals("a chisel")) {
                mine = t;
                many++;
            }
        }
        assertThat(many).isEqualTo(1);
        long left = Instant.parse(mine.path("endsAt").asText()).getEpochSecond()
                - Instant.parse(twice.path("now").asText()).getEpochSecond();
        assertThat(left).isBetween(710L, 720L);
        assertThat(get("/api/v1/board").body().path("times").toString()).contains("a chisel");
        String id = mine.path("id").asText();
        assertThat(send(request("/api/v1/timers/" + id).DELETE()).body().toString())
                .doesNotContain("a chisel");
        assertThat(send(request("/api/v1/timers/" + id).DELETE()).status()).isEqualTo(200);
        assertThat(post("/api/v1/timers", object("kind", "TEA", "label", "x", "minutes", ""))
                        .status())
                .isEqualTo(422);
        assertThat(post("/api/v1/timers", object("kind", "DRY", "label", "", "minutes", ""))
                        .messageAt("label"))
                .isNotBlank();
        assertThat(post("/api/v1/timers", object("kind", "DRY", "label", "x", "minutes", "-5"))
                        .messageAt("minutes"))
                .isNotBlank();
    }

    @Test
    void aCamberedIronIsCountedAtItsStations() {
        String iron = takeIn(
                tool(
                        "smoother",
                        "plane iron bevel down / smoothing",
                        "plain carbon",
                        "width=50;thickness=3;usableLength=60;retireLength=20;bed=45;primary=25;secondary=30;secondaryWidth=0.5;camber=0.12"));
        JsonNode started = start(iron, planned(iron, survey()));
        String id = started.path("id").asText();
        int at = 0;
        while (started.path("steps").get(at).path("step").path("stations").isEmpty()) {
            boolean gate = !started.path("steps")
                    .get(at)
                    .path("step")
                    .path("gate")
                    .asText()
                    .isEmpty();
            tell(id, TABLET, event(gate ? "GATE_PASSED" : "STEP_DONE", at, "", 0));
            at++;
        }
        ObjectNode count = event("COUNT", at, "BEVEL", 2);
        count.put("station", 5);
        JsonNode counts = tell(id, TABLET, count)
                .body()
                .path("steps")
                .get(at)
                .path("counts")
                .get(0);
        assertThat(counts.path("stations").toString()).isEqualTo("[0,0,0,0,2]");
        ObjectNode off = event("COUNT", at, "BEVEL", 2);
        off.put("station", 6);
        assertThat(tell(id, TABLET, off).status()).isEqualTo(409);
    }
}
