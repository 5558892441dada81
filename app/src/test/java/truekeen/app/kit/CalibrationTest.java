package truekeen.app.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import truekeen.app.ApiTest;
import truekeen.core.progression.Answer;
import truekeen.core.quantity.Length;
import truekeen.core.setup.HoningGuide;

class CalibrationTest extends ApiTest {
    private String put(String name) {
        return post("/api/v1/kit/holders", guide(name, "9.5", "13.4", "9"))
                .body()
                .path("id")
                .asText();
    }

    private ObjectNode pairs(long version, String... typed) {
        ObjectNode form = object("rollerRadius", "9.5", "thickness", "", "version", version);
        ArrayNode pairs = form.putArray("pairs");
        for (int i = 0; i < typed.length; i += 2) {
            pairs.add(object("projection", typed[i], "angle", typed[i + 1]));
        }
        return form;
    }

    @Test
    void measuredPairsGiveTheGuideItsDimensionsAndRestateItsSetUps() {
        kit();
        String id = put("off its scale " + UUID.randomUUID());
        String tool = takeIn(chisel());
        ObjectNode held = angle();
        held.put("holderId", id);
        JsonNode before = post("/api/v1/tools/" + tool + "/setups", held)
                .body()
                .path("settings")
                .get(0);
        ObjectNode form = pairs(0, "47.3", "23.6", "34.2", "30.4", "27.1", "36.1", "", "");
        JsonNode seen =
                post("/api/v1/kit/holders/" + id + "/calibration/preview", form).body();
        assertThat(seen.path("axleBelowMm").asDouble()).isCloseTo(13.716, within(5e-4));
        assertThat(seen.path("setbackMm").asDouble()).isCloseTo(7.871, within(5e-4));
        assertThat(seen.path("pairs").get(1).path("residualDeg").asDouble()).isCloseTo(0.05, within(5e-3));
        assertThat(seen.path("words").asText()).contains("half a millimetre");
        assertThat(seen.path("warnings")).isEmpty();
        JsonNode changed =
                post("/api/v1/kit/holders/" + id + "/calibration", form).body();
        assertThat(changed.path("restated").toString()).contains(tool).contains("projection");
        assertThat(changed.path("holder")
                        .path("calibration")
                        .path("worstErrorDeg")
                        .asDouble())
                .isPositive();
        JsonNode now = get("/api/v1/tools/" + tool + "/angle")
                .body()
                .path("current")
                .path("settings")
                .get(0);
        assertThat(now.path("value").asDouble())
                .isNotCloseTo(before.path("value").asDouble(), within(0.1));
        JsonNode answer = post("/api/v1/tools/" + tool + "/angle/advice", held).body();
        assertThat(answer.path("settings").get(0).path("knownToDeg").asDouble()).isBetween(0.01, 1.0);
        // On an old screen the same form is a conflict, not a second calibration.
        assertThat(post("/api/v1/kit/holders/" + id + "/calibration", form).status())
                .isEqualTo(409);
    }

    @Test
    void pairsThatLieTooCloseWarn() {
        String id = put("close " + UUID.randomUUID());
        JsonNode seen = post("/api/v1/kit/holders/" + id + "/calibration/preview", pairs(0, "40", "25.2", "38", "26.4"))
                .body();
        assertThat(seen.path("warnings").toString()).contains("guesswork");
        assertThat(seen.path("ready").asBoolean()).isTrue();
    }

    @Test
    void onePairMovesTheSetbackOnly() {
        String id = put("one " + UUID.randomUUID());
        JsonNode changed = post("/api/v1/kit/holders/" + id + "/calibration", pairs(0, "38", "27"))
                .body();
        JsonNode parts = changed.path("holder").path("parts");
        assertThat(parts.path("axleBelowBack").asDouble()).isEqualTo(13.4);
        double s = (9.5 + 13.4 * Math.cos(Math.toRadians(27))) / Math.sin(Math.toRadians(27)) - 38;
        assertThat(parts.path("axleSetback").asDouble()).isCloseTo(s, within(1e-9));
    }

    @Test
    void aGuideThatGripsByTheBevelSideKeepsTheThicknessOutOfItsSeat() {
        ObjectNode form = guide("face " + UUID.randomUUID(), "9.5", "10", "9");
        form.put("kind", "FACE_GUIDE");
        String id = post("/api/v1/kit/holders", form).body().path("id").asText();
        ObjectNode pairs = pairs(0, "47.3", "23.6", "34.2", "30.4", "27.1", "36.1");
        assertThat(post("/api/v1/kit/holders/" + id + "/calibration/preview", pairs)
                        .body()
                        .path("faults")
                        .toString())
                .contains("thickness");
        pairs.put("thickness", "3.2");
        JsonNode changed =
                post("/api/v1/kit/holders/" + id + "/calibration", pairs).body();
        assertThat(changed.path("holder").path("parts").path("axleBelowBack").asDouble())
                .isCloseTo(13.716 - 3.2, within(5e-4));
    }

