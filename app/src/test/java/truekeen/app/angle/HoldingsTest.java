package truekeen.app.angle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import truekeen.app.ApiTest;
import truekeen.core.progression.Answer;
import truekeen.core.quantity.Angle;

/** Everything that holds an angle, through the door: set, asked back, restated. */
class HoldingsTest extends ApiTest {
    @BeforeEach
    void ownSome() {
        kit();
        boolean there = false;
        for (JsonNode h : get("/api/v1/kit").body().path("holders")) {
            there |= h.path("name").asText().equals("belt");
        }
        if (!there) {
            String wheel = wheel("wet", "WET_STONE", "225", "", "");
            ObjectNode bar = holder("bar", "SUPPORT_BAR", "reach=152;offset=-19;barDiameter=14");
            bar.put("wheelId", wheel);
            post("/api/v1/kit/holders", bar);
            ObjectNode rest = holder("rest", "PLATFORM_REST", "contact=15");
            rest.put("wheelId", wheel("grinder", "DRY_STONE", "150", "2850", "35"));
            post("/api/v1/kit/holders", rest);
            post("/api/v1/kit/holders", holder("cards", "STACK", "piece=0.3"));
            post("/api/v1/kit/holders", holder("wedge", "WEDGE_BLOCK", "wedge=15"));
            post("/api/v1/kit/holders", holder("hone", "SPINE_HONE", ""));
            post("/api/v1/kit/holders", holder("slip", "HAND_STONE", "stoneLength=90"));
            post("/api/v1/kit/holders", holder("belt", "BELT_TABLE", "wrap=2"));
        }
    }

    private JsonNode advice(String tool, ObjectNode form) {
        Answer answer = post("/api/v1/tools/" + tool + "/angle/advice", form);
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(200);
        return answer.body();
    }

    private ObjectNode heldBy(String holder) {
        ObjectNode form = angle();
        form.put("holderId", inKit("holders", holder));
        return form;
    }

    private static JsonNode last(JsonNode answer) {
        JsonNode all = answer.path("settings");
        return all.get(all.size() - 1);
    }

