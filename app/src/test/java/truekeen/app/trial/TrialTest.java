package truekeen.app.trial;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import truekeen.app.ApiTest;
import truekeen.core.message.MessageCode;
import truekeen.core.rule.HouseRule;
import truekeen.core.trial.TrialJudgement.Verdict;

/** A trial from its question to the house rule, and what goes wrong on the way. */
class TrialTest extends ApiTest {
    private static final String TRIALS = "/api/v1/trials";

    private static Map<String, Object> form(String name, boolean blind, int rounds) {
        return new HashMap<>(Map.of(
                "name", name,
                "question", "STROP",
                "ways", List.of("off the finest stone", "stropped"),
                "unit", "SHAVINGS",
                "every", "20",
                "times", "3",
                "stations", "1",
                "rounds", String.valueOf(rounds),
                "blind", blind,
                "person", "bench hand"));
    }

    private JsonNode begun(String name, boolean blind, int rounds) {
        Answer answer = post(TRIALS, form(name, blind, rounds));
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(200);
        return answer.body();
    }

    private Answer read(String trial, String edge, double use, String... grams) {
        return post(
                TRIALS + "/" + trial + "/readings",
                Map.of("edge", edge, "use", use, "grams", List.of(grams), "person", ""));
    }

    private void readAll(String id, double[][] course) {
        JsonNode lines = get(TRIALS + "/" + id + "/preparation").body();
        JsonNode edges = get(TRIALS + "/" + id).body().path("edges");
        for (int i = 0; i < edges.size(); i++) {
            int way = lines.get(i).path("way").asText().equals("stropped") ? 1 : 0;
            for (int c = 0; c < 4; c++) {
                Answer answer = read(id, edges.get(i).path("id").asText(), 20 * c, String.valueOf(course[way][c] + i));
                assertThat(answer.status()).as(answer.raw().body()).isEqualTo(200);
            }
        }
    }

    private static JsonNode error(Answer answer) {
        return answer.body().path("errors").get(0);
    }

    @Test
    void fromTheQuestionToTheHouseRule() {
        JsonNode trial = begun("Strop or stone", false, 4);
        String id = trial.path("id").asText();
        assertThat(trial.path("verdict").asText()).isEqualTo(Verdict.NOT_ENOUGH.name());
        assertThat(trial.path("edges")).hasSize(8);
        assertThat(trial.path("readingsOf").asInt()).isEqualTo(32);
        assertThat(trial.path("nextEdge").asText())
                .isEqualTo(trial.path("edges").get(0).path("id").asText());
        assertThat(post(TRIALS + "/" + id + "/rule", Map.of()).status())
                .as("nothing is settled yet")
                .isEqualTo(409);
        readAll(id, new double[][] {{120, 180, 240, 300}, {120, 150, 180, 210}});
        JsonNode done = get(TRIALS + "/" + id).body();
        assertThat(done.path("readingsDone").asInt()).isEqualTo(32);
        assertThat(done.path("verdict").asText()).isEqualTo(Verdict.DIFFERENT.name());
        assertThat(done.path("winner").asInt()).isEqualTo(1);
        assertThat(done.path("conclusion").get(0).asText())
                .contains("stropped", "times as long as", "one chance in 35");
        assertThat(done.path("nextEdge").isNull()).isTrue();
        assertThat(done.path("courses")
                        .get(1)
                        .path("points")
                        .get(3)
                        .path("edges")
                        .asInt())
                .isEqualTo(4);
        JsonNode offer = done.path("rule");
        assertThat(offer.path("rule").asText()).isEqualTo(HouseRule.STROP.name());
        assertThat(offer.path("choice").asText()).isEqualTo("FINISH");

        put("/api/v1/house-rules", Map.of("rule", "STROP", "choice", "STONE"));
        assertThat(get(TRIALS + "/" + id).body().path("rule").path("holds").asBoolean())
                .isFalse();
        JsonNode picked = post(TRIALS + "/" + id + "/rule", Map.of()).body();
        assertThat(picked.path("rule").path("holds").asBoolean()).isTrue();
        JsonNode evidence = get("/api/v1/house-rules/evidence").body();
        assertThat(evidence.toString()).contains(id, "FINISH", "Strop or stone");
        assertThat(get(TRIALS).body().toString()).contains("Strop or stone");
        put("/api/v1/house-rules", Map.of("rule", "STROP", "choice", ""));
    }

