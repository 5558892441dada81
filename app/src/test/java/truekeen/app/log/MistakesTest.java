package truekeen.app.log;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import truekeen.app.ApiTest;

/** Lines of a log that somebody put down: added, deleted, brought back; what follows from work is not touched. */
class MistakesTest extends ApiTest {
    private String tool;

    @BeforeEach
    void takenIn() {
        kit();
        tool = takeIn(chisel());
    }

    private JsonNode entry(String title) {
        for (JsonNode e : get("/api/v1/tools/" + tool + "/log").body().path("entries")) {
            if (e.path("title").asText().equals(title)) {
                return e;
            }
        }
        return JSON.missingNode();
    }

    @Test
    void aNoteIsAddedDeletedAndBroughtBack() {
        assertThat(post("/api/v1/tools/" + tool + "/log/notes", Map.of("title", "Handle is loose", "text", ""))
                        .status())
                .isEqualTo(200);
        String line = "/api/v1/tools/" + tool + "/log/NOTE/"
                + entry("Handle is loose").path("removable").asText();
        assertThat(delete(line).status()).isEqualTo(204);
        assertThat(entry("Handle is loose").isMissingNode()).isTrue();
        assertThat(post(line + "/bring-back", Map.of()).status()).isEqualTo(204);
        assertThat(entry("Handle is loose").isMissingNode()).isFalse();
    }

    @Test
    void whatIsNotThereAndWhatFollowsFromWorkIsRefused() {
        post("/api/v1/tools/" + tool + "/surveys", survey());
        for (JsonNode e : get("/api/v1/tools/" + tool + "/log").body().path("entries")) {
            assertThat(e.path("removable").isNull()).as(e.toString()).isTrue();
        }
        String other = "00000000-0000-0000-0000-000000000001";
        assertThat(delete("/api/v1/tools/" + tool + "/log/NOTE/" + other).status())
                .isEqualTo(404);
        assertThat(delete("/api/v1/tools/" + tool + "/log/SURVEY/" + other).status())
                .isEqualTo(404);
        assertThat(delete("/api/v1/tools/" + tool + "/log/RUMOUR/" + other).status())
                .isEqualTo(404);
        assertThat(post("/api/v1/tools/" + tool + "/log/notes", Map.of("title", "", "text", ""))
                        .messageAt("title"))
                .isNotEmpty();
    }
}
