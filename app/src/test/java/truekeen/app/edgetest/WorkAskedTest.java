package truekeen.app.edgetest;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import truekeen.app.ApiTest;
import truekeen.core.progression.Answer;

/** A remedy that names work ends the session and leads into a plan of that work. */
class WorkAskedTest extends ApiTest {
    private static final String KNIFE = "edgeLength=180;straight=110;tipRise=25;usableLength=45;retireLength=30;"
            + "spineThickness=2.2;behindEdge=0.5;primary=16";
    private static final String SINGLE = "edgeLength=180;straight=120;tipRise=20;usableLength=45;retireLength=30;"
            + "spineThickness=3.6;faceAngle=11;primary=28;edgeBevelWidth=0.6;backHollow=0.3";

    private String tool;
    private String session;

    private void atTheTest(ObjectNode form, ObjectNode survey) {
        kit();
        tool = takeIn(form);
        session = start(tool, planned(tool, survey)).path("id").asText();
        JsonNode steps = get("/api/v1/sessions/" + session).body().path("steps");
        for (int i = 0; i < steps.size(); i++) {
            boolean gate = !steps.get(i).path("step").path("gate").asText().isEmpty();
            tell(session, TABLET, event(gate ? "GATE_PASSED" : "STEP_DONE", i, "", 0));
        }
    }

    private JsonNode seen(String... signs) {
        ObjectNode body = object("device", TABLET, "person", "tester", "reference", "");
        body.putArray("readings");
        var seen = body.putArray("seen");
        for (String sign : signs) {
            String[] at = sign.split(" ");
            ObjectNode node = seen.addObject().put("sign", at[0]);
            if (at.length == 3) {
                node.put("fromMm", Double.valueOf(at[1])).put("toMm", Double.valueOf(at[2]));
            }
        }
        Answer answer = post("/api/v1/sessions/" + session + "/tests", body);
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(200);
        return answer.body();
    }

    /** Accepts one remedy, wherever in the list its finding stands. */
    private Answer accept(JsonNode test, String remedy) {
        ObjectNode choice = object("device", TABLET, "person", "tester");
        JsonNode findings = test.path("verdict").path("findings");
        for (int i = 0; i < findings.size(); i++) {
            if (findings.get(i).path("remedies").findValuesAsText("remedy").contains(remedy)) {
                choice.putArray("chosen").addObject().put("finding", i).put("remedy", remedy);
                return post("/api/v1/tests/" + test.path("id").asText() + "/plan-work", choice);
            }
        }
        throw new AssertionError("no " + remedy + " in " + findings);
    }

    private List<String> jobs() {
        Answer plan = post("/api/v1/tools/" + tool + "/plan/preview", Map.of("grindOn", ""));
        assertThat(plan.status()).as(plan.raw().body()).isEqualTo(200);
        List<String> kinds = new ArrayList<>();
        plan.body()
                .path("plan")
                .path("jobs")
                .forEach(j -> kinds.add(j.path("kind").asText()));
        if (kinds.isEmpty()) {
            plan.body().path("jobs").forEach(j -> kinds.add(j.path("kind").asText()));
        }
        return kinds;
    }

    @Test
    void aKnifeThatWedgesIsPlannedToBeThinned() {
        atTheTest(tool("wedging knife", "kitchen knife / general", "soft stainless", KNIFE), survey());
        JsonNode test = seen("HARD_TO_PUSH");
        assertThat(test.path("verdict").path("findings").get(0).path("fault").asText())
                .isEqualTo("TOO_THICK");
        Answer asked = accept(test, "thin");
        assertThat(asked.status()).as(asked.raw().body()).isEqualTo(200);
        assertThat(asked.body().path("path").asText()).isEqualTo("/tools/" + tool + "/plan");
        assertThat(jobs()).contains("THINNING", "SECONDARY");
        // the session is over, and says in the log what was begun with it
        assertThat(get("/api/v1/tools/" + tool + "/log").body().toString()).contains("Thin the faces behind the edge");
    }

    @Test
    void aSingleBevelKnifeThatIsHardToPushGetsItsBroadFaceThoughItIsNotDueYet() {
        atTheTest(tool("fish knife", "single-bevel knife / edge bevel", "plain carbon", SINGLE), survey());
        JsonNode test = seen("HARD_TO_PUSH");
        assertThat(test.path("verdict").path("findings").get(0).path("fault").asText())
                .isEqualTo("FACE_DUE");
        assertThat(accept(test, "work-the-face").body().path("path").asText()).endsWith("/plan");
        assertThat(jobs()).containsExactly("BROAD_FACE", "SECONDARY");
    }

