package truekeen.app.edgetest;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import truekeen.app.ApiTest;
import truekeen.core.progression.Answer;

/** From what was seen to what is likely wrong, the remedy, and whether it worked. */
class VerdictTest extends ApiTest {
    private String tool;
    private String session;

    @BeforeEach
    void toTheTest() {
        kit();
        tool = takeIn(chisel());
        session = start(tool, planned(tool, survey())).path("id").asText();
        work();
    }

    private void work() {
        JsonNode steps = get("/api/v1/sessions/" + session).body();
        for (int i = steps.path("current").asInt(); i < steps.path("steps").size(); i++) {
            boolean gate = !steps.path("steps")
                    .get(i)
                    .path("step")
                    .path("gate")
                    .asText()
                    .isEmpty();
            tell(session, TABLET, event(gate ? "GATE_PASSED" : "STEP_DONE", i, "", 0));
        }
    }

    private static ObjectNode sign(String sign, Double from, Double to) {
        ObjectNode node = JSON.createObjectNode().put("sign", sign);
        return node.put("fromMm", from).put("toMm", to);
    }

    private Answer test(List<ObjectNode> seen, String... grams) {
        ObjectNode body = object("device", TABLET, "person", "", "reference", "118");
        ArrayNode readings = body.putArray("readings");
        JsonNode stations = get("/api/v1/tools/" + tool + "/test").body().path("stations");
        for (int i = 0; i < grams.length; i++) {
            readings.add(JSON.createObjectNode()
                    .put("xMm", stations.get(i).asDouble())
                    .put("grams", grams[i]));
        }
        body.putArray("seen").addAll(seen);
        return post("/api/v1/sessions/" + session + "/tests", body);
    }

    private static JsonNode first(Answer answer) {
        return answer.body().path("verdict").path("findings").get(0);
    }

    @Test
    void theLadderGoesByTheToolAndEveryOutcomeOnItChangesTheVerdict() {
        JsonNode ladder = get("/api/v1/tools/" + tool + "/test").body().path("ladder");
        assertThat(ladder.findValuesAsText("check"))
                .contains("LIGHT", "NAIL", "PAPER", "END_GRAIN")
                .doesNotContain("TEETH");
        // a complaint that many faults answer to: what else is seen shifts it, or shows in what passes
        String base = test(List.of(sign("CLOTH_CAUGHT", null, null), sign("PAPER_SNAGS", 10.0, 11.0)))
                .body()
                .path("verdict")
                .toString();
        String nothing = test(List.of(sign("CLOTH_FREE", null, null)))
                .body()
                .path("verdict")
                .toString();
        Set<String> deaf = new HashSet<>();
        for (JsonNode check : ladder) {
            for (JsonNode outcome : check.path("outcomes")) {
                boolean placed = outcome.path("placed").asBoolean();
                String name = outcome.path("sign").asText();
                ObjectNode one = sign(name, placed ? 10.0 : null, placed ? 11.0 : null);
                List<ObjectNode> all =
                        new ArrayList<>(List.of(sign("CLOTH_CAUGHT", null, null), sign("PAPER_SNAGS", 10.0, 11.0)));
                all.add(one);
                boolean shifts = !test(all).body().path("verdict").toString().equals(base);
                boolean alone =
                        !test(List.of(one)).body().path("verdict").toString().equals(nothing);
                if (!shifts && !alone && !name.equals("CLOTH_CAUGHT")) {
                    deaf.add(name);
                }
            }
        }
        // good words on what nobody complained of leave the verdict as it is: they are all that may
        assertThat(deaf)
                .allMatch(s -> s.endsWith("_TRUE")
                        || s.endsWith("_CLEAN")
                        || s.endsWith("_SMOOTH")
                        || s.endsWith("_FREE")
                        || s.endsWith("_EVEN")
                        || s.equals("NO_LIGHT")
                        || s.equals("HOLDS_UP")
                        || s.equals("HAIR_SHAVES")
                        || s.equals("HANGING_CUTS"));
    }