    @Test
    void aCoveredTrialTellsNobodyWhichIsWhich() {
        String id = begun("Covered", true, 4).path("id").asText();
        readAll(id, new double[][] {{120, 180, 240, 300}, {120, 150, 180, 210}});
        JsonNode covered = get(TRIALS + "/" + id).body();
        assertThat(covered.path("covered").asBoolean()).isTrue();
        for (JsonNode edge : covered.path("edges")) {
            assertThat(edge.path("way").isNull()).isTrue();
        }
        assertThat(covered.path("conclusion")).isEmpty();
        assertThat(covered.path("courses")).isEmpty();
        assertThat(covered.path("winner").isNull()).isTrue();
        assertThat(covered.path("rule").isNull()).isTrue();
        assertThat(get("/api/v1/house-rules/evidence").body().toString()).doesNotContain(id);
        assertThat(new String(bytes(TRIALS + "/" + id + "/readings.csv").body(), StandardCharsets.UTF_8))
                .contains("covered")
                .doesNotContain("stropped");
        JsonNode open = post(TRIALS + "/" + id + "/uncover", Map.of()).body();
        assertThat(open.path("verdict").asText()).isEqualTo(Verdict.DIFFERENT.name());
        assertThat(open.path("edges").get(0).path("way").isInt()).isTrue();
    }

    @Test
    void aReadingCountsOnceAndIsTakenAgainWhereItSurprises() {
        JsonNode trial = begun("Slips", false, 4);
        String id = trial.path("id").asText();
        readAll(id, new double[][] {{120, 180, 240, 300}, {120, 150, 180, 210}});
        String edge = trial.path("edges").get(2).path("id").asText();
        JsonNode cell =
                get(TRIALS + "/" + id).body().path("edges").get(2).path("cells").get(1);
        String same = String.valueOf(cell.path("grams").get(0).asDouble());
        assertThat(read(id, edge, 20, same).status()).as("a double click").isEqualTo(200);
        Answer other = read(id, edge, 20, "700");
        assertThat(other.status()).isEqualTo(422);
        assertThat(error(other).path("code").asText()).isEqualTo(MessageCode.READ_ALREADY.name());
        Map<String, Object> again = Map.of("edge", edge, "use", 20, "station", 1, "grams", "700", "person", "");
        // Written wrongly: it is taken for repeated, so the first slip is made through a list.
        String csv = new String(bytes(TRIALS + "/" + id + "/readings.csv").body(), StandardCharsets.UTF_8);
        String slipped = csv.replaceFirst("(?m)^(3,[^,]*,20,1,)[0-9.]+", "$1700");
        Answer in = post(TRIALS + "/import", Map.of("name", "Slipped", "unit", "SHAVINGS", "text", slipped));
        assertThat(in.status()).as(in.raw().body()).isEqualTo(200);
        String copy = in.body().path("id").asText();
        JsonNode asked = get(TRIALS + "/" + copy).body().path("asked");
        assertThat(asked).hasSize(1);
        assertThat(asked.get(0).path("place").asInt()).isEqualTo(3);
        assertThat(asked.get(0).path("grams").asDouble()).isEqualTo(700);
        Map<String, Object> right = new HashMap<>(again);
        right.put("edge", asked.get(0).path("edge").asText());
        right.put("grams", same);
        JsonNode mended = post(TRIALS + "/" + copy + "/again", right).body();
        assertThat(mended.path("asked")).isEmpty();
        assertThat(mended.path("verdict").asText()).isEqualTo(Verdict.DIFFERENT.name());
        right.put("use", 33);
        assertThat(post(TRIALS + "/" + copy + "/again", right).status()).isEqualTo(404);
    }

