package truekeen.app.repair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

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

/** The repair follows the survey, the bevels, the shelf and the house. */
class RepairTest extends ApiTest {

    private String chipped(String depth) {
        String tool = takeIn(chisel());
        ObjectNode survey = survey();
        mark(survey, "CHIP", "10", "11", depth);
        assertThat(post("/api/v1/tools/" + tool + "/surveys", survey).status()).isEqualTo(200);
        return tool;
    }

    private JsonNode repair(String tool, String by) {
        Answer answer = get("/api/v1/tools/" + tool + "/repair?by=" + by);
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
        return answer.body();
    }

    private static JsonNode means(JsonNode repair, String which) {
        for (JsonNode m : repair.path("means")) {
            if (m.path("means").asText().equals(which)) {
                return m;
            }
        }
        throw new AssertionError(which);
    }

    private void machine(String name, String kind, String um) {
        ObjectNode machine = stone(name, kind, "", "");
        machine.put("makerUm", um)
                .put("gritStandard", "MICRON")
                .put("gritName", um)
                .put("shape", "WHEEL");
        Answer added = post("/api/v1/kit/abrasives", machine);
        assertThat(added.status()).as(added.body().toString()).isEqualTo(200);
    }

    private Answer rule(String tool, String rule, String option) {
        return put("/api/v1/tools/" + tool + "/house-rules", object("rule", rule, "choice", option));
    }

