package truekeen.app.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.app.ApiTest;
import truekeen.core.progression.Answer;

/** Everything that can be put down about an edge counts, comes back as it was typed, and is refused where it cannot be. */
class SurveyInFullTest extends ApiTest {

    private ObjectNode knife() {
        return tool(
                "slicer",
                "kitchen knife / slicing hard thin blade",
                "plain carbon",
                "edgeLength=180;straight=110;tipRise=18;usableLength=46;retireLength=34;spineThickness=2.2;"
                        + "behindEdge=0.35;primary=15");
    }

    private Answer preview(String tool, ObjectNode survey) {
        return post("/api/v1/tools/" + tool + "/survey/preview", survey);
    }

    private static double volume(Answer answer) {
        JsonNode result = answer.body().path("result");
        assertThat(result.isObject())
                .as(answer.body().path("faults").toString())
                .isTrue();
        return result.path("volume").path("value").asDouble();
    }

    @Test
    void everyFurtherMeasureOfAKnifeCounts() {
        String tool = takeIn(knife());
        double plain = volume(preview(tool, survey()));
        ObjectNode thick = survey();
        thick.putArray("measures")
                .add(object("field", "behindEdge", "at", "40", "value", "0.5"))
                .add(object("field", "behindEdge", "at", "120", "value", "20 thou"));
        mark(thick, "CHIP", "60", "61", "0.4");
        ObjectNode chipped = survey();
        mark(chipped, "CHIP", "60", "61", "0.4");
        assertThat(volume(preview(tool, thick))).isGreaterThan(volume(preview(tool, chipped)));
        ObjectNode uneven = survey().put("unevenLeft", "15").put("unevenRight", "20°");
        assertThat(volume(preview(tool, uneven))).isGreaterThan(plain);
        ObjectNode bent = survey().put("bend", "0.4");
        assertThat(preview(tool, bent).status()).isEqualTo(200);
        assertThat(preview(tool, bent).body().path("faults").size()).isZero();
    }

    @Test
    void anOldBackBevelOnAChiselGoesByTheEdgeOrTheBack() {
        String tool = takeIn(chisel());
        double plain = volume(preview(tool, survey()));
        for (String goes : new String[] {"BY_THE_EDGE", "BY_THE_BACK"}) {
            ObjectNode old =
                    survey().put("oldBackWidth", "0.6").put("oldBackAngle", "5").put("oldBackGoes", goes);
            assertThat(volume(preview(tool, old))).as(goes).isGreaterThan(plain);
        }
        ObjectNode kept =
                survey().put("oldBackWidth", "0.6").put("oldBackAngle", "5").put("oldBackGoes", "KEPT");
        assertThat(volume(preview(tool, kept))).isEqualTo(plain);
    }

    @Test
    void itSaysWhatEachThingAsksAndWhatLeavingTheDeepestSpares() {
        String tool = takeIn(knife());
        ObjectNode survey = survey();
        mark(survey, "CHIP", "30", "32", "0.5");
        mark(survey, "DENT", "100", "103", "0.3");
        JsonNode result = preview(tool, survey).body().path("result");
        List<String> deciding = new ArrayList<>();
        result.path("demands").forEach(d -> {
            if (d.path("decides").asBoolean()) {
                deciding.add(d.path("subject").asText());
            }
        });
        assertThat(deciding).containsExactly("findings[0]");
        JsonNode spared = result.path("spared");
        assertThat(spared.path("lessMm").asDouble()).isCloseTo(0.2, within(1e-9));
        ((ObjectNode) survey.path("findings").get(0)).put("leave", true);
        JsonNode left = preview(tool, survey).body().path("result");
        assertThat(result.path("lost").path("value").asDouble()
                        - left.path("lost").path("value").asDouble())
                .isCloseTo(0.2, within(1e-9));
        double regions = 0;
        for (JsonNode region : result.path("regions")) {
            regions += region.path("volumeMm3").asDouble();
        }
        assertThat(regions).isCloseTo(result.path("volume").path("value").asDouble(), within(1e-6));
        assertThat(result.path("thinning").path("value").asDouble()).isPositive();
        assertThat(result.path("sharpeningsLeft").path("evidence").asText()).contains("first estimate");
    }

    @Test
    void theSectionAtAPlaceIsDrawn() {
        String tool = takeIn(knife());
        ObjectNode survey = survey();
        mark(survey, "CHIP", "60", "62", "0.8");
        Answer deep = post("/api/v1/tools/" + tool + "/survey/section?at=20", survey);
        assertThat(deep.status()).isEqualTo(200);
        Answer inChip = post("/api/v1/tools/" + tool + "/survey/section?at=61", survey);
        assertThat(inChip.body().path("removedMm2").asDouble())
                .isLessThan(deep.body().path("removedMm2").asDouble());
        assertThat(inChip.body().path("section").path("before").size()).isPositive();
        assertThat(post("/api/v1/tools/" + tool + "/survey/section?at=999", survey)
                        .status())
                .isEqualTo(422);
        assertThat(post("/api/v1/tools/" + tool + "/survey/section?at=tip", survey)
                        .status())
                .isEqualTo(404);
    }