    @Test
    void anotherPlaceGivesOtherStepsAndAnotherSignAnotherFault() {
        Answer left = test(List.of(sign("BRIGHT", 2.0, 4.0)), "95", "94", "97", "96", "95");
        Answer right = test(List.of(sign("BRIGHT", 20.0, 22.0)), "95", "94", "97", "96", "95");
        Answer haze = test(List.of(sign("HAZY", 2.0, 4.0)), "95", "94", "97", "96", "95");
        assertThat(first(left).path("fault").asText()).isEqualTo("APEX_NOT_REACHED");
        assertThat(first(left).path("fromMm").asDouble()).isEqualTo(2);
        assertThat(first(right).path("fromMm").asDouble()).isEqualTo(20);
        assertThat(first(haze).path("fault").asText()).isEqualTo("SCRATCHES_REMAIN");
        assertThat(first(haze).path("remedies").get(0).path("entersAt").asText())
                .isNotBlank();
        assertThat(first(left).path("evidence").toString()).contains("bright line");
    }

    @Test
    void twoFaultsThatCannotBeToldApartNameTheCheckThatWould() {
        Answer answer = test(List.of(sign("HAIR_SHAVES", null, null), sign("PAPER_SNAGS", 10.0, 11.0)));
        assertThat(answer.body().path("verdict").path("keen").asBoolean()).isFalse();
        assertThat(answer.body().path("verdict").path("findings").findValuesAsText("fault"))
                .contains("MICRO_CHIP", "BURR_REMNANT");
        assertThat(first(answer).path("telling").asText()).contains("rather than");
    }

    @Test
    void anAcceptedRemedyMakesItsStepsAndTheNextTestSaysWhetherItWorked() {
        JsonNode failed = test(List.of(sign("CLOTH_CAUGHT", null, null)), "95", "94", "97", "96", "95")
                .body();
        int finding = failed.path("verdict")
                .path("findings")
                .findValuesAsText("fault")
                .indexOf("BURR_LEFT");
        JsonNode remedies = failed.path("verdict").path("findings").get(finding).path("remedies");
        assertThat(remedies.get(0).path("remedy").asText()).isEqualTo("burr-lighter");
        ObjectNode choice = object("device", TABLET, "person", "");
        choice.putArray("chosen")
                .add(JSON.createObjectNode().put("finding", finding).put("remedy", "burr-lighter"));
        int before = get("/api/v1/sessions/" + session).body().path("steps").size();
        JsonNode back = post("/api/v1/tests/" + failed.path("id").asText() + "/go-back", choice)
                .body();
        assertThat(back.path("steps").size()).isGreaterThan(before);
        assertThat(back.path("steps").get(before).path("step").path("kind").asText())
                .isEqualTo("DEBURR");
        work();
        // still there: it did not work, and the next remedy in line comes first
        JsonNode again = test(List.of(sign("CLOTH_CAUGHT", null, null)), "95", "94", "97", "96", "95")
                .body();
        JsonNode log = get("/api/v1/tools/" + tool + "/log").body();
        assertThat(log.toString()).contains("It did not work.");
        JsonNode now = again.path("verdict").path("findings").get(finding).path("remedies");
        assertThat(now.get(0).path("remedy").asText()).isNotEqualTo("burr-lighter");
        assertThat(now.toString()).contains("\"tried\":1,\"worked\":0");
        post("/api/v1/tests/" + again.path("id").asText() + "/go-back", object("device", TABLET, "person", ""));
        work();
        test(List.of(sign("CLOTH_FREE", null, null)), "95", "94", "97", "96", "95");
        assertThat(get("/api/v1/tools/" + tool + "/log").body().toString()).contains("It worked.");
    }

    @Test
    void whatWasSeenAtTheBenchAndSkippedThereSpeaksInTheVerdict() {
        JsonNode failed = test(List.of(sign("PAPER_SNAGS", 10.0, 11.0)), "95", "94", "97", "96", "95")
                .body();
        double plain = sure(failed, "BURR_REMNANT");
        JsonNode back = post(
                        "/api/v1/tests/" + failed.path("id").asText() + "/go-back",
                        object("device", TABLET, "person", ""))
                .body();
        for (int i = back.path("current").asInt(); i < back.path("steps").size(); i++) {
            boolean deburr =
                    back.path("steps").get(i).path("step").path("kind").asText().equals("DEBURR");
            ObjectNode skip = event("SKIPPED", i, "", 0);
            skip.put("note", "no time");
            boolean gate = !back.path("steps")
                    .get(i)
                    .path("step")
                    .path("gate")
                    .asText()
                    .isEmpty();
            tell(session, TABLET, deburr ? skip : event(gate ? "GATE_PASSED" : "STEP_DONE", i, "", 0));
        }
        JsonNode skipped = test(List.of(sign("PAPER_SNAGS", 10.0, 11.0)), "95", "94", "97", "96", "95")
                .body();
        assertThat(sure(skipped, "BURR_REMNANT")).isGreaterThan(plain);
        assertThat(skipped.toString()).contains("takes the burr off was skipped");
    }

