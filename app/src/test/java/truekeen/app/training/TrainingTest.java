package truekeen.app.training;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import truekeen.app.ApiTest;

class TrainingTest extends ApiTest {
    private static final String NOBODY_ELSE = "trainee " + UUID.randomUUID();

    private static ObjectNode round(UUID id, int grade) {
        ObjectNode form = JSON.createObjectNode()
                .put("round", id.toString())
                .put("grade", grade)
                .put("seed", 7)
                .put("person", NOBODY_ELSE);
        form.putArray("acts");
        return form;
    }

    private static void choose(ObjectNode form, int choice) {
        form.withArray("acts")
                .addObject()
                .put("kind", "CHOOSE")
                .put("place", 0)
                .put("upper", true)
                .put("amount", choice)
                .put("force", "LIGHT");
    }

    private JsonNode fault() {
        for (JsonNode e : get("/api/v1/training?person=" + NOBODY_ELSE.replace(" ", "%20"))
                .body()
                .path("exercises")) {
            if (e.path("exercise").asText().equals("FAULT")) {
                return e;
            }
        }
        throw new AssertionError("no such exercise");
    }

    @Test
    void aRoundIsAnsweredOnceAndKeptOnce() {
        UUID id = UUID.randomUUID();
        ObjectNode form = round(id, 1);
        Answer begun = post("/api/v1/training/FAULT", form);
        assertThat(begun.status()).as(begun.raw().body()).isEqualTo(200);
        assertThat(begun.body().path("choices").size()).isGreaterThan(1);
        assertThat(begun.body().path("answer").isNull()).isTrue();
        int tried = fault().path("tried").asInt();

        choose(form, 0);
        boolean right =
                post("/api/v1/training/FAULT", form).body().at("/answer/right").asBoolean();
        // Sent again, or answered otherwise afterwards: it ended as it ended first.
        form.withArray("acts").removeAll();
        choose(form, 1);
        post("/api/v1/training/FAULT", form);
        assertThat(fault().path("tried").asInt()).isEqualTo(tried + 1);
        assertThat(fault().path("right").asInt()).isEqualTo(right ? 1 : 0);
    }

    @Test
    void nonsenseIsNamed() {
        assertThat(post("/api/v1/training/FAULT", round(UUID.randomUUID(), 9)).messageAt("grade"))
                .contains("9");
        ObjectNode many = round(UUID.randomUUID(), 1);
        for (int i = 0; i < 201; i++) {
            choose(many, -1);
        }
        assertThat(post("/api/v1/training/FAULT", many).messageAt("acts")).contains("201");
        assertThat(post("/api/v1/training/WHISTLING", round(UUID.randomUUID(), 1))
                        .status())
                .isBetween(400, 499);
        ObjectNode without = round(UUID.randomUUID(), 1);
        without.putNull("acts");
        assertThat(post("/api/v1/training/FAULT", without).body().path("answer").isNull())
                .isTrue();
        ObjectNode nameless = round(UUID.randomUUID(), 1);
        nameless.putNull("round");
        choose(nameless, 0);
        assertThat(post("/api/v1/training/FAULT", nameless).messageAt("round")).isNotEmpty();
        ObjectNode idle = round(UUID.randomUUID(), 1);
        choose(idle, 0);
        ((ObjectNode) idle.withArray("acts").get(0)).putNull("kind");
        assertThat(post("/api/v1/training/FAULT", idle).messageAt("acts[0].kind"))
                .isNotEmpty();
    }
}
