package truekeen.app.profile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.app.ApiTest;
import truekeen.core.progression.Answer;

/** Traces are read, kept and laid over each other. */
class TracesTest extends ApiTest {

    private static ObjectNode offsets(DoubleUnaryOperator across) {
        ObjectNode form = object("photoId", "", "apart", "", "person", "tester");
        ArrayNode all = form.putArray("offsets");
        for (int x = 0; x <= 150; x += 5) {
            all.add(object("along", x + " mm", "offset", String.valueOf(across.applyAsDouble(x))));
        }
        return form;
    }

    private static double belly(double x) {
        return (x - 75) * (x - 75) / 320;
    }

    private String kept(String tool, ObjectNode form) {
        Answer answer = post("/api/v1/tools/" + tool + "/traces", form);
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
        return answer.body().path("id").asText();
    }

    private JsonNode over(String tool, String before, String after) {
        return get("/api/v1/tools/" + tool + "/traces/" + after + "/over/" + before)
                .body();
    }

    @Test
    void anEdgeLoweredEvenlyKeptItsShapeAndABellyGroundFlatIsReportedWhereItIs() {
        String tool = takeIn(chisel());
        String before = kept(tool, offsets(TracesTest::belly));
        String even = kept(tool, offsets(x -> belly(x) + 0.6));
        JsonNode same = over(tool, before, even);
        assertThat(same.path("kept").asBoolean()).isTrue();
        assertThat(same.path("lostMm").asDouble()).isCloseTo(0.6, within(0.05));
        String flat = kept(
                tool,
                offsets(x ->
                        0.6 + (x > 50 && x < 90 ? belly(50) + (x - 50) / 40 * (belly(90) - belly(50)) : belly(x))));
        JsonNode changed = over(tool, before, flat);
        assertThat(changed.path("kept").asBoolean()).isFalse();
        assertThat(changed.path("changes").get(0).path("kind").asText()).isEqualTo("BELLY_STRAIGHTENED");
        assertThat(changed.path("changes").get(0).path("fromMm").asDouble()).isBetween(42.0, 60.0);
        assertThat(changed.path("changes").get(0).path("toMm").asDouble()).isBetween(82.0, 100.0);
        assertThat(changed.path("verdict").asText()).contains("belly is straightened");
        assertThat(changed.path("worst").path("formulaId").asText()).isEqualTo("profile-change");
    }

    @Test
    void aTraceOnAPhotographNeedsItsMarksAndTheirDistance() {
        String tool = takeIn(chisel());
        ObjectNode form = object("photoId", "00000000-0000-0000-0000-000000000001", "apart", "", "person", "");
        ArrayNode pixels = form.putArray("pixels");
        for (int x = 0; x <= 600; x += 60) {
            pixels.add(object("x", 100 + x, "y", 400 - x * x / 4000.0));
        }
        form.putArray("marks");
        JsonNode faults =
                post("/api/v1/tools/" + tool + "/traces/preview", form).body().path("faults");
        assertThat(faults.toString()).contains("apart").contains("marks");
        form.put("apart", "100 mm");
        form.putArray("marks").add(object("x", 100, "y", 100)).add(object("x", 600, "y", 100));
        JsonNode read = post("/api/v1/tools/" + tool + "/traces/preview", form).body();
        assertThat(read.path("faults").size()).isZero();
        assertThat(read.path("mmPerPixel").asDouble()).isCloseTo(0.2, within(1e-12));
        assertThat(read.path("lengthMm").asDouble()).isCloseTo(121.8, within(0.2));
        assertThat(read.path("onPhoto").get(0).path("x").asDouble()).isCloseTo(100, within(1.0));
        // a photograph that is not there cannot be traced on
        assertThat(post("/api/v1/tools/" + tool + "/traces", form).status()).isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource({"'', '0'", "'ten', '0'", "'10', '1,500'", "'10', '9999999'"})
    void whatCannotBeReadIsNamedAtItsField(String along, String across) {
        String tool = takeIn(chisel());
        ObjectNode form = offsets(TracesTest::belly);
        ((ArrayNode) form.path("offsets")).add(object("along", along, "offset", across));
        Answer refused = post("/api/v1/tools/" + tool + "/traces", form);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().path("errors").get(0).path("field").asText()).containsAnyOf("offsets[31]", "points");
    }

    @Test
    void tooFewTooManyAndAKnotAreRefused() {
        String tool = takeIn(chisel());
        ObjectNode few = object("photoId", "", "apart", "", "person", "");
        few.putArray("offsets").add(object("along", "0", "offset", "0"));
        assertThat(post("/api/v1/tools/" + tool + "/traces", few).status()).isEqualTo(422);
        ObjectNode many = object("photoId", "", "apart", "", "person", "");
        ArrayNode all = many.putArray("offsets");
        for (int i = 0; i < 401; i++) {
            all.add(object("along", String.valueOf(i), "offset", "0"));
        }
        assertThat(post("/api/v1/tools/" + tool + "/traces/preview", many)
                        .body()
                        .path("faults")
                        .toString())
                .contains("At most 400 points");
        ObjectNode knot = object("photoId", "", "apart", "", "person", "");
        ArrayNode crossed = knot.putArray("offsets");
        for (String[] p : new String[][] {{"0", "0"}, {"10", "10"}, {"20", "10"}, {"20", "0"}, {"5", "12"}}) {
            crossed.add(object("along", p[0], "offset", p[1]));
        }
        assertThat(post("/api/v1/tools/" + tool + "/traces", knot)
                        .body()
                        .path("detail")
                        .asText())
                .contains("crosses itself");
    }

    @Test
    void traceAndPhotographOfOneToolAreNoBusinessOfAnother() {
        String tool = takeIn(chisel());
        String other = takeIn(chisel());
        String mine = kept(tool, offsets(TracesTest::belly));
        String second = kept(tool, offsets(x -> belly(x) + 0.2));
        assertThat(get("/api/v1/tools/" + other + "/traces/" + mine + "/over/" + second)
                        .status())
                .isEqualTo(404);
        assertThat(send(request("/api/v1/tools/" + other + "/traces/" + mine).DELETE())
                        .status())
                .isEqualTo(404);
        assertThat(send(request("/api/v1/tools/" + tool + "/traces/" + mine).DELETE())
                        .body()
                        .path("traces")
                        .size())
                .isEqualTo(1);
    }
}