    @Test
    void aSessionTappedThroughIsSaidSoAndNothingIsKeenWithoutACut() {
        assertThat(get("/api/v1/tools/" + tool + "/log").body().toString()).contains("not counted");
        double before = usable();
        JsonNode looked = test(List.of(sign("NO_LIGHT", null, null), sign("SCRATCHES_EVEN", null, null)))
                .body()
                .path("verdict");
        assertThat(looked.path("state").asText()).isEqualTo("NOT_TESTED");
        assertThat(looked.path("keen").asBoolean()).isFalse();
        assertThat(looked.path("restsOn")).isEmpty();
        assertThat(looked.path("words").asText())
                .contains("Nothing here speaks of a cut")
                .contains("printer paper");
        assertThat(stage("TEST")).isNotEqualTo("DONE");
        JsonNode cut = test(List.of(sign("NO_LIGHT", null, null), sign("GRAIN_CLEAN", null, null)))
                .body()
                .path("verdict");
        assertThat(cut.path("state").asText()).isEqualTo("KEEN");
        assertThat(cut.path("restsOn").toString()).contains("end grain shines").doesNotContain("light");
        post("/api/v1/sessions/" + session + "/finish", object("device", TABLET, "person", ""));
        assertThat(usable()).as("no steel went that anybody knows of").isEqualTo(before);
    }

    private double usable() {
        return get("/api/v1/tools/" + tool).body().path("usableLengthMm").asDouble();
    }

    private String stage(String name) {
        for (JsonNode s : get("/api/v1/tools/" + tool + "/stages").body().path("stages")) {
            if (s.path("stage").asText().equals(name)) {
                return s.path("state").asText();
            }
        }
        throw new AssertionError("no stage " + name);
    }

    private static double sure(JsonNode test, String fault) {
        for (JsonNode f : test.path("verdict").path("findings")) {
            if (f.path("fault").asText().equals(fault)) {
                return f.path("sure").asDouble();
            }
        }
        return 0;
    }

    @Test
    void aTestOfNothingOrOfWhatIsNotAskedIsRefusedInWords() {
        assertThat(test(List.of()).body().path("detail").asText()).isNotBlank();
        assertThat(test(List.of()).status()).isEqualTo(422);
        assertThat(test(List.of(sign("TOOTH_MISSED", 1.0, 2.0))).status()).isEqualTo(422);
        assertThat(test(List.of(sign("BRIGHT", 20.0, 400.0))).status()).isEqualTo(422);
        assertThat(test(List.of(sign("BRIGHT", 9.0, 3.0))).status()).isEqualTo(422);
        assertThat(test(List.of(sign(null, null, null))).status()).isEqualTo(422);
        assertThat(test(List.of(), "95", "94").status()).isEqualTo(422);
        JsonNode failed = test(List.of(sign("BRIGHT", 2.0, 4.0))).body();
        ObjectNode choice = object("device", TABLET, "person", "");
        choice.putArray("chosen").add(JSON.createObjectNode().put("finding", 0).put("remedy", "take-up-play"));
        Answer wrong = post("/api/v1/tests/" + failed.path("id").asText() + "/go-back", choice);
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.body().path("detail").asText()).contains("take-up-play");
    }

    @Test
    void theSheetComparesWithTheBestAndTheLastOfThisTool() {
        test(List.of(), "90", "91", "92", "90", "91");
        post("/api/v1/sessions/" + session + "/finish", object("device", TABLET, "person", ""));
        session = start(tool, planned(tool, again())).path("id").asText();
        work();
        test(List.of(), "95", "94", "97", "96", "95");
        JsonNode sheet = get("/api/v1/tools/" + tool + "/test").body();
        assertThat(sheet.path("best").path("index").asDouble()).isBetween(0.76, 0.78);
        assertThat(sheet.path("last").path("index").asDouble())
                .isEqualTo(sheet.path("best").path("index").asDouble());
    }

    private ObjectNode again() {
        ObjectNode survey = survey();
        survey.put(
                "basedOn",
                get("/api/v1/tools/" + tool + "/survey")
                        .body()
                        .path("survey")
                        .path("id")
                        .asText());
        return survey;
    }
}