    @Test
    void aTrialThatIsStoppedEarlySaysSoAndCanGoOn() {
        JsonNode trial = begun("Given up", false, 4);
        String id = trial.path("id").asText();
        String edge = trial.path("edges").get(0).path("id").asText();
        read(id, edge, 0, "120");
        JsonNode effort = post(TRIALS + "/" + id + "/effort", Map.of("edge", edge, "strokes", "25", "regained", true))
                .body();
        assertThat(effort.path("edges").get(0).path("strokes").asInt()).isEqualTo(25);
        JsonNode dull = post(TRIALS + "/" + id + "/edge-end", Map.of("edge", edge, "end", "TOO_DULL"))
                .body();
        assertThat(dull.path("nextEdge").asText())
                .isEqualTo(trial.path("edges").get(1).path("id").asText());
        JsonNode ended = post(TRIALS + "/" + id + "/end", Map.of()).body();
        assertThat(ended.path("verdict").asText()).isEqualTo(Verdict.NOT_ENOUGH.name());
        assertThat(ended.path("conclusion")).isNotEmpty();
        assertThat(ended.path("nextEdge").isNull()).isTrue();
        assertThat(read(id, edge, 20, "130").status()).isEqualTo(409);
        assertThat(post(TRIALS + "/" + id + "/go-on", Map.of())
                        .body()
                        .path("endedAt")
                        .isNull())
                .isTrue();
        assertThat(delete(TRIALS + "/" + id).status()).isEqualTo(204);
        assertThat(get(TRIALS + "/" + id).status()).isEqualTo(404);
        assertThat(post(TRIALS + "/" + id + "/bring-back", Map.of()).status()).isEqualTo(204);
        assertThat(get(TRIALS + "/" + id).status()).isEqualTo(200);
    }

    @Test
    void nonsenseIsNamed() {
        Map<String, Object> none = new HashMap<>(form("", false, 0));
        none.put("ways", List.of("alike", "alike"));
        none.put("times", "2.5");
        none.put("unit", "miles");
        none.put("stations", "99");
        Answer answer = post(TRIALS, none);
        assertThat(answer.status()).isEqualTo(422);
        List<String> fields = new ArrayList<>();
        answer.body().path("errors").forEach(e -> fields.add(e.path("field").asText()));
        assertThat(fields).contains("name", "ways", "times", "unit", "stations", "rounds");
        String id = begun("Fields", false, 1).path("id").asText();
        assertThat(read(id, UUID.randomUUID().toString(), 0, "120").status()).isEqualTo(404);
        String edge =
                get(TRIALS + "/" + id).body().path("edges").get(0).path("id").asText();
        assertThat(read(id, edge, 7, "120").status()).isEqualTo(404);
        assertThat(read(id, edge, 0, "").status()).isEqualTo(422);
        assertThat(read(id, edge, 0, "heavy").messageAt("grams-1")).isNotBlank();
        assertThat(read(id, edge, 0, "-3").messageAt("grams-1")).isNotBlank();
    }

    @Test
    void aListOfElsewhereIsJudgedAndAFaultyOneNamed() {
        StringBuilder list = new StringBuilder("edge,way,use,grams\n");
        for (int e = 0; e < 8; e++) {
            for (int c = 0; c < 4; c++) {
                list.append("e%d,%s,%d,%d\n"
                        .formatted(e, e % 2 == 0 ? "plain" : "coated", 10 * c, 100 + (e % 2 + 1) * 10 * c + e));
            }
        }
        Answer in = post(TRIALS + "/import", Map.of("name", "", "unit", "", "text", list.toString()));
        assertThat(in.status()).as(in.raw().body()).isEqualTo(200);
        assertThat(in.body().path("readings").asInt()).isEqualTo(32);
        JsonNode trial = get(TRIALS + "/" + in.body().path("id").asText()).body();
        assertThat(trial.path("verdict").asText()).isEqualTo(Verdict.DIFFERENT.name());
        assertThat(trial.path("winner").asInt()).isZero();
        Answer faulty = post(
                TRIALS + "/import",
                Map.of(
                        "name",
                        "",
                        "unit",
                        "",
                        "text",
                        "edge,way,use,grams\n1,a,0,120\n1,b,10,130\n,a,0,1\n2,b,-3,120\n2,b,0,much\n1,a,0,121\n"));
        assertThat(faulty.status()).isEqualTo(422);
        assertThat(faulty.body().path("errors").toString())
                .contains("Line 3", "Line 4", "Line 5", "Line 6", "Line 7")
                .doesNotContain("Line 2");
        assertThat(post(TRIALS + "/import", Map.of("text", "edge,way,use,grams\n1,a,0,120\n"))
                        .status())
                .as("one way is no trial")
                .isEqualTo(422);
    }
}