    private String knife() {
        return takeIn(tool(
                "knife",
                "kitchen knife / general",
                "plain carbon",
                "edgeLength=200;straight=110;tipRise=28;usableLength=48;retireLength=34;spineThickness=2.2;"
                        + "behindEdge=0.35;primary=15"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"guide", "bar", "rest", "cards", "wedge", "belt"})
    void whatIsSetIsAskedBackToTheSameAngle(String holder) {
        String tool = takeIn(chisel());
        ObjectNode form = heldBy(holder);
        form.put("last", "30");
        JsonNode setting = last(advice(tool, form));
        double value = setting.path("setting").path("value").asDouble();
        form.put("standsAt", String.valueOf(value));
        JsonNode stands = advice(tool, form).path("stands");
        // What cannot be set is taken for what it gives, and that is said.
        double held = setting.path("angleDeg").asDouble();
        assertThat(stands.path("givesDeg").asDouble()).isCloseTo(held, within(1e-6));
        assertThat(stands.path("offDeg").asDouble()).isCloseTo(0, within(1e-6));
        boolean fixed = holder.equals("cards") || holder.equals("wedge");
        assertThat(Math.abs(held - 30) < 1e-9).isNotEqualTo(fixed);
        assertThat(advice(tool, form)
                        .path("warnings")
                        .toString()
                        .contains("gives " + Angle.ofDegrees(held) + " as it is"))
                .isEqualTo(fixed);
        assertThat(setting.path("scheme").path("parts").size()).isGreaterThan(1);
        assertThat(setting.path("where").asText()).isNotEmpty();
    }

    @Test
    void theSameAngleOnEverythingOwnedWithTheReasonWhereItCannotBe() {
        JsonNode all = post("/api/v1/tools/" + knife() + "/angle/holdings", angle())
                .body()
                .path("holdings");
        assertThat(all).hasSize(get("/api/v1/kit").body().path("holders").size() + 1);
        for (JsonNode h : all) {
            boolean refused = !h.path("refused").asText().isEmpty();
            assertThat(h.path("settings").isEmpty()).as(h.path("name").asText()).isEqualTo(refused);
            if (h.path("name").asText().equals("guide")) {
                assertThat(h.path("refused").asText()).contains("flat back");
            }
        }
    }

    @Test
    void aWheelThatWasTruedRestatesEverySetUpOnItAndSaysSo() {
        String tool = takeIn(chisel());
        JsonNode before =
                post("/api/v1/tools/" + tool + "/setups", heldBy("bar")).body();
        double gap = before.path("settings").get(0).path("value").asDouble();
        String wheel = inKit("wheels", "wet");
        JsonNode now = wheel("wet");
        double smaller = now.path("diameterMm").asDouble() - 9;
        JsonNode changed = post(
                        "/api/v1/kit/wheels/" + wheel + "/truings",
                        object(
                                "diameter",
                                String.valueOf(smaller),
                                "person",
                                "me",
                                "fresh",
                                false,
                                "version",
                                now.path("version").asLong()))
                .body();
        assertThat(changed.path("restated").toString()).contains(tool).contains("gap");
        JsonNode card = get("/api/v1/tools/" + tool + "/angle").body().path("current");
        JsonNode kept = card.path("settings").get(0);
        assertThat(kept.path("value").asDouble()).isNotCloseTo(gap, within(0.2));
        assertThat(card.path("restated").get(0).path("because").asText()).contains("trued");
        // What it is set to now gives the angle again, on the wheel as it is now.
        ObjectNode form = heldBy("bar");
        form.put(
                "standsAt",
                String.valueOf(card.path("settings")
                        .get(card.path("settings").size() - 1)
                        .path("value")
                        .asDouble()));
        assertThat(advice(tool, form).path("stands").path("givesDeg").asDouble())
                .isCloseTo(card.path("lastDeg").asDouble(), within(1e-6));
        assertThat(get("/api/v1/tools/" + tool + "/log").raw().body()).contains("trued");
        assertThat(wheel("wet").path("truings").size()).isGreaterThan(1);
    }

    private JsonNode wheel(String name) {
        for (JsonNode w : get("/api/v1/kit").body().path("wheels")) {
            if (w.path("name").asText().equals(name)) {
                return w;
            }
        }
        throw new AssertionError(name);
    }

    @Test
    void aWheelThatGrewIsRefusedUnlessItIsANewOne() {
        String id = wheel("small", "FELT", "100", "", "");
        ObjectNode grown = object("diameter", "120", "person", "", "fresh", false, "version", 0);
        assertThat(post("/api/v1/kit/wheels/" + id + "/truings", grown).messageAt("diameter"))
                .contains("does not grow");
        grown.put("fresh", true);
        assertThat(post("/api/v1/kit/wheels/" + id + "/truings", grown).status())
                .isEqualTo(200);
        grown.put("diameter", "119");
        assertThat(post("/api/v1/kit/wheels/" + id + "/truings", grown).status())
                .isEqualTo(409);
    }

    @Test
    void aWheelWornBelowItsContactLosesTheSettingInsteadOfKeepingAWrongOne() {
        String wheel = wheel("nub", "DRY_STONE", "60", "", "");
        ObjectNode rest = holder("high rest", "PLATFORM_REST", "contact=25");
        rest.put("wheelId", wheel);
        post("/api/v1/kit/holders", rest);
        String tool = takeIn(chisel());
        assertThat(post("/api/v1/tools/" + tool + "/setups", heldBy("high rest"))
                        .status())
                .isEqualTo(200);
        JsonNode changed = post(
                        "/api/v1/kit/wheels/" + wheel + "/truings",
                        object("diameter", "45", "person", "", "fresh", false, "version", 0))
                .body();
        assertThat(changed.path("restated").toString()).contains("off the wheel");
        JsonNode card = get("/api/v1/tools/" + tool + "/angle").body().path("current");
        assertThat(card.path("settings")).isEmpty();
        JsonNode others =
                post("/api/v1/tools/" + tool + "/angle/holdings", angle()).body();
        assertThat(others.toString()).contains("off the wheel");
    }

    @Test
    void aWheelAboveItsMarkingIsNotPutDown() {
        Answer fast = post(
                "/api/v1/kit/wheels",
                object(
                        "name",
                        "fast",
                        "kind",
                        "DRY_STONE",
                        "diameter",
                        "200",
                        "perMinute",
                        "2850",
                        "marked",
                        "25",
                        "note",
                        "",
                        "version",
                        0));
        assertThat(fast.status()).isEqualTo(422);
        assertThat(fast.raw().body()).contains("marking");
    }

    @ParameterizedTest
    @ValueSource(strings = {"standsAt=abc", "standsAt=-4", "standsAt=9000", "holderId=nothing", "last=3"})
    void whatCannotBeIsSaidBesideItsField(String wrong) {
        String tool = takeIn(chisel());
        ObjectNode form = heldBy("bar");
        form.put(wrong.split("=")[0], wrong.split("=")[1]);
        JsonNode faults = advice(tool, form).path("faults");
        assertThat(faults.toString()).contains("\"" + wrong.split("=")[0] + "\"");
    }

    @Test
    void aSpineAboveTheWidthAndARollerThatFoulsAreRefusedWithTheLimit() {
        ObjectNode form = angle();
        form.put("standsAt", "60 mm");
        assertThat(advice(knife(), form).path("faults").toString()).contains("48.0");
        ObjectNode thick = chisel();
        typed(thick, "thickness", "9");
        typed(typed(thick, "secondary", ""), "secondaryWidth", "");
        assertThat(advice(takeIn(thick), heldBy("guide")).path("faults").toString())
                .contains("fouls");
    }

    @Test
    void theHouseMayBeginOnAWheel() {
        String tool = takeIn(chisel());
        assertThat(kind(advice(tool, angle()))).endsWith("GUIDE");
        put("/api/v1/tools/" + tool + "/house-rules", object("rule", "HOLDING", "choice", "WHEEL"));
        assertThat(kind(advice(tool, angle()))).isIn("SUPPORT_BAR", "PLATFORM_REST");
    }

    private String kind(JsonNode answer) {
        return get("/api/v1/kit/holders/" + answer.path("holderId").asText())
                .body()
                .path("kind")
                .asText();
    }
}
