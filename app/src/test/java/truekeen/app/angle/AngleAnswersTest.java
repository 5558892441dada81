package truekeen.app.angle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.app.ApiTest;

/** What the angle stage answers for planes, hollows, knives and their past. */
class AngleAnswersTest extends ApiTest {
    private static final String IRON = "width=60;thickness=3.2;usableLength=62;retireLength=18;bed=%s;primary=%s";

    private String iron(String trade, String bed, String primary, String more) {
        kit();
        return takeIn(tool("iron", trade, "low-alloy tool steel", IRON.formatted(bed, primary) + more));
    }

    private JsonNode advice(String tool, ObjectNode form) {
        return post("/api/v1/tools/" + tool + "/angle/advice", form).body();
    }

    private static double figure(JsonNode answer, String label) {
        for (JsonNode f : answer.path("figures")) {
            if (f.path("advice").path("label").asText().equals(label)) {
                assertThat(f.path("advice").path("source").asText()).isIn("derived here", "workshop prior");
                return f.path("advice").path("value").asDouble();
            }
        }
        throw new AssertionError("no " + label + " among " + answer.path("figures"));
    }

    private static String fault(JsonNode answer, String field) {
        for (JsonNode f : answer.path("faults")) {
            if (f.path("field").asText().equals(field)) {
                return f.path("message").asText();
            }
        }
        return "";
    }

    @Test
    void bothBedsGetTheirCamberShavingAndStations() {
        ObjectNode form = angle();
        form.put("camber", "0.06").put("shaving", "0.03").put("strokes", "25");
        JsonNode down = advice(iron("plane iron bevel down / smoothing", "45", "25", ""), form);
        assertThat(figure(down, "camber on the iron")).isCloseTo(0.0849, within(5e-5));
        assertThat(figure(down, "radius of the edge")).isCloseTo(5300, within(10.0));
        assertThat(figure(down, "cutting angle")).isEqualTo(45);
        assertThat(figure(down, "clearance")).isCloseTo(15, within(1e-9));
        JsonNode up = advice(iron("plane iron bevel up / general", "12", "33", ""), form);
        assertThat(figure(up, "camber on the iron")).isCloseTo(0.2886, within(5e-5));
        assertThat(figure(up, "cutting angle")).isCloseTo(45, within(1e-9));
        assertThat(figure(up, "width of the shaving")).isPositive().isLessThan(60);
        assertThat(up.path("stations").path("shaping").toString()).isEqualTo("[10,2,1,2,10]");
        assertThat(up.path("stations").path("refining").toString()).isEqualTo("[5,5,5,5,5]");
        form.put("camber", "0");
        assertThat(advice(iron("plane iron bevel up / general", "12", "33", ""), form)
                        .path("stations")
                        .isNull())
                .isTrue();
    }

    @Test
    void aThinRuleLiftsTheBackOfAnIronAndNeverOfAChisel() {
        ObjectNode form = angle();
        form.put("ruleThickness", "0.5").put("ruleReach", "60");
        String smoother = iron("plane iron bevel down / smoothing", "45", "25", "");
        assertThat(figure(advice(smoother, form), "cutting angle")).isCloseTo(45.48, within(5e-3));
        String chisel = takeIn(chisel());
        assertThat(fault(advice(chisel, form), "ruleThickness")).contains("reference that guides the cut");
        ObjectNode back = angle();
        back.put("backBevel", "2");
        assertThat(fault(advice(chisel, back), "backBevel")).contains("reference that guides the cut");
        assertThat(post("/api/v1/tools/" + chisel + "/setups", back).status()).isEqualTo(422);
    }

    @Test
    void aShearBladeIsAskedForItsOneBevelAndRefusedASecond() {
        String shear = takeIn(tool(
                "secateurs",
                "secateurs / bypass",
                "hard stainless",
                "edgeLength=52;sweep=7;usableLength=18;retireLength=12;thickness=3.2;primary=22;faceHollow=0.1"));
        JsonNode usual = advice(shear, angle());
        assertThat(usual.path("oneBevel").asText()).contains("one bevel to the edge");
        assertThat(usual.path("advisedLastDeg").asDouble()).isEqualTo(22);
        assertThat(usual.path("warnings").toString()).contains("it may crumble");
        assertThat(post("/api/v1/tools/" + shear + "/setups", angle()).status()).isEqualTo(200);
        ObjectNode second = angle().put("last", "25");
        assertThat(fault(advice(shear, second), "last")).contains("one bevel to the edge");
        assertThat(post("/api/v1/tools/" + shear + "/setups", second).status()).isEqualTo(422);
        assertThat(advice(takeIn(chisel()), angle()).path("oneBevel").asText()).isEmpty();
    }

