package truekeen.app.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.junit.jupiter.api.Test;
import truekeen.app.ApiTest;

/** A plan rehearsed before any steel is touched. */
class RehearsalApiTest extends ApiTest {
    private static ObjectNode form() {
        ObjectNode form = object("steeper", "", "stropping", "", "shakier", "");
        form.putArray("skipped");
        return form;
    }

    private Answer rehearse(String tool, ObjectNode form) {
        return post("/api/v1/tools/" + tool + "/rehearsal", form);
    }

    @Test
    void aPlanIsRehearsedAsItStandsAndOtherwise() {
        String tool = takeIn(chisel());
        assertThat(rehearse(tool, form()).status()).as("nothing is planned yet").isEqualTo(422);
        planned(tool, survey());
        Answer planned = rehearse(tool, form());
        assertThat(planned.status()).as(planned.raw().body()).isEqualTo(200);
        JsonNode view = planned.body();
        assertThat(view.path("otherwise").isObject()).isFalse();
        JsonNode frames = view.at("/planned/frames");
        assertThat(frames.get(0).path("step").asInt()).isEqualTo(-1);
        assertThat(frames.get(0).path("backUm")).hasSize(24);
        double wanted = view.path("target").asDouble();
        assertThat(frames.get(0).path("meanIndex").asDouble()).isGreaterThan(wanted);
        assertThat(frames.get(frames.size() - 1).path("meanIndex").asDouble()).isLessThan(wanted);
        assertThat(view.at("/planned/words").asText()).isNotBlank();

        // Without the strokes that reach the apex, and twice as shaky.
        ObjectNode otherwise = form();
        for (JsonNode step : view.path("steps")) {
            if (step.path("strokes").asInt() > 0) {
                otherwise.withArray("skipped").add(step.path("step").asInt());
                break;
            }
        }
        otherwise.put("shakier", "2");
        JsonNode both = rehearse(tool, otherwise).body();
        assertThat(both.path("planned")).isEqualTo(view.path("planned"));
        assertThat(both.at("/otherwise/outcome").asText()).isEqualTo("DULL");
    }

    @Test
    void oddWishesAreRefusedAtTheirField() {
        String tool = takeIn(chisel());
        planned(tool, survey());
        ObjectNode odd = form().put("steeper", "40").put("shakier", "much");
        odd.withArray("skipped").add(99);
        Answer refused = rehearse(tool, odd);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.messageAt("steeper")).contains("40");
        assertThat(refused.messageAt("shakier")).contains("much");
        assertThat(refused.messageAt("skipped[0]")).contains("99");
    }
}