    @Test
    void withoutASurveyThereIsNothingToRepairAndPoweredBladesWait() {
        String tool = takeIn(chisel());
        assertThat(get("/api/v1/tools/" + tool + "/repair")
                        .body()
                        .path("detail")
                        .asText())
                .contains("Survey the edge first");
        String bar = takeIn(tool(
                "mower bar",
                "rotary mower bar / grass",
                "plain carbon",
                "span=510;edgeLength=90;usableLength=55;retireLength=42;thickness=4;primary=30;land=0.5;bore=12"));
        assertThat(get("/api/v1/tools/" + bar + "/repair").body().toString()).contains("ISOLATE_FIRST");
        assertThat(get("/api/v1/tools/00000000-0000-0000-0000-000000000009/repair")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void theActsOfTheGrindingTakeWhatTheSurveySays() {
        kit();
        machine("bench grinder", "dry grinding wheel", "250");
        String tool = chipped("1.2");
        JsonNode r = repair(tool, "DRY_WHEEL");
        assertThat(r.path("house").asText()).startsWith("Above 20 mm³ the house takes a machine; here ");
        double acts = 0;
        List<String> kinds = new ArrayList<>();
        for (JsonNode act : r.path("grind").path("acts")) {
            acts += act.path("volumeMm3").asDouble();
            kinds.add(act.path("kind").asText());
        }
        assertThat(acts).isCloseTo(r.path("result").path("primaryMm3").asDouble(), within(1e-9));
        assertThat(kinds).containsExactly("MARK", "READY", "BLUNT", "SET", "BEVEL", "LIGHT", "LOOK");
        assertThat(r.path("grind").path("curves").size()).isEqualTo(2);
        assertThat(means(r, "DRY_WHEEL").path("time").path("low").asDouble())
                .isLessThan(means(r, "DRY_WHEEL").path("time").path("high").asDouble());
        assertThat(get("/api/v1/tools/" + tool + "/repair?by=TEETH").status()).isEqualTo(422);
        assertThat(get("/api/v1/tools/" + tool + "/repair?by=STONES").status()).isEqualTo(422);
    }

    @Test
    void theHouseDecidesOnWheelsAndOnGrindingBluntFirst() {
        kit();
        machine("house grinder", "dry grinding wheel", "250");
        String tool = chipped("1.1");
        assertThat(rule(tool, "REPAIRS", "STONES").status()).isEqualTo(200);
        JsonNode stones = repair(tool, "");
        assertThat(means(stones, "DRY_WHEEL").path("allowed").asBoolean()).isFalse();
        assertThat(means(stones, "DRY_WHEEL").path("reason").asText()).contains("stones only");
        assertThat(stones.path("grind").isNull()).isTrue();
        assertThat(stones.path("house").asText()).startsWith("The house works on stones only");
        assertThat(means(stones, "STONES").path("advised").asBoolean()
                        || means(stones, "PLATE").path("advised").asBoolean())
                .isTrue();
        rule(tool, "REPAIRS", "GRIND");
        rule(tool, "NEW_EDGE", "BEVEL");
        JsonNode straight = repair(tool, "DRY_WHEEL");
        assertThat(straight.path("house").asText()).startsWith("The house grinds first");
        List<String> kinds = new ArrayList<>();
        straight.path("grind")
                .path("acts")
                .forEach(a -> kinds.add(a.path("kind").asText()));
        assertThat(kinds).contains("BEVEL").doesNotContain("BLUNT");
    }

    @Test
    void thePlanTakesTheActsToTheBenchAndStonesOnlyOffersNone() {
        kit();
        machine("plan grinder", "dry grinding wheel", "250");
        String tool = chipped("1.3");
        ObjectNode angle = angle();
        assertThat(post("/api/v1/tools/" + tool + "/setups", angle).status()).isEqualTo(200);
        JsonNode plain = post("/api/v1/tools/" + tool + "/plan/preview", Map.of("grindOn", ""))
                .body();
        assertThat(plain.path("offers").size()).isPositive();
        String grinder = plain.path("offers").get(0).path("abrasiveId").asText();
        JsonNode ground = post("/api/v1/tools/" + tool + "/plan/preview", Map.of("grindOn", grinder))
                .body();
        List<String> titles = new ArrayList<>();
        ground.path("steps").forEach(s -> {
            if (s.path("kind").asText().equals("GRIND")) {
                titles.add(s.path("title").asText());
            }
        });
        assertThat(titles).hasSize(7).startsWith("Ink and scribe the new edge").contains("Light passes to the edge");
        rule(tool, "REPAIRS", "STONES");
        assertThat(post("/api/v1/tools/" + tool + "/plan/preview", Map.of("grindOn", ""))
                        .body()
                        .path("offers")
                        .size())
                .isZero();
    }

    @Test
    void aPittedBackHasItsWaysWithFigures() {
        kit();
        String tool = takeIn(chisel());
        ObjectNode survey = survey().put("backState", "PITTED").put("backDepth", "0.3");
        mark(survey, "PIT_BACK", "5", "6.5", "0.3");
        post("/api/v1/tools/" + tool + "/surveys", survey);
        JsonNode back = repair(tool, "").path("back");
        List<String> keys = new ArrayList<>();
        back.path("options").forEach(o -> keys.add(o.path("way").asText()));
        assertThat(keys).containsExactly("FLATTEN", "BACK_BEVEL", "PAST_THE_PITS", "LEAVE", "RETIRE");
        assertThat(back.path("options").get(1).path("allowed").asBoolean()).isFalse();
        assertThat(back.path("options").get(2).path("lostMm").asDouble()).isBetween(0.3, 1.0);
        assertThat(back.path("steel").path("value").asDouble()).isCloseTo(0.3 * 30 * 24, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({
        "STEAM, '', 4, 200",
        "BLUE, 2 mm, 0, 200",
        "STRAW, 1/16\", 2, 200",
        "BLUE, '', 0, 422",
        "BLUE, deep, 0, 422",
        "BLUE, 500, 0, 422",
        "PINK, 2, 0, 422",
        "'', 2, 0, 422",
        "BLUE, 2, -3, 422",
    })
    void whatWasSeenAtTheWheelIsAnsweredOrRefused(String sign, String extent, int passes, int status) {
        String tool = chipped("0.5");
        Answer told = post(
                "/api/v1/tools/" + tool + "/repair/seen", object("sign", sign, "extent", extent, "passes", passes));
        assertThat(told.status()).isEqualTo(status);
        if (status == 200) {
            assertThat(told.body().path("act").asText()).isNotBlank();
            assertThat(told.body().path("dip").asText().isEmpty()).isEqualTo(passes == 0);
            assertThat(told.body().path("past").isNull())
                    .isEqualTo(told.body().path("drawn").asText().equals("NO"));
        }
    }

    @Test
    void theLogTeachesHowManySharpeningsAreLeft() {
        String tool = chipped("0.4");
        JsonNode first = repair(tool, "").path("result").path("sharpeningsLeft");
        assertThat(first.path("evidence").asText()).contains("first estimate");
        assertThat(first.path("high").asDouble())
                .isGreaterThan(first.path("low").asDouble());
    }

    @Test
    void heatFollowsSteelThicknessAndAngle() {
        kit();
        machine("hot grinder", "dry grinding wheel", "250");
        double plain = contact("thickness", "3.2 mm", "plain carbon");
        assertThat(contact("thickness", "3.2 mm", "high-speed steel"))
                .as("a steel that keeps its temper longer")
                .isGreaterThan(plain);
        assertThat(contact("thickness", "0.7", "plain carbon"))
                .as("a thinner blade")
                .isLessThan(plain);
        assertThat(contact("width", "6", "plain carbon")).as("a narrower tool").isLessThan(plain);
    }

    private double contact(String field, String typed, String steel) {
        ObjectNode form = typed(chisel(), field, typed);
        form.put("steel", steel);
        ((ObjectNode) form.path("dimensions")).remove(List.of("secondary", "secondaryWidth"));
        String tool = takeIn(form);
        ObjectNode survey = survey();
        mark(survey, "CHIP", "2", "3", "1.5");
        post("/api/v1/tools/" + tool + "/surveys", survey);
        return means(repair(tool, "DRY_WHEEL"), "DRY_WHEEL")
                .path("contactSeconds")
                .asDouble(99);
    }

    @Test
    void twoTabletsOnOneToolDoNotWriteOverEachOther() {
        String tool = chipped("0.5");
        String first = get("/api/v1/tools/" + tool + "/survey")
                .body()
                .path("survey")
                .path("id")
                .asText();
        ObjectNode one = survey().put("basedOn", first).put("bend", "0.2");
        ObjectNode other = survey().put("basedOn", first).put("bend", "0.5");
        assertThat(post("/api/v1/tools/" + tool + "/surveys", one).status()).isEqualTo(200);
        Answer late = post("/api/v1/tools/" + tool + "/surveys", other);
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.body().path("detail").asText()).contains("changed on another screen");
        assertThat(get("/api/v1/tools/" + tool + "/survey")
                        .body()
                        .path("survey")
                        .path("form")
                        .path("bend")
                        .asText())
                .isEqualTo("0.2");
    }

    @Test
    void signsAndCautionsAreToldToAnyone() {
        assertThat(get("/api/v1/wheel-signs").body().size()).isEqualTo(6);
        assertThat(get("/api/v1/cautions").body().toString()).contains("Makers' manuals come first");
    }

    @Test
    void whatIsDecidedOnTheRepairPageIsThePlan() {
        kit();
        machine("decided grinder", "dry grinding wheel", "250");
        String tool = takeIn(tool(
                "drawknife",
                "drawknife / general",
                "plain carbon",
                "edgeLength=230;usableLength=34;retireLength=20;thickness=5;primary=28"));
        ObjectNode survey = survey().put("backState", "PITTED").put("backDepth", "0.1");
        mark(survey, "CHIP", "50", "52", "0.6");
        post("/api/v1/tools/" + tool + "/surveys", survey);
        post("/api/v1/tools/" + tool + "/setups", angle());
        assertThat(decided(tool)).isEqualTo("BACK_BEVEL");
        String machine = repair(tool, "").path("grindOn").asText();
        assertThat(machine).isNotEqualTo("BY_HAND");
        assertThat(pieces(tool)).contains("BACK_BEVEL").doesNotContain("\"BACK\"");
        decide(tool, "FLATTEN", null, 200);
        assertThat(decided(tool)).isEqualTo("FLATTEN");
        assertThat(pieces(tool)).contains("\"BACK\"").doesNotContain("BACK_BEVEL");
        decide(tool, null, "BY_HAND", 200);
        assertThat(repair(tool, "").path("grindOn").asText()).isEqualTo("BY_HAND");
        assertThat(steps(tool)).doesNotContain("\"GRIND\"");
        decide(tool, null, machine, 200);
        assertThat(steps(tool)).contains("\"GRIND\"");
        decide(tool, "GLUE", null, 422);
        decide(tool, null, "nothing", 404);
        // A new look at the edge asks anew.
        JsonNode kept = get("/api/v1/tools/" + tool + "/survey").body().path("survey");
        post(
                "/api/v1/tools/" + tool + "/surveys",
                survey.put("basedOn", kept.path("id").asText()));
        assertThat(decided(tool)).isEqualTo("BACK_BEVEL");
    }

    private void decide(String tool, String back, String grindOn, int status) {
        ObjectNode form = JSON.createObjectNode();
        form.put("back", back).put("grindOn", grindOn);
        Answer answer = put("/api/v1/tools/" + tool + "/repair/decision", form);
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(status);
    }

    private String decided(String tool) {
        for (JsonNode o : repair(tool, "").path("back").path("options")) {
            if (o.path("decided").asBoolean()) {
                return o.path("way").asText();
            }
        }
        return "";
    }

    private JsonNode plan(String tool) {
        return post("/api/v1/tools/" + tool + "/plan/preview", Map.of("grindOn", ""))
                .body();
    }

    private String pieces(String tool) {
        return plan(tool).path("pieces").toString();
    }

    private String steps(String tool) {
        return plan(tool).path("steps").toString();
    }
}
