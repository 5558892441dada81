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
    void anotherStoneAHarderHandAndAnotherOrderAreTried() {
        String tool = takeIn(chisel());
        planned(tool, survey());
        JsonNode view = rehearse(tool, form()).body();
        JsonNode steps = view.path("steps");
        JsonNode shaping = null;
        JsonNode second = null;
        JsonNode next = null;
        for (JsonNode step : steps) {
            if (!step.path("abrasive").asText().isEmpty()) {
                if (shaping == null) {
                    shaping = step;
                } else if (second == null) {
                    second = step;
                }
                if (next == null && !step.path("abrasive").equals(shaping.path("abrasive"))) {
                    next = step;
                }
            }
        }
        // The stone that follows, taken to shape with: it takes many more strokes.
        ObjectNode finer = form();
        finer.putArray("stones")
                .addObject()
                .put("planned", shaping.path("abrasive").asText())
                .put("instead", next.path("abrasive").asText());
        int planned = view.at("/planned/strokes").asInt();
        assertThat(rehearse(tool, finer).body().at("/otherwise/strokes").asInt())
                .isGreaterThan(planned);
        assertThat(rehearse(tool, form().put("pressing", "2"))
                        .body()
                        .at("/otherwise/strokes")
                        .asInt())
                .isLessThan(planned);
        // The second step first.
        ObjectNode earlier = form();
        earlier.putArray("earlier").add(second.path("step").asInt());
        JsonNode frames = rehearse(tool, earlier).body().at("/otherwise/frames");
        assertThat(frames.get(1).path("step").asInt())
                .isEqualTo(second.path("step").asInt());

        ObjectNode odd = form();
        odd.putArray("stones").addObject().put("planned", "x").put("instead", "brick");
        odd.putArray("earlier").add(-1);
        Answer refused = rehearse(tool, odd);
        assertThat(refused.messageAt("stones[0].instead")).contains("brick");
        assertThat(refused.messageAt("earlier[0]")).contains("-1");
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
