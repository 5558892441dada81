package truekeen.app.tool;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.app.ApiTest;
import truekeen.core.progression.Answer;

/** What a tool brings with it is asked once and used later; another like it is taken in by copying. */
class ArrivalsTest extends ApiTest {
    private static ObjectNode brings(String age, String back, String layer, String lock, String kept) {
        return object("age", age, "back", back, "hardLayer", layer, "lock", lock, "kept", kept);
    }

    private String arrived(ObjectNode tool, ObjectNode brings) {
        tool.set("brings", brings);
        return takeIn(tool);
    }

    private ObjectNode pocketKnife() {
        return tool(
                "pocket knife",
                "pocket knife / general",
                "plain carbon",
                "edgeLength=80;straight=50;tipRise=12;usableLength=20;retireLength=14;spineThickness=2.2;"
                        + "behindEdge=0.5;primary=18");
    }

    @Test
    void whatItBringsIsKeptShownAndChanged() {
        String tool = arrived(chisel(), brings("NEW", "RIDGED", "2 mm", "UNKNOWN", "BENCH"));
        JsonNode view = get("/api/v1/tools/" + tool).body();
        assertThat(view.path("brings").path("hardLayer").asText()).isEqualTo("2 mm");
        assertThat(view.path("known").toString())
                .contains("new from its maker", "ridges", "hard layer 2 mm", "kept at the bench");
        ObjectNode again = chisel().put("version", view.path("version").asLong());
        assertThat(put("/api/v1/tools/" + tool, again).status()).isEqualTo(200);
        assertThat(get("/api/v1/tools/" + tool).body().path("known"))
                .as("left out, it stays")
                .hasSize(4);
        String plain = takeIn(chisel());
        assertThat(get("/api/v1/tools/" + plain).body().path("known")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"LAPPED, UNPOLISHED", "RIDGED, RIDGED", "UNKNOWN, POLISHED"})
    void theFirstSurveyBeginsWithTheBackAsItsMakerLeftIt(String back, String state) {
        String tool = arrived(chisel(), brings("NEW", back, "", "", ""));
        assertThat(get("/api/v1/tools/" + tool + "/survey")
                        .body()
                        .path("asks")
                        .path("backState")
                        .asText())
                .isEqualTo(state);
    }

    @ParameterizedTest
    @CsvSource({"age, YOUNG", "back, BUMPY", "lock, MAYBE", "kept, LOFT", "hardLayer, 40 mm", "hardLayer, thick"})
    void whatIsNoAnswerIsRefusedAtItsField(String field, String value) {
        ObjectNode tool = chisel();
        tool.set("brings", brings("", "", "", "", "").put(field, value));
        Answer answer = post("/api/v1/tools", tool);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.raw().body()).contains("\"" + field + "\"");
    }

    @ParameterizedTest
    @CsvSource({"NO_LOCK, true", "UNKNOWN, true", "LOCKS, false"})
    void aFoldingKnifeWithoutALockIsWarnedOfAtEveryCountedStep(String lock, boolean warned) {
        kit();
        String tool = arrived(pocketKnife(), brings("OLD", "", "", lock, "CARRIED"));
        post("/api/v1/tools/" + tool + "/surveys", survey().put("dullness", "DULL"));
        assertThat(post("/api/v1/tools/" + tool + "/setups", angle()).status()).isEqualTo(200);
        JsonNode plan = post("/api/v1/tools/" + tool + "/plan/preview", Map.of("grindOn", ""))
                .body();
        int counted = 0;
        for (JsonNode s : plan.path("steps")) {
            if (s.path("strokes").asInt() > 0) {
                counted++;
                assertThat(s.path("caution").asText().contains("No lock holds it"))
                        .isEqualTo(warned);
            }
        }
        assertThat(counted).isPositive();
    }

    @Test
    void eightLikeChiselsAreTakenInByCopyingWithTheirSetUpAndRules() {
        kit();
        String first = arrived(chisel(), brings("OLD", "", "", "", "BENCH"));
        post("/api/v1/tools/" + first + "/setups", angle().put("name", "usual"));
        put("/api/v1/tools/" + first + "/house-rules", Map.of("rule", "STROP", "choice", "STONE"));
        List<String> names = new ArrayList<>();
        for (int i = 2; i <= 8; i++) {
            Answer made = post("/api/v1/tools/" + first + "/another", Map.of("name", "like chisel " + i));
            assertThat(made.status()).as(made.raw().body()).isEqualTo(200);
            JsonNode like = made.body();
            names.add(like.path("name").asText());
            String id = like.path("id").asText();
            assertThat(like.path("typed"))
                    .isEqualTo(get("/api/v1/tools/" + first).body().path("typed"));
            assertThat(like.path("known").toString()).contains("kept at the bench");
            assertThat(get("/api/v1/tools/" + id + "/angle")
                            .body()
                            .path("current")
                            .path("name")
                            .asText())
                    .isEqualTo("usual");
            assertThat(get("/api/v1/tools/" + id + "/house-rules").body().toString())
                    .contains("STONE");
            assertThat(get("/api/v1/tools/" + id + "/survey")
                            .body()
                            .path("survey")
                            .isNull())
                    .isTrue();
        }
        assertThat(names).hasSize(7).doesNotHaveDuplicates();
        Answer nameless = post("/api/v1/tools/" + first + "/another", Map.of("name", " "));
        assertThat(nameless.status()).isEqualTo(422);
    }
}
