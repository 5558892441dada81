package truekeen.app.tool;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.junit.jupiter.api.Test;
import truekeen.app.ApiTest;
import truekeen.core.progression.Answer;

/** What is typed is kept beside what it means, and two screens never overwrite each other. */
class EditingTest extends ApiTest {

    @Test
    void keepsWhatWasTypedAndWhatItMeans() {
        ObjectNode form = chisel();
        typed(typed(typed(form, "width", "1 1/2\""), "thickness", "125 thou"), "primary", "");
        typed(typed(typed(form, "bevelLength", "7.5"), "secondary", ""), "secondaryWidth", "");
        JsonNode tool = get("/api/v1/tools/" + takeIn(form)).body();
        assertThat(tool.path("edgeLengthMm").asDouble()).isCloseTo(38.1, within(1e-9));
        assertThat(tool.path("typed").path("width").asText()).isEqualTo("1 1/2\"");
        assertThat(tool.path("measures")).anySatisfy(m -> {
            assertThat(m.path("field").asText()).isEqualTo("thickness");
            assertThat(m.path("value").asText()).isEqualTo("3.175 mm");
        });
        assertThat(tool.path("primaryDeg").asDouble()).isBetween(25.0, 25.1);
    }

    @Test
    void thePreviewEchoesWhatItUnderstood() {
        ObjectNode form = chisel();
        typed(typed(typed(form, "width", "1/2 in"), "primary", ""), "bevelLength", "7.6");
        JsonNode preview = post("/api/v1/take-in/preview", form).body();
        assertThat(preview.path("echoes").toString()).contains("12.7 mm", "from the bevel's length");
        assertThat(preview.path("remark").asText()).contains("chord");
        assertThat(preview.path("section").isNull()).isFalse();
    }

    @Test
    void aChangeBasedOnAnOlderVersionIsRefused() {
        String tool = takeIn(chisel());
        ObjectNode change = chisel();
        change.put("note", "first").put("version", 0);
        assertThat(put("/api/v1/tools/" + tool, change).status()).isEqualTo(200);
        change.put("note", "second");
        Answer stale = put("/api/v1/tools/" + tool, change);
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.body().path("detail").asText()).contains("another screen");
        assertThat(get("/api/v1/tools/" + tool).body().path("note").asText()).isEqualTo("first");
    }

    @Test
    void twoSurveysOfTheSameEdgeDoNotOverwriteEachOther() {
        String tool = takeIn(chisel());
        assertThat(post("/api/v1/tools/" + tool + "/surveys", survey()).status())
                .isEqualTo(200);
        assertThat(post("/api/v1/tools/" + tool + "/surveys", survey()).status())
                .isEqualTo(409);
    }

    @Test
    void theKitIsEditedUnderTheSameRule() {
        kit();
        JsonNode first = get("/api/v1/kit").body().path("abrasives").get(0);
        ObjectNode change = stone("renamed", "ceramic-bonded water stone", "JIS", "#400");
        change.put("version", first.path("version").asLong());
        String path = "/api/v1/kit/abrasives/" + first.path("id").asText();
        assertThat(put(path, change).status()).isEqualTo(200);
        assertThat(put(path, change).status()).isEqualTo(409);
    }

    @Test
    void aSetUpOfTheSameNameIsChangedOnlyByWhoSawIt() {
        kit();
        String tool = takeIn(chisel());
        ObjectNode form = angle();
        assertThat(post("/api/v1/tools/" + tool + "/setups", form).status()).isEqualTo(200);
        form.put("last", "33");
        Answer again = post("/api/v1/tools/" + tool + "/setups", form);
        assertThat(again.status()).isEqualTo(200);
        form.put("last", "34");
        assertThat(post("/api/v1/tools/" + tool + "/setups", form).status()).isEqualTo(409);
    }
}
