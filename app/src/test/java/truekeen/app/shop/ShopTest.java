package truekeen.app.shop;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import truekeen.app.ApiTest;
import truekeen.core.progression.Answer;

/** Owners and people: names are put right everywhere, and nothing is orphaned. */
class ShopTest extends ApiTest {
    @Autowired
    private JdbcTemplate jdbc;

    private String added(String list, String name) {
        return post("/api/v1/" + list, Map.of("name", name)).body().path("id").asText();
    }

    private JsonNode onRack(String tool) {
        for (JsonNode line : get("/api/v1/rack").body().path("tools")) {
            if (line.path("toolId").asText().equals(tool)) {
                return line;
            }
        }
        return JSON.missingNode();
    }

    @Test
    void anOwnersNewNameStandsAtEachTool() {
        String owner = added("crews", "the jioners");
        String tool = takeIn(chisel().put("crewId", owner));
        assertThat(put("/api/v1/crews/" + owner, Map.of("name", "the joiners")).status())
                .isEqualTo(200);
        assertThat(onRack(tool).path("crew").asText()).isEqualTo("the joiners");
        assertThat(get("/api/v1/tools/" + tool).body().path("crew").asText()).isEqualTo("the joiners");
    }

    @Test
    void aNameThatAnotherHasIsRefusedAtItsField() {
        added("crews", "upper yard");
        String lower = added("crews", "lower yard");
        Answer taken = put("/api/v1/crews/" + lower, Map.of("name", "upper yard"));
        assertThat(taken.status()).isEqualTo(422);
        assertThat(taken.messageAt("name")).contains("upper yard");
        assertThat(put("/api/v1/crews/" + lower, Map.of("name", " ")).messageAt("name"))
                .isNotEmpty();
    }

    @Test
    void anOwnerWithToolsStaysUntilTheyAreGivenAway() {
        String from = added("crews", "old tenants");
        String to = added("crews", "new tenants");
        String tool = takeIn(chisel().put("crewId", from));
        assertThat(delete("/api/v1/crews/" + from).body().path("detail").asText())
                .contains("old tenants")
                .contains("1 of its tools");
        assertThat(post("/api/v1/crews/" + from + "/hand-over", Map.of("to", "nobody"))
                        .status())
                .isEqualTo(422);
        assertThat(post("/api/v1/crews/" + from + "/hand-over", Map.of("to", to))
                        .status())
                .isEqualTo(204);
        assertThat(onRack(tool).path("crew").asText()).isEqualTo("new tenants");
        assertThat(delete("/api/v1/crews/" + from).status()).isEqualTo(204);
        assertThat(get("/api/v1/crews").body().toString()).doesNotContain("old tenants");
    }

    @Test
    void aMisspeltPersonIsPutRightInAllThatWasWrittenDown() {
        String person = added("people", "Mrtha");
        String tool = takeIn(chisel());
        kit();
        post("/api/v1/tools/" + tool + "/surveys", survey().put("person", "Mrtha"));
        assertThat(put("/api/v1/people/" + person, Map.of("name", "Martha")).status())
                .isEqualTo(200);
        assertThat(jdbc.queryForList("select person from survey where tool_id = ?::uuid", String.class, tool))
                .containsExactly("Martha");
        added("people", "Ines");
        assertThat(put("/api/v1/people/" + person, Map.of("name", "Ines")).messageAt("name"))
                .contains("Ines");
        assertThat(delete("/api/v1/people/" + person).status()).isEqualTo(204);
        assertThat(jdbc.queryForList("select person from survey where tool_id = ?::uuid", String.class, tool))
                .as("what she did stays")
                .containsExactly("Martha");
        assertThat(delete("/api/v1/people/" + person).status()).isEqualTo(404);
    }

    /** A column that names who did something is called so, or a misspelt name would live on in it. */
    @Test
    void noColumnNamesAPersonByAnotherName() {
        List<String> columns = jdbc.queryForList(
                "select table_name || '.' || column_name from information_schema.columns"
                        + " where table_schema = 'public' and table_name <> 'flyway_schema_history' and column_name ~ '(person|_by|who|hand)$'"
                        + " and data_type like 'character%'",
                String.class);
        assertThat(columns).isNotEmpty().allMatch(c -> c.matches(".*\\.(person|holder_person|lifted_by)"));
    }
}
