package truekeen.app.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.junit.jupiter.api.Test;
import truekeen.app.machine.Machines;
import truekeen.core.balance.RotaryBlade;
import truekeen.core.progression.Answer;

/** The beam over the service: tries, corrections, and nothing refitted that is not level. */
class BalanceTest extends Machines {
    private String tool(String name) {
        kit();
        file();
        String tool = bar(name);
        safeAndFit(tool, name + " mower", "PETROL");
        return tool;
    }

    private static ObjectNode off(String mass, int place) {
        return object("device", TABLET, "person", "", "mass", mass, "radius", "235", "place", place);
    }

    @Test
    void hungCorrectedAndHungAgainUntilItIsLevel() {
        String tool = tool("swinging bar");
        String path = "/api/v1/tools/" + tool + "/balance";
        assertThat(post(path + "/tries", hung("LEVEL", 0, "")).body().toString())
                .contains("BALANCE_AFTER_EDGES");
        String session = worked(tool);
        ObjectNode card = object("device", TABLET, "person", "", "capIron", "", "torque", "", "nextCheck", "");
        card.putArray("done");
        card.putArray("seen");
        String close = "/api/v1/sessions/" + session + "/finish-card";
        assertThat(post(close, card).body().toString())
                .contains("BALANCE_FIRST")
                .contains("no try was put down");
        JsonNode preview =
                post(path + "/preview", hung("TRIAL_MASS", 2, "5")).body().path("standing");
        assertThat(preview.path("unbalanceGmm").asDouble()).isEqualTo(1250);
        assertThat(preview.path("correction").path("massG").asDouble()).isCloseTo(5.32, within(0.005));
        assertThat(preview.path("correction").path("lengthMm").asDouble())
                .isCloseTo(5.32 / (7.85e-3 * 40 * 4), within(0.005));
        assertThat(preview.path("forceN").asDouble()).isCloseTo(123, within(0.5));
        assertThat(preview.path("gradeGmm").asDouble()).isCloseTo(35.7, within(0.05));
        JsonNode first = post(path + "/tries", hung("TRIAL_MASS", 2, "5")).body();
        assertThat(first.path("tipSpeed").asDouble()).isCloseTo(80.1, within(0.05));
        assertThat(first.path("tipsFast").asBoolean(true)).isFalse();
        assertThat(BalanceViews.fast(RotaryBlade.TIP_SPEED_WARNS_AT)).isFalse();
        assertThat(BalanceViews.fast(RotaryBlade.TIP_SPEED_WARNS_AT + 0.1)).isTrue();
        assertThat(first.path("edgeLossG").asDouble()).isCloseTo(2 * 2 * 95 * 4 * 7.85e-3, within(1e-6));
        assertThat(first.path("level").asBoolean()).isFalse();
        post(path + "/taken-off", off("5.3", 2));
        JsonNode worse = post(path + "/tries", hung("TRIAL_MASS", 2, "10")).body();
        assertThat(worse.path("standing").path("state").asText()).isEqualTo("OTHER_END");
        post(path + "/taken-off", off("10.6 g", 1));
        assertThat(post(close, card).body().toString()).contains("steel came off after it");
        ObjectNode test = object("device", TABLET, "person", "", "reference", "");
        test.putArray("readings");
        test.putArray("seen").addObject().put("sign", "LAND_EVEN");
        post("/api/v1/sessions/" + session + "/tests", test);
        JsonNode level = post(path + "/tries", hung("LEVEL", 0, "")).body();
        assertThat(level.path("level").asBoolean()).isTrue();
        assertThat(level.path("tries")).hasSize(3);
        assertThat(level.path("removedAllG").asDouble()).isCloseTo(15.9, within(1e-9));
        assertThat(post(close, card).messageAt("torque")).contains("maker’s manual");
        assertThat(post(close, card.put("torque", "45 N·m")).status()).isEqualTo(200);
        assertThat(get("/api/v1/tools/" + tool + "/log").body().toString())
                .contains("Hung, try 2: 2500 g·mm, the left end heavy", "10.6 g taken off the left end");
        assertThat(get("/api/v1/tools/" + tool + "/machine")
                        .body()
                        .path("isolation")
                        .isNull())
                .as("back on its machine, the record is over")
                .isTrue();
        assertThat(get(path).body().toString()).contains("ISOLATE_FIRST");
        JsonNode export = get("/api/v1/tools/" + tool + "/export").body().path("sections");
        assertThat(export.path("balance")).hasSize(3);
        assertThat(export.path("isolated").get(0).path("person").asText()).isEqualTo("bench hand");
        assertThat(export.path("inspected").get(0).path("verdict").asText()).isEqualTo("FIT");
        // Two millimetres went by the marks, whatever was planned.
        assertThat(get("/api/v1/tools/" + tool).body().path("usableLengthMm").asDouble())
                .isCloseTo(53, within(1e-9));
        assertThat(get("/api/v1/tools/" + tool + "/log").body().toString())
                .contains("2 mm went, by the marks", "Passed");
    }