    @Test
    void burntSteelIsPutDownAsFoundAndGroundPast() {
        atTheTest(chisel(), survey());
        JsonNode test = seen("CRUMBLES", "COLOUR");
        assertThat(test.path("verdict").path("findings").get(0).path("fault").asText())
                .isEqualTo("BURNT");
        assertThat(accept(test, "past-the-colour").body().path("path").asText()).endsWith("/survey");
        JsonNode survey = get("/api/v1/tools/" + tool + "/survey").body().path("survey");
        JsonNode found = survey.path("form").path("findings").get(0);
        assertThat(found.path("kind").asText()).isEqualTo("COLOUR");
        assertThat(survey.path("form").path("fared").asText()).isEqualTo("CHIPPED");
        // it asks for as much as it reaches, over the whole edge
        assertThat(survey.path("lostMm").asDouble()).isBetween(1.0, 1.2);
    }

    @Test
    void anEdgeThatCrumblesLeadsToTheAngleAndTheHistoryAsksForMore() {
        atTheTest(chisel(), survey());
        JsonNode test = seen("CRUMBLES");
        assertThat(accept(test, "raise-angle").body().path("path").asText()).endsWith("/angle");
        assertThat(get("/api/v1/tools/" + tool + "/stages")
                        .body()
                        .path("next")
                        .path("path")
                        .asText())
                .endsWith("/plan");
        assertThat(post("/api/v1/tools/" + tool + "/angle/advice", angle())
                        .body()
                        .toString())
                .contains("chipped once in one sharpening");
    }

    @Test
    void strokesAreNotPlannedAnewAndAStrangersTabletIsRefused() {
        atTheTest(chisel(), survey());
        JsonNode test = seen("BRIGHT 2 4");
        Answer strokes = accept(test, "stretch-first-stone");
        assertThat(strokes.status()).isEqualTo(422);
        assertThat(strokes.body().path("detail").asText()).contains("stretch-first-stone");
        ObjectNode other = object("device", "another tablet", "person", "");
        other.putArray("chosen");
        assertThat(post("/api/v1/tests/" + test.path("id").asText() + "/plan-work", other)
                        .status())
                .isEqualTo(409);
        assertThat(post("/api/v1/tests/" + session + "/plan-work", other).status())
                .isEqualTo(404);
    }

    @Test
    void aChipThatWasLeftOnPurposeIsWhatLightThereMeans() {
        ObjectNode survey = survey();
        survey.withArray("findings")
                .add(object("kind", "CHIP", "from", "8", "to", "9.5", "depth", "0.6", "leave", true));
        atTheTest(chisel(), survey);
        JsonNode there = seen("BRIGHT 8 9.5").path("verdict").path("findings").get(0);
        assertThat(there.path("fault").asText()).isEqualTo("CHIP_LEFT");
        assertThat(there.path("evidence").toString()).contains("a chip that the survey found was left");
        JsonNode elsewhere =
                seen("BRIGHT 18 19").path("verdict").path("findings").get(0);
        assertThat(elsewhere.path("fault").asText()).isEqualTo("APEX_NOT_REACHED");
    }

    @Test
    void aCamberedIronThatCutsDeeperOnOneSideHasItsCamberOffCentre() {
        kit();
        tool = takeIn(tool(
                "jack",
                "plane iron bevel down / jack and scrub",
                "plain carbon",
                "width=50;thickness=3;usableLength=60;retireLength=20;bed=45;primary=25"));
        assertThat(post("/api/v1/tools/" + tool + "/surveys", survey()).status())
                .isEqualTo(200);
        assertThat(post("/api/v1/tools/" + tool + "/setups", angle().put("camber", "0.3 mm"))
                        .status())
                .isEqualTo(200);
        String plan = post("/api/v1/tools/" + tool + "/plans", Map.of("grindOn", ""))
                .body()
                .path("id")
                .asText();
        session = start(tool, plan).path("id").asText();
        JsonNode verdict = seen("SHAVING_ONE_SIDE").path("verdict");
        assertThat(verdict.path("told").asBoolean()).isTrue();
        assertThat(verdict.path("findings").get(0).path("fault").asText()).isEqualTo("CAMBER_OFF");
        assertThat(verdict.path("findings")
                        .get(0)
                        .path("remedies")
                        .get(0)
                        .path("remedy")
                        .asText())
                .isEqualTo("lateral-camber");
    }

    @Test
    void theTestsThatAWorkNeedsComeFirstAndThoseThatFailedStayAmongThem() {
        atTheTest(chisel(), survey());
        assertThat(needed()).containsExactly("LIGHT", "CLOTH", "END_GRAIN");
        seen("SQUARE_OFF");
        assertThat(needed()).contains("SQUARE");
    }

    private List<String> needed() {
        List<String> needed = new ArrayList<>();
        get("/api/v1/tools/" + tool + "/test").body().path("ladder").forEach(c -> {
            if (c.path("needed").asBoolean()) {
                needed.add(c.path("check").asText());
            }
        });
        return needed;
    }
}