    @Test
    void unreadablePairsAreSaidBesideTheirFieldAndNothingIsTaken() {
        String id = put("bad " + UUID.randomUUID());
        ObjectNode form = pairs(0, "forty", "25", "30", "99");
        JsonNode seen =
                post("/api/v1/kit/holders/" + id + "/calibration/preview", form).body();
        assertThat(seen.path("ready").asBoolean()).isFalse();
        assertThat(seen.path("faults").toString())
                .contains("pairs.0.projection")
                .contains("pairs.1.angle");
        assertThat(post("/api/v1/kit/holders/" + id + "/calibration", form).status())
                .isEqualTo(422);
        assertThat(post("/api/v1/kit/holders/" + id + "/calibration", pairs(0)).status())
                .isEqualTo(422);
    }

    @Test
    void onlyGuidesAreCalibrated() {
        String id = post("/api/v1/kit/holders", holder("w " + UUID.randomUUID(), "WEDGE_BLOCK", ""))
                .body()
                .path("id")
                .asText();
        assertThat(post("/api/v1/kit/holders/" + id + "/calibration/preview", pairs(0, "40", "25"))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void stopBlocksAreReadAsAListAndTheKindStaysWhileItHoldsSomething() {
        kit();
        ObjectNode form = guide("blocks " + UUID.randomUUID(), "9.5", "14", "11.5");
        form.put("blocks", "41, 1 1/4\"; 25.1");
        JsonNode held = post("/api/v1/kit/holders", form).body();
        assertThat(held.path("blocksMm").get(1).asDouble()).isCloseTo(31.75, within(1e-9));
        form.put("blocks", "1, 1 1/4 in");
        JsonNode inches = post("/api/v1/kit/holders", form.put("name", "inch blocks " + UUID.randomUUID()))
                .body();
        assertThat(inches.path("blocksMm").get(0).asDouble()).isCloseTo(25.4, within(1e-9));
        form.put("blocks", "41, long");
        assertThat(post("/api/v1/kit/holders", form).messageAt("blocks")).contains("long");
        String tool = takeIn(chisel());
        ObjectNode angle = angle();
        angle.put("holderId", held.path("id").asText());
        post("/api/v1/tools/" + tool + "/setups", angle);
        ObjectNode other = holder("x", "HAND_STONE", "stoneLength=90");
        assertThat(put("/api/v1/kit/holders/" + held.path("id").asText(), other).messageAt("kind"))
                .contains("1 set-ups");
    }

    private static ObjectNode taught(String kind, String... projectionsAndAngles) {
        ObjectNode form =
                object("name", "taught " + UUID.randomUUID(), "kind", kind, "thickness", "", "note", "", "wheelId", "");
        ArrayNode pairs = form.putArray("pairs");
        for (int i = 0; i < projectionsAndAngles.length; i += 2) {
            pairs.addObject().put("projection", projectionsAndAngles[i]).put("angle", projectionsAndAngles[i + 1]);
        }
        return form;
    }

    /** “38 mm = 30°” is all that is printed on many a guide: its own mark is met, to what the figures show. */
    @Test
    void aGuideIsTaughtByWhatIsPrintedOnIt() {
        Answer one = post("/api/v1/kit/holders/taught", taught("ROLLER_GUIDE", "38", "30"));
        assertThat(one.status()).as(one.body().toString()).isEqualTo(200);
        assertThat(angle(one.body(), 38)).isCloseTo(30, within(0.01));

        Answer two = post("/api/v1/kit/holders/taught", taught("ROLLER_GUIDE", "38 mm", "25", "1 1/8\"", "30", "", ""));
        assertThat(two.status()).isEqualTo(200);
        assertThat(two.body().path("calibration").path("pairs")).hasSize(2);
        assertThat(angle(two.body(), 38)).isCloseTo(25, within(0.3));
        assertThat(angle(two.body(), 28.575)).isCloseTo(30, within(0.3));
    }

    private static double angle(JsonNode guide, double projectionMm) {
        JsonNode parts = guide.path("parts");
        return new HoningGuide(
                        Length.ofMm(parts.path("rollerRadius").asDouble()),
                        Length.ofMm(parts.path("axleBelowBack").asDouble()),
                        Length.ofMm(parts.path("axleSetback").asDouble()))
                .angle(Length.ofMm(projectionMm))
                .degrees();
    }

    @Test
    void whoKnowsNothingOfAGuideHasAUsualOneThatSaysSo() {
        Answer usual = post("/api/v1/kit/holders/taught", taught("FACE_GUIDE"));
        assertThat(usual.status()).isEqualTo(200);
        assertThat(usual.body().path("note").asText()).contains("not measured");
        assertThat(usual.body().path("calibration").isNull()).isTrue();
    }

    @Test
    void whatCannotBeTaughtIsRefusedAtItsPairAndNothingIsKept() {
        int before = get("/api/v1/kit").body().path("holders").size();
        Answer unread = post("/api/v1/kit/holders/taught", taught("ROLLER_GUIDE", "38", "steep"));
        assertThat(unread.status()).isEqualTo(422);
        assertThat(unread.messageAt("pairs.0.angle")).isNotEmpty();
        assertThat(post("/api/v1/kit/holders/taught", taught("STACK", "38", "30"))
                        .messageAt("kind"))
                .isNotEmpty();
        assertThat(get("/api/v1/kit").body().path("holders")).hasSize(before);
        JsonNode preview = post("/api/v1/kit/holders/taught/preview", taught("ROLLER_GUIDE", "38", "30"))
                .body();
        assertThat(preview.path("ready").asBoolean()).isTrue();
        assertThat(get("/api/v1/kit").body().path("holders")).hasSize(before);
    }
}