    @Test
    void whatIsKeptComesBackAndTheNextLookIsComparedWithIt() {
        String tool = takeIn(knife());
        ObjectNode first = survey().put("bend", "0.4").put("unevenLeft", "15").put("unevenRight", "17");
        first.putArray("measures").add(object("field", "behindEdge", "at", "40", "value", "0.4"));
        mark(first, "CHIP", "30", "32", "0.5");
        mark(first, "BRIGHT", "90", "110", "");
        JsonNode kept = post("/api/v1/tools/" + tool + "/surveys", first).body();
        JsonNode back = get("/api/v1/tools/" + tool + "/survey").body();
        assertThat(back.path("survey").path("form").path("bend").asText()).isEqualTo("0.4");
        assertThat(back.path("survey")
                        .path("form")
                        .path("measures")
                        .get(0)
                        .path("at")
                        .asText())
                .isEqualTo("40");
        // what was stored is what the core reads again
        double asKept = get("/api/v1/tools/" + tool + "/repair")
                .body()
                .path("result")
                .path("volume")
                .path("value")
                .asDouble();
        assertThat(asKept).isCloseTo(kept.path("volumeMm3").asDouble(), within(1e-9));
        ObjectNode next = survey().put("basedOn", kept.path("id").asText());
        mark(next, "CHIP", "30.2", "32.4", "0.9");
        mark(next, "ROLL", "150", "160", "0.1");
        List<String> words = new ArrayList<>();
        preview(tool, next)
                .body()
                .path("changes")
                .forEach(c -> words.add(c.path("kind").asText()));
        assertThat(words).containsExactly("NEW", "DEEPER", "GONE");
        List<String> kinds = new ArrayList<>();
        back.path("asks").path("kinds").forEach(k -> kinds.add(k.path("kind").asText()));
        assertThat(kinds).contains("CHIP", "DENT", "ROLL", "DOTS", "PIT_BEVEL").doesNotContain("PIT_BACK");
    }

    @ParameterizedTest(name = "{0} {1}")
    @CsvSource({
        "bend, 99 mm, bend",
        "unevenLeft, 80, uneven.left",
        "unevenRight, steep, uneven.right",
        "oldBackWidth, wide, ''",
    })
    void whatCannotBeIsRefusedAtItsField(String field, String typed, String at) {
        String tool = takeIn(knife());
        ObjectNode survey = survey();
        if (field.startsWith("uneven")) {
            survey.put("unevenLeft", "15").put("unevenRight", "15");
        }
        survey.put(field, typed);
        Answer answer = preview(tool, survey);
        assertThat(answer.status()).isEqualTo(200);
        // a knife has no back to carry an old bevel: that is not asked, whatever was typed
        assertThat(answer.body().path("faults").size()).isEqualTo(at.isEmpty() ? 0 : 1);
        if (!at.isEmpty()) {
            assertThat(answer.body().path("faults").get(0).path("field").asText())
                    .isEqualTo(at);
            assertThat(post("/api/v1/tools/" + tool + "/surveys", survey).status())
                    .isEqualTo(422);
        }
    }

    @Test
    void absurdMarksAndMeasuresAreNamedAndNothingIsLost() {
        String tool = takeIn(knife());
        ObjectNode survey = survey();
        mark(survey, "PIT_BACK", "10", "11", "0.1");
        mark(survey, "CRATER", "10", "11", "0.1");
        mark(survey, "DENT", "500", "501", "-3");
        survey.putArray("measures")
                .add(object("field", "colour", "at", "10", "value", "0.3"))
                .add(object("field", "behindEdge", "at", "", "value", "1,500"));
        Answer answer = preview(tool, survey);
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.body().path("faults").toString()).contains("findings[1].kind", "measures[1].at");
        ArrayNode many = survey().putArray("findings");
        for (int i = 0; i < 61; i++) {
            many.add(object("kind", "CHIP", "from", "1", "to", "2", "depth", "0.1", "leave", false));
        }
        ObjectNode crowded = survey();
        crowded.set("findings", many);
        assertThat(preview(tool, crowded).body().path("faults").toString()).contains("At most 60 findings");
        ArrayNode measures = survey().putArray("measures");
        for (int i = 0; i < 200; i++) {
            measures.add(object("field", "behindEdge", "at", "1", "value", "0.3"));
        }
        ObjectNode measured = survey();
        measured.set("measures", measures);
        assertThat(preview(tool, measured).body().path("faults").toString()).contains("measures at stations");
        ObjectNode impossible = survey();
        impossible.putArray("measures").add(object("field", "behindEdge", "at", "10", "value", "5"));
        assertThat(preview(tool, impossible).body().path("faults").size()).isPositive();
    }
}
