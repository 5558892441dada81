package truekeen.app.plan;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import truekeen.app.TestDatabase;
import truekeen.core.progression.Answer;

/** More situations of every week, on knives: typed in as they are and read out of the plan. */
class BladeCasesTest extends PlanTest {
    @Autowired
    private JdbcTemplate rows;

    @Autowired
    private PlatformTransactionManager transactions;

    @DynamicPropertySource
    static void own(DynamicPropertyRegistry registry) {
        TestDatabase.own(registry);
    }

    private String thinKnife() {
        return takeIn(tool(
                "thin knife",
                "kitchen knife / slicing hard thin blade",
                "hard stainless",
                "edgeLength=210;straight=120;tipRise=28;usableLength=48;retireLength=34;spineThickness=2;"
                        + "behindEdge=0.3;primary=11"));
    }

    private JsonNode chipped(String depth) {
        ObjectNode survey = edge("DULL");
        mark(survey, "CHIP", "40", "41", depth);
        return plan(thinKnife(), survey, angle().put("primary", "11").put("last", "14"));
    }

    @Test
    void case10AHardThinKnifeIsSteepenedOnAsFineAStoneAsClearsItsChips() {
        shelf("#400|" + WATER + "|30", "#1000|" + WATER + "|11.5", "#4000|" + CERAMIC + "|3");
        JsonNode little = chipped("0.08");
        assertThat(kinds(little)).containsExactly("SECONDARY");
        JsonNode first = little.path("jobs").get(0).path("legs").get(0);
        assertThat(first.path("name").asText()).startsWith("#1000");
        assertThat(minutes(little)).isLessThan(6);
        List<String> cautions = new ArrayList<>();
        little.path("steps").forEach(s -> cautions.add(s.path("caution").asText()));
        assertThat(cautions).anyMatch(c -> c.contains("big burr") && c.contains("end to end"));
        assertThat(little.path("tooMuch").isNull()).isTrue();
        // Deeper ones would take too long so fine: then it starts on the coarse one after all.
        JsonNode more = chipped("0.3");
        assertThat(more.path("jobs").get(0).path("legs").get(0).path("name").asText())
                .startsWith("#400");
    }

    @Test
    void case11ACleaverIsGroundOnTheBeltThenItsCheeksThenItsEdge() {
        shelf(
                "#220|" + WATER + "|60",
                "#400|" + WATER + "|30",
                "#1000|" + WATER + "|11.5",
                "belt|abrasive belt|100|BELT");
        String tool = takeIn(tool(
                "cleaver",
                "vegetable cleaver / slicing",
                "hard stainless",
                "edgeLength=200;straight=160;tipRise=6;usableLength=85;retireLength=60;spineThickness=2.2;"
                        + "behindEdge=0.55;primary=15"));
        ObjectNode survey = edge("DULL");
        mark(survey, "CHIP", "40", "41", "0.4");
        mark(survey, "CHIP", "90", "92", "0.7");
        JsonNode plan = plan(tool, survey);
        List<String> order = new ArrayList<>();
        for (JsonNode s : plan.path("steps")) {
            order.add(s.path("kind").asText());
            assertThat(s.path("strokes").asInt()).isLessThanOrEqualTo(150);
        }
        assertThat(order).containsSubsequence("GRIND", "ADJUST", "WORK", "SET_GUIDE", "WORK", "DEBURR");
        assertThat(order.indexOf("GRIND")).isLessThan(order.indexOf("ADJUST"));
        assertThat(plan.path("steps").toString())
                .contains("Trace the profile first", "On a worn, finer belt at low speed", "for the cheeks");
        double edge = plan.path("lastDeg").asDouble();
        for (JsonNode s : plan.path("steps")) {
            if (s.path("title").asText().contains("cheeks")) {
                assertThat(s.path("angleDeg").asDouble()).isLessThan(edge);
            }
        }
    }

    @Test
    void case13TheBroadFaceOfASingleBevelKnifeIsAJobOfThePlanWhenItIsDue() {
        shelf("#400|" + WATER + "|30", "#1000|" + WATER + "|11.5", "#4000|" + CERAMIC + "|3");
        String tool = singleBevel();
        JsonNode usual = plan(tool, edge("DULL"));
        assertThat(kinds(usual)).containsExactly("SECONDARY");
        JsonNode last = usual.path("steps").get(usual.path("steps").size() - 1);
        assertThat(last.path("kind").asText()).isEqualTo("DEBURR");
        assertThat(last.path("abrasiveName").asText()).startsWith("#4000");
        int due = 0;
        for (int since = 0; since <= 9 && due == 0; since++) {
            sharpened(tool, since);
            due = kinds(again(tool)).contains("BROAD_FACE") ? since : 0;
        }
        assertThat(due).isBetween(3, 8);
        assertThat(kinds(again(tool))).containsExactly("BROAD_FACE", "SECONDARY");
    }

    private String singleBevel() {
        return takeIn(tool(
                "single-bevel knife",
                "single-bevel knife / edge bevel",
                "plain carbon",
                "edgeLength=180;straight=120;tipRise=20;usableLength=45;retireLength=30;spineThickness=3.6;"
                        + "faceAngle=11;primary=28;edgeBevelWidth=0.6;backHollow=0.3"));
    }

    @Test
    void aBentSingleBevelKnifeIsHeldUpUntilTheBendIsAcceptedAndTheStripShowsWhatIsMissed() {
        shelf("#1000|" + WATER + "|11.5", "#4000|" + CERAMIC + "|3");
        String tool = singleBevel();
        ObjectNode bent = edge("DULL").put("bend", "0.5 mm");
        post("/api/v1/tools/" + tool + "/surveys", bent);
        post("/api/v1/tools/" + tool + "/setups", angle());
        Answer held = post("/api/v1/tools/" + tool + "/plan/preview", Map.of("grindOn", ""));
        assertThat(held.status()).isEqualTo(422);
        assertThat(held.raw().body()).contains("It is bent").contains("\"bend\"");
        JsonNode missed = post("/api/v1/tools/" + tool + "/survey/preview", bent)
                .body()
                .path("result")
                .path("missed");
        assertThat(missed.path("depthMm").asDouble()).isEqualTo(0.5);
        assertThat(missed.path("toMm").asDouble())
                .isGreaterThan(missed.path("fromMm").asDouble() + 100);
        JsonNode latest = get("/api/v1/tools/" + tool + "/survey").body();
        assertThat(latest.path("asks").path("bendHolds").asBoolean()).isTrue();
        bent.put("bendAccepted", true)
                .put("basedOn", latest.path("survey").path("id").asText());
        assertThat(post("/api/v1/tools/" + tool + "/surveys", bent).status()).isEqualTo(200);
        assertThat(kinds(again(tool))).containsExactly("SECONDARY");
        JsonNode straight =
                post("/api/v1/tools/" + tool + "/survey/preview", edge("DULL")).body();
        assertThat(straight.path("result").path("missed").isNull()).isTrue();
    }

    private void sharpened(String tool, int times) {
        new TransactionTemplate(transactions)
                .executeWithoutResult(t -> rows.update(
                        "update tool set sharpenings_since_broad_face = ? where id = ?", times, UUID.fromString(tool)));
    }

    private JsonNode again(String tool) {
        return post("/api/v1/tools/" + tool + "/plan/preview", Map.of("grindOn", ""))
                .body();
    }
}
