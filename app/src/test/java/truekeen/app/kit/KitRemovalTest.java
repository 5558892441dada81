package truekeen.app.kit;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import truekeen.app.ApiTest;
import truekeen.app.TestDatabase;
import truekeen.app.ToolPages;
import truekeen.core.progression.Answer;

/** Pieces of the kit are deleted where nothing waits for them, and come back by one touch. */
class KitRemovalTest extends ApiTest {
    @Autowired
    private JdbcTemplate jdbc;

    @DynamicPropertySource
    static void own(DynamicPropertyRegistry registry) {
        TestDatabase.own(registry);
    }

    @BeforeEach
    void shelf() {
        kit();
    }

    private boolean onShelf(String list, String name) {
        for (JsonNode one : get("/api/v1/kit").body().path(list)) {
            if (one.path("name").asText().equals(name)) {
                return true;
            }
        }
        return false;
    }

    @Test
    void aPieceIsDeletedAndBroughtBack() {
        for (String[] piece : new String[][] {{"testers", "tester"}, {"abrasives", "leather"}}) {
            String path = "/api/v1/kit/" + piece[0] + "/" + inKit(piece[0], piece[1]);
            assertThat(delete(path).status()).as(piece[1]).isEqualTo(204);
            assertThat(onShelf(piece[0], piece[1])).isFalse();
            assertThat(post(path + "/bring-back", Map.of()).status()).isEqualTo(204);
            assertThat(onShelf(piece[0], piece[1])).isTrue();
        }
    }

    @Test
    void whatAPlanWaitsForStaysAndWhatWasWorkedLeavesItsToolReadable() {
        String tool = takeIn(chisel());
        String plan = planned(tool, survey());
        String stone = jdbc.queryForList("select id::text from abrasive", String.class).stream()
                .filter(id ->
                        get("/api/v1/tools/" + tool + "/plan").body().toString().contains(id))
                .findFirst()
                .orElseThrow();
        Answer wanted = delete("/api/v1/kit/abrasives/" + stone);
        assertThat(wanted.status()).isEqualTo(422);
        assertThat(wanted.body().path("detail").asText()).contains("the plan of the 24 mm chisel");
        assertThat(delete("/api/v1/kit/holders/" + inKit("holders", "guide"))
                        .body()
                        .path("detail")
                        .asText())
                .isEqualTo(setUpsOf("guide"));
        finished(start(tool, plan));
        assertThat(delete("/api/v1/kit/abrasives/" + stone).status()).isEqualTo(204);
        for (String page : ToolPages.of(tool, jdbc)) {
            assertThat(get(page).status()).as(page).isIn(200, 404, 409, 422);
        }
        assertThat(get("/api/v1/tools/" + tool + "/log").status()).isEqualTo(200);
        assertThat(get("/api/v1/tools/" + tool + "/plan").status()).isEqualTo(200);
        assertThat(get("/api/v1/hand").status()).isEqualTo(200);
        post("/api/v1/kit/abrasives/" + stone + "/bring-back", Map.of());
    }

    private static String setUpsOf(String holder) {
        return holder + " is still in use: by 1 of the set-ups.";
    }

    @Test
    void aWheelWithARestOnItAndAListThatIsNoneAreRefused() {
        String wheel = wheel("spare grinder", "DRY_STONE", "150", "2850", "35");
        post(
                "/api/v1/kit/holders",
                holder("rest", "PLATFORM_REST", "contact=15").put("wheelId", wheel));
        assertThat(delete("/api/v1/kit/wheels/" + wheel).body().path("detail").asText())
                .contains("rest");
        assertThat(delete("/api/v1/kit/holders/" + inKit("holders", "rest")).status())
                .isEqualTo(204);
        assertThat(delete("/api/v1/kit/wheels/" + wheel).status()).isEqualTo(204);
        assertThat(delete("/api/v1/kit/anvils/" + wheel).status()).isEqualTo(404);
        assertThat(delete("/api/v1/kit/wheels/00000000-0000-0000-0000-000000000001")
                        .status())
                .isEqualTo(404);
    }
}