    @Test
    void clearanceIsWarnedOfBelowTenAndRefusedAtNone() {
        String down = iron("plane iron bevel down / smoothing", "45", "25", "");
        ObjectNode steep = angle();
        steep.put("last", "37");
        assertThat(advice(down, steep).path("warnings").toString()).contains("clearance");
        assertThat(fault(advice(down, steep.put("last", "45")), "last"))
                .contains("no clearance")
                .contains("45°");
        String up = iron("plane iron bevel up / general", "12", "33", "");
        ObjectNode back = angle();
        back.put("backBevel", "4");
        assertThat(advice(up, back).path("warnings").toString()).contains("8° of clearance");
        assertThat(fault(advice(up, back.put("backBevel", "12")), "backBevel")).contains("no clearance");
    }

    @Test
    void aHollowShowsItsThreeAnglesAndSaysWhichOneCuts() {
        String tool = takeIn(chisel());
        ObjectNode form = angle();
        form.put("wheelDiameter", "200").put("primary", "25").put("last", "25");
        JsonNode a = advice(tool, form);
        assertThat(figure(a, "at the edge, off the wheel")).isCloseTo(22.83, within(5e-3));
        assertThat(figure(a, "at the chord, honed flat")).isCloseTo(25, within(1e-9));
        assertThat(figure(a, "at the heel")).isCloseTo(27.17, within(5e-3));
        assertThat(figure(a, "depth of the hollow")).isCloseTo(71.7, within(0.05));
        assertThat(figure(a, "honings until it is gone"))
                .isEqualTo(Math.floor(0.0717 / Math.sin(Math.toRadians(25)) / 0.05));
        assertThat(a.path("figures").toString()).contains("you cut with this");
        assertThat(fault(advice(tool, form.put("wheelDiameter", "7")), "wheelDiameter"))
                .contains("7.572 mm");
        assertThat(fault(advice(tool, form.put("wheelDiameter", "seven")), "wheelDiameter"))
                .isNotEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "last, 20, last",
        "otherLast, 20, otherLast",
        "camber, -1, camber",
        "strokes, many, strokes",
        "shaving, 9, shaving"
    })
    void whatCannotBeIsSaidAtItsField(String field, String value, String at) {
        String tool = iron("plane iron bevel down / smoothing", "45", "25", "");
        ObjectNode form = angle();
        form.put("camber", "0.1")
                .put("otherPrimary", field.equals("otherLast") ? "25" : "")
                .put(field, value);
        assertThat(fault(advice(tool, form), at)).isNotEmpty();
    }

    @Test
    void aSecondPairIsLaidBesideTheFirst() {
        String tool = takeIn(chisel());
        ObjectNode form = angle();
        form.put("otherPrimary", "28").put("otherLast", "33");
        JsonNode a = advice(tool, form);
        assertThat(a.path("other").path("lastDeg").asDouble()).isCloseTo(33, within(1e-9));
        assertThat(a.path("other").path("volume").path("value").asDouble())
                .isGreaterThan(a.path("chosen").path("volume").path("value").asDouble());
        assertThat(a.path("other").path("section").path("after")).isNotEmpty();
        assertThat(advice(tool, angle()).path("other").isNull()).isTrue();
    }

    private String knife() {
        return takeIn(tool(
                "knife",
                "kitchen knife / slicing hard thin blade",
                "plain carbon",
                "edgeLength=200;straight=110;tipRise=28;usableLength=48;retireLength=34;spineThickness=2.2;"
                        + "behindEdge=0.35;primary=13;secondary=15;secondaryWidth=0.1"));
    }

    @Test
    void whatWasToldAndSurveyedMovesTheAngleAndCanBeTakenBack() {
        String tool = knife();
        String path = "/api/v1/tools/" + tool;
        assertThat(advice(tool, angle()).path("chosen").path("lastDeg").asDouble())
                .isCloseTo(15, within(1e-9));
        post(path + "/outcomes", Map.of("result", "CHIPPED", "last", ""));
        assertThat(advice(tool, angle()).path("chosen").path("lastDeg").asDouble())
                .isCloseTo(17, within(1e-9));
        ObjectNode survey = survey();
        survey.put("fared", "CHIPPED");
        String first = post(path + "/surveys", survey).body().path("id").asText();
        JsonNode a = advice(tool, angle());
        assertThat(a.path("history").path("evidence").asText()).isEqualTo("chipped twice in two sharpenings");
        assertThat(a.path("chosen").path("lastDeg").asDouble()).isCloseTo(18, within(1e-9));
        // surveyed again before it was worked: still one outcome of this round
        survey.put("fared", "ROLLED").put("basedOn", first);
        post(path + "/surveys", survey);
        JsonNode past = get(path + "/outcomes").body();
        assertThat(past.path("outcomes")).hasSize(2);
        assertThat(past.path("outcomes").get(1).path("result").asText()).isEqualTo("ROLLED");
        String told = past.path("outcomes").get(0).path("id").asText();
        JsonNode left = send(request(path + "/outcomes/" + told).DELETE()).body();
        assertThat(left.path("outcomes")).hasSize(1);
        String surveyed = past.path("outcomes").get(1).path("id").asText();
        assertThat(send(request(path + "/outcomes/" + surveyed).DELETE()).status())
                .isEqualTo(404);
    }

    @Test
    void aPastThatCannotBeIsRefused() {
        String path = "/api/v1/tools/" + knife() + "/outcomes";
        assertThat(post(path, Map.of("result", "MELTED", "last", "")).messageAt("result"))
                .contains("HELD");
        assertThat(post(path, Map.of("result", "HELD", "last", "400")).messageAt("last"))
                .contains("allowed");
        assertThat(post(path, "{}").status()).isEqualTo(422);
        assertThat(post("/api/v1/tools/" + UUID.randomUUID() + "/outcomes", Map.of("result", "HELD", "last", ""))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aKnifeIsHeldByHandAndNotByARollerGuide() {
        String tool = knife();
        kit();
        JsonNode a = advice(tool, angle());
        assertThat(a.path("holderId").asText()).isEqualTo("HAND");
        assertThat(a.path("guided").asBoolean()).isFalse();
        ObjectNode form = angle();
        form.put("holderId", inKit("holders", "guide"));
        assertThat(fault(advice(tool, form), "holderId")).contains("not held by a roller guide");
        ObjectNode fifteen = angle();
        fifteen.put("last", "15");
        JsonNode held = advice(tool, fifteen);
        JsonNode setting = held.path("settings").get(held.path("settings").size() - 1);
        assertThat(setting.path("setting").path("value").asDouble()).isCloseTo(11.36, within(5e-3));
        JsonNode tip = setting.path("asides").get(setting.path("asides").size() - 2);
        assertThat(tip.path("advice").path("value").asDouble()).isCloseTo(4.11, within(5e-3));
        assertThat(tip.path("words").asText()).contains("lift the handle");
        assertThat(tip.path("nearest").asBoolean(true)).isFalse();
        assertThat(figure(a, "behind the edge afterwards")).isBetween(0.3, 0.4);
        assertThat(figure(a, "sharpenings until it is thinned")).isPositive();
    }

    @Test
    void theBlockThatComesNearestIsToldFromOtherFigures() {
        ObjectNode blocks = guide("stop blocks " + UUID.randomUUID(), "9.5", "14", "11.5");
        blocks.put("blocks", "41, 25.1");
        String guide = post("/api/v1/kit/holders", blocks).body().path("id").asText();
        ObjectNode form = angle();
        form.put("holderId", guide);
        List<JsonNode> nearest = new ArrayList<>();
        advice(takeIn(chisel()), form).path("settings").forEach(s -> s.path("asides")
                .forEach(a -> {
                    if (a.path("nearest").asBoolean()) {
                        nearest.add(a.path("advice"));
                    }
                }));
        assertThat(nearest).isNotEmpty().allSatisfy(a -> {
            assertThat(a.path("formulaId").asText()).isEqualTo("stop-block");
            assertThat(a.path("value").asDouble()).isIn(41.0, 25.1);
        });
    }

    @Test
    void anEmptyBodyIsAnsweredInWordsAndNotWithAnError() {
        String tool = knife();
        assertThat(post("/api/v1/tools/" + tool + "/angle/advice", "{}").status())
                .isLessThan(500);
        assertThat(post("/api/v1/tools/" + tool + "/setups", "{}").status()).isEqualTo(422);
        assertThat(post("/api/v1/tools", "{}").status()).isEqualTo(422);
    }

    @Test
    void hardnessOutsideItsClassIsHeededAndTheAbsurdRefused() {
        ObjectNode thin = tool(
                "paring chisel",
                "paring chisel / paring",
                "low-alloy tool steel",
                "width=20;thickness=3;usableLength=80;retireLength=20;primary=17");
        String usual = takeIn(thin);
        String hard = takeIn(typed(thin, "hardness", "65"));
        assertThat(advice(usual, angle()).path("floorDeg").asDouble()).isCloseTo(22, within(1e-9));
        assertThat(advice(hard, angle()).path("floorDeg").asDouble()).isCloseTo(25, within(1e-9));
        assertThat(advice(hard, angle()).path("reasons").toString()).contains("HRC");
        assertThat(post("/api/v1/tools", typed(thin, "hardness", "900")).messageAt("hardness"))
                .contains("70 HRC");
        assertThat(post("/api/v1/tools", typed(thin, "hardness", "hard")).messageAt("hardness"))
                .isNotEmpty();
    }
}