    @Test
    void whatCannotHangIsRefusedAtItsField() {
        String tool = tool("odd hung bar");
        worked(tool);
        String tries = "/api/v1/tools/" + tool + "/balance/tries";
        assertThat(post(tries, hung("MAGIC", 1, "5")).messageAt("method")).contains("not one of");
        assertThat(post(tries, hung("TRIAL_MASS", 0, "5")).messageAt("hungOn")).contains("light place");
        assertThat(post(tries, hung("TRIAL_MASS", 1, "five")).messageAt("trial"))
                .contains("number");
        assertThat(post(tries, hung("TRIAL_MASS", 1, "5").put("radius", "4 m")).messageAt("radius"))
                .contains("not believable");
        assertThat(post(tries, hung("WEIGHED", 0, "")).messageAt("firstEnd")).isNotBlank();
        ObjectNode weighed = hung("WEIGHED", 0, "")
                .put("firstEnd", "353")
                .put("secondEnd", "347 g")
                .put("radius", "200");
        assertThat(post(tries, weighed)
                        .body()
                        .path("standing")
                        .path("unbalanceGmm")
                        .asDouble())
                .isCloseTo(1200, within(1e-6));
        assertThat(post("/api/v1/tools/" + tool + "/balance/taken-off", off("-3", 9))
                        .body()
                        .path("errors"))
                .hasSize(2);
    }

    @Test
    void aBladeThatBecameLevelByItselfIsHungOnceMore() {
        String tool = tool("sticking bar");
        String path = "/api/v1/tools/" + tool + "/balance";
        worked(tool);
        post(path + "/tries", hung("TRIAL_MASS", 2, "6"));
        JsonNode doubted = post(path + "/tries", hung("LEVEL", 0, "")).body();
        assertThat(doubted.path("standing").path("state").asText()).isEqualTo("DOUBTFUL");
        assertThat(doubted.path("standing").path("words").asText()).contains("1500 g·mm", "hang it once more");
        assertThat(doubted.path("level").asBoolean()).isFalse();
        assertThat(post(path + "/tries", hung("LEVEL", 0, ""))
                        .body()
                        .path("level")
                        .asBoolean())
                .isTrue();
    }

    @Test
    void theStripThatIsGroundEndsAtTheTip() {
        String tool = tool("tipped bar");
        String path = "/api/v1/tools/" + tool + "/balance";
        worked(tool);
        JsonNode usual = get(path).body().path("usual");
        double at = Double.parseDouble(usual.path("at").asText());
        double width = Double.parseDouble(usual.path("width").asText());
        assertThat(at + width / 2).isCloseTo(get(path).body().path("spanMm").asDouble() / 2, within(0.11));
        Answer past = post(path + "/tries", hung("TRIAL_MASS", 2, "5").put("width", "41"));
        assertThat(past.status()).isEqualTo(422);
        assertThat(past.messageAt("width")).contains("40 mm");
    }

    @Test
    void aTrimmerHangsOnNothing() {
        kit();
        file();
        String trimmer = trimmer("small trimmer");
        safeAndFit(trimmer, "small hedge trimmer", "MAINS");
        worked(trimmer);
        assertThat(get("/api/v1/tools/" + trimmer + "/balance").body().toString())
                .contains("DOES_NOT_TURN");
        assertThat(get("/api/v1/tools/" + trimmer + "/stages")
                        .body()
                        .path("stages")
                        .findValuesAsText("name"))
                .doesNotContain("Balance")
                .containsSubsequence("Take in", "Make safe", "Inspect", "Survey", "Bench", "Test");
    }
}
