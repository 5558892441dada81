package truekeen.app.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import truekeen.app.ApiTest;
import truekeen.core.progression.Answer;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.setup.PlatformRest;
import truekeen.core.setup.SupportBar;

/** Holders and wheels through the door: put down, changed, refused. */
class HoldersApiTest extends ApiTest {
    private ObjectNode wheelForm(String name) {
        return object(
                "name",
                name,
                "kind",
                "WET_STONE",
                "diameter",
                "225",
                "perMinute",
                "90",
                "marked",
                "",
                "note",
                "",
                "version",
                0);
    }

    private String wheel() {
        return post("/api/v1/kit/wheels", wheelForm("w " + UUID.randomUUID()))
                .body()
                .path("id")
                .asText();
    }

    private ObjectNode bar() {
        ObjectNode form = holder("bar " + UUID.randomUUID(), "SUPPORT_BAR", "reach=152;offset=-19;barDiameter=14");
        form.put("wheelId", wheel());
        return form;
    }

    @ParameterizedTest
    @CsvSource({
        "reach, 3, OUT_OF_RANGE",
        "reach, '', EMPTY",
        "reach, far, LENGTH_UNREADABLE",
        "offset, 500, OUT_OF_RANGE",
        "barDiameter, 9 kg, LENGTH_UNIT",
        "barDiameter, '1,500', NUMBER_AMBIGUOUS"
    })
    void everyDimensionSaysWhatIsWrong(String field, String given, String code) {
        ObjectNode form = bar();
        ((ObjectNode) form.path("parts")).put(field, given);
        Answer answer = post("/api/v1/kit/holders", form);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().path("errors").toString())
                .contains("\"" + field + "\"")
                .contains(code);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "nothing", "00000000-0000-0000-0000-00000000abcd"})
    void aBarNeedsAWheelOfThisKit(String wheel) {
        ObjectNode form = bar();
        form.put("wheelId", wheel);
        assertThat(post("/api/v1/kit/holders", form).messageAt("wheelId")).isNotEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "HAND", "LASER"})
    void onlyThingsThatArePutDownHaveAPlace(String kind) {
        ObjectNode form = bar();
        form.put("kind", kind);
        assertThat(post("/api/v1/kit/holders", form).messageAt("kind")).isNotEmpty();
    }

    @Test
    void lengthsAreReadInAnyUnitAndKeptAsTyped() {
        ObjectNode form = bar();
        ((ObjectNode) form.path("parts")).put("reach", "6\"").put("barDiameter", "9/16\"");
        JsonNode kept = post("/api/v1/kit/holders", form).body();
        assertThat(kept.path("parts").path("reach").asDouble()).isCloseTo(152.4, within(1e-9));
        assertThat(kept.path("typed").path("barDiameter").asText()).isEqualTo("9/16\"");
        JsonNode again = get("/api/v1/kit/holders/" + kept.path("id").asText()).body();
        assertThat(again.path("measures").toString()).contains("152.4 mm");
    }

    @Test
    void whatWasNotTouchedStaysAsExactAsItWasMeasured() {
        String id = post("/api/v1/kit/holders", guide("exact " + UUID.randomUUID(), "9.5", "13.4", "9"))
                .body()
                .path("id")
                .asText();
        ObjectNode pairs = object("rollerRadius", "9.5", "thickness", "", "version", 0);
        var list = pairs.putArray("pairs");
        list.add(object("projection", "47.3", "angle", "23.6"));
        list.add(object("projection", "27.1", "angle", "36.1"));
        JsonNode measured =
                post("/api/v1/kit/holders/" + id + "/calibration", pairs).body().path("holder");
        double exact = measured.path("parts").path("axleBelowBack").asDouble();
        ObjectNode renamed = object(
                "name",
                "renamed " + UUID.randomUUID(),
                "kind",
                "ROLLER_GUIDE",
                "blocks",
                "",
                "wheelId",
                "",
                "note",
                "the same guide",
                "version",
                measured.path("version").asLong());
        renamed.set("parts", measured.path("typed"));
        JsonNode after = put("/api/v1/kit/holders/" + id, renamed).body().path("holder");
        assertThat(after.path("parts").path("axleBelowBack").asDouble()).isEqualTo(exact);
        assertThat(after.path("calibration").isNull()).isFalse();
        // Measured anew by caliper it is a calibrated guide no longer.
        ObjectNode touched = renamed.deepCopy();
        touched.put("version", after.path("version").asLong());
        ((ObjectNode) touched.path("parts")).put("axleBelowBack", "15");
        JsonNode by = put("/api/v1/kit/holders/" + id, touched).body().path("holder");
        assertThat(by.path("calibration").isNull()).isTrue();
        assertThat(by.path("parts").path("axleBelowBack").asDouble()).isEqualTo(15);
    }

    @Test
    void twoScreensDoNotOverwriteEachOther() {
        ObjectNode form = bar();
        String id = post("/api/v1/kit/holders", form).body().path("id").asText();
        form.put("note", "changed on the first screen");
        assertThat(put("/api/v1/kit/holders/" + id, form).status()).isEqualTo(200);
        assertThat(put("/api/v1/kit/holders/" + id, form).status()).isEqualTo(409);
        String wheel = wheel();
        ObjectNode changed = wheelForm("changed " + UUID.randomUUID());
        assertThat(put("/api/v1/kit/wheels/" + wheel, changed).status()).isEqualTo(200);
        assertThat(put("/api/v1/kit/wheels/" + wheel, changed).status()).isEqualTo(409);
    }

    @ParameterizedTest
    @CsvSource({
        "diameter, ''",
        "diameter, 5",
        "diameter, 1001",
        "diameter, wide",
        "perMinute, fast",
        "perMinute, 0",
        "marked, 900",
        "kind, CHEESE",
        "name, ''"
    })
    void aWheelMustBeOneThatCanBe(String field, String given) {
        ObjectNode form = wheelForm("x");
        form.put(field, given);
        Answer answer = post("/api/v1/kit/wheels", form);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.messageAt(field)).isNotEmpty();
    }

    @Test
    void aWheelsSpeedIsToldAndItsLogBeginsWithItsDiameter() {
        JsonNode w = post("/api/v1/kit/wheels", wheelForm("log " + UUID.randomUUID()))
                .body();
        assertThat(w.path("speedMs").asDouble()).isCloseTo(Math.PI * 0.225 * 1.5, within(1e-9));
        assertThat(w.path("truings")).hasSize(1);
        ObjectNode measured = wheelForm(w.path("name").asText());
        measured.put("diameter", "221");
        JsonNode after = put("/api/v1/kit/wheels/" + w.path("id").asText(), measured)
                .body()
                .path("wheel");
        assertThat(after.path("truings")).hasSize(2);
        assertThat(after.path("diameterMm").asDouble()).isEqualTo(221);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "abc", "-3", "19", "1e9"})
    void aTruingMustBeOneThatCanBe(String diameter) {
        ObjectNode form = object("diameter", diameter, "person", "", "fresh", true, "version", 0);
        assertThat(post("/api/v1/kit/wheels/" + wheel() + "/truings", form).messageAt("diameter"))
                .isNotEmpty();
    }

    @Test
    void whatIsNotThereIsNotFound() {
        String nobody = "00000000-0000-0000-0000-00000000abcd";
        assertThat(get("/api/v1/kit/holders/" + nobody).status()).isEqualTo(404);
        assertThat(put("/api/v1/kit/holders/" + nobody, bar()).status()).isEqualTo(404);
        assertThat(put("/api/v1/kit/wheels/" + nobody, wheelForm("x")).status()).isEqualTo(404);
        ObjectNode truing = object("diameter", "200", "person", "", "fresh", false, "version", 0);
        assertThat(post("/api/v1/kit/wheels/" + nobody + "/truings", truing).status())
                .isEqualTo(404);
        assertThat(post("/api/v1/setups/" + nobody + "/ink", object("offDeg", 1, "version", 0))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aCorrectionByInkHasItsBounds() {
        kit();
        String tool = takeIn(chisel());
        JsonNode setup = post("/api/v1/tools/" + tool + "/setups", angle()).body();
        String path = "/api/v1/setups/" + setup.path("id").asText() + "/ink";
        long version = setup.path("version").asLong();
        assertThat(post(path, object("offDeg", 45, "version", version)).messageAt("offDeg"))
                .isNotEmpty();
        JsonNode moved = post(path, object("offDeg", 1.5, "version", version)).body();
        double before = setup.path("settings").get(0).path("value").asDouble();
        assertThat(moved.path("settings").get(0).path("value").asDouble()).isLessThan(before);
        // Back again by the same amount it stands where it stood.
        JsonNode back = post(
                        path,
                        object("offDeg", -1.5, "version", moved.path("version").asLong()))
                .body();
        assertThat(back.path("settings").get(0).path("value").asDouble()).isCloseTo(before, within(1e-9));
        assertThat(back.path("restated")).hasSize(2);
    }

    @Test
    void aCorrectionOutlivesARestatement() {
        kit();
        String id = post("/api/v1/kit/holders", guide("inked " + UUID.randomUUID(), "9.5", "14", "11.5"))
                .body()
                .path("id")
                .asText();
        String tool = takeIn(chisel());
        ObjectNode form = angle();
        form.put("holderId", id);
        JsonNode setup = post("/api/v1/tools/" + tool + "/setups", form).body();
        post(
                "/api/v1/setups/" + setup.path("id").asText() + "/ink",
                object("offDeg", 1.0, "version", setup.path("version").asLong()));
        ObjectNode longer = guide("inked " + UUID.randomUUID(), "9.5", "14", "12.5");
        put("/api/v1/kit/holders/" + id, longer);
        JsonNode card = get("/api/v1/tools/" + tool + "/angle").body().path("current");
        double last = card.path("lastDeg").asDouble() + 1;
        double expected = (9.5 + 14 * Math.cos(Math.toRadians(last))) / Math.sin(Math.toRadians(last)) - 12.5;
        JsonNode settings = card.path("settings");
        assertThat(settings.get(settings.size() - 1).path("value").asDouble()).isCloseTo(expected, within(1e-9));
        assertThat(card.path("inkDeg").asDouble()).isEqualTo(1);
    }

    private static ObjectNode taught(String kind, String wheel, String setting, String angle) {
        ObjectNode form = object("name", "taught " + UUID.randomUUID(), "kind", kind, "wheelId", wheel, "note", "");
        form.put("thickness", "").putObject("parts");
        form.putArray("pairs").addObject().put("projection", setting).put("angle", angle);
        return form;
    }

    /** How far a bar stands off the back is hard to measure: one angle it gave tells it. */
    @Test
    void aJigAndARestAreTaughtByOneAngleTheyGave() {
        String wheel = wheel();
        double radius =
                get("/api/v1/kit/wheels/" + wheel).body().path("diameterMm").asDouble(225) / 2;
        SupportBar real = new SupportBar(Length.ofMm(radius), Length.ofMm(152), Length.ofMm(-19), Length.ofMm(7));
        double gap = real.gap(Angle.ofDegrees(25)).mm();
        ObjectNode bar = taught("SUPPORT_BAR", wheel, String.valueOf(gap), "25");
        ((ObjectNode) bar.path("parts")).put("reach", "152").put("barDiameter", "14");
        Answer taught = post("/api/v1/kit/holders/taught", bar);
        assertThat(taught.status()).as(taught.body().toString()).isEqualTo(200);
        assertThat(taught.body().at("/parts/offset").asDouble()).isCloseTo(-19, within(0.01));
        assertThat(taught.body().path("note").asText()).contains("25°");

        double tilt = new PlatformRest(Length.ofMm(radius), Length.ofMm(15))
                .tilt(Angle.ofDegrees(25))
                .degrees();
        Answer rest = post("/api/v1/kit/holders/taught", taught("PLATFORM_REST", wheel, tilt + "°", "25"));
        assertThat(rest.body().at("/parts/contact").asDouble()).isCloseTo(15, within(0.01));
    }

    @Test
    void aJigWhoseGapNoBarCouldHaveIsRefused() {
        ObjectNode bar = taught("SUPPORT_BAR", wheel(), "1", "80");
        ((ObjectNode) bar.path("parts")).put("reach", "152").put("barDiameter", "14");
        assertThat(post("/api/v1/kit/holders/taught", bar).status()).isEqualTo(422);
        assertThat(post("/api/v1/kit/holders/taught", taught("SUPPORT_BAR", "", "90", "25"))
                        .messageAt("wheelId"))
                .isNotEmpty();
        assertThat(post("/api/v1/kit/holders/taught", taught("PLATFORM_REST", wheel(), "steep", "25"))
                        .messageAt("pairs.0.projection"))
                .isNotEmpty();
    }
}
