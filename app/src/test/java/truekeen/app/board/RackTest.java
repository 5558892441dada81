package truekeen.app.board;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.transaction.support.TransactionTemplate;
import truekeen.app.ApiTest;
import truekeen.app.TestDatabase;
import truekeen.app.ToolPages;

/** What hangs on the rack, what presses, and how a tool comes off it and back. */
class RackTest extends ApiTest {
    @Autowired
    private JdbcTemplate jdbc;

    @Autowired
    private TransactionTemplate transaction;

    @Autowired
    private RackService rack;

    private String tool;

    @DynamicPropertySource
    static void own(DynamicPropertyRegistry registry) {
        TestDatabase.own(registry);
    }

    @BeforeEach
    void takenIn() {
        change("delete from tool");
        kit();
        tool = takeIn(chisel());
    }

    private JsonNode line() {
        for (JsonNode line : get("/api/v1/rack").body().path("tools")) {
            if (line.path("toolId").asText().equals(tool)) {
                return line;
            }
        }
        return JSON.missingNode();
    }

    private JsonNode group(String urgency) {
        for (JsonNode group : get("/api/v1/board").body().path("groups")) {
            if (group.path("urgency").asText().equals(urgency)) {
                return group;
            }
        }
        return JSON.missingNode();
    }

    private void wanted(LocalDate day) {
        change("update tool_standing set wanted_by = '%s' where tool_id = '%s'".formatted(day, tool));
    }

    private void change(String sql) {
        transaction.executeWithoutResult(t -> jdbc.update(sql));
    }

    @Test
    void whatPressesIsToldByTheDayItWasPromisedFor() {
        LocalDate today =
                LocalDate.parse(get("/api/v1/board").body().path("today").asText());
        assertThat(group("WAITING").path("tools")).hasSize(1);
        wanted(today.minusDays(1));
        assertThat(group("LATE").path("tools")).hasSize(1);
        wanted(today);
        assertThat(group("TODAY").path("tools")).hasSize(1);
        wanted(today.plusDays(1));
        assertThat(group("WANTED").path("tools")).hasSize(1);
        start(tool, planned(tool, survey()));
        assertThat(group("AT_BENCH").path("tools")).hasSize(1);
        assertThat(group("WANTED").isMissingNode()).isTrue();
    }

    @Test
    void oneScreenHoldsTheMostUrgentAndTheRestIsCounted() {
        for (int i = 0; i < 9; i++) {
            takeIn(chisel());
        }
        wanted(LocalDate.now().plusDays(3));
        assertThat(group("WANTED").path("tools")).hasSize(1);
        JsonNode waiting = group("WAITING");
        assertThat(waiting.path("tools").size() + waiting.path("more").asInt()).isEqualTo(9);
        assertThat(waiting.path("more").asInt()).isPositive();
        assertThat(get("/api/v1/board").body().path("all").asInt()).isEqualTo(10);
    }

    @Test
    void damageSteelAndFamilyStandOnTheRack() {
        assertThat(line().path("family").asText()).isEqualTo("CHISEL");
        assertThat(line().path("steel").asText()).isNotEmpty();
        assertThat(line().path("marks")).isEmpty();
        var survey = survey();
        mark(survey, "CHIP", "5", "6", "0.1");
        post("/api/v1/tools/" + tool + "/surveys", survey);
        JsonNode chip = line().path("marks").get(0);
        assertThat(chip.path("kind").asText()).isEqualTo("CHIP");
        assertThat(chip.path("fromMm").asDouble()).isEqualTo(5);
        assertThat(chip.path("depthMm").asDouble()).isEqualTo(0.1);
    }

    @Test
    void aToolOutOfUsePressesNobodyAndComesBack() {
        assertThat(post("/api/v1/tools/" + tool + "/retire", Map.of()).status()).isEqualTo(204);
        assertThat(line().path("urgency").asText()).isEqualTo("RETIRED");
        assertThat(get("/api/v1/board").body().path("all").asInt()).isZero();
        assertThat(get("/api/v1/tools/" + tool).body().path("retired").asBoolean())
                .isTrue();
        post("/api/v1/tools/" + tool + "/use-again", Map.of());
        assertThat(line().path("urgency").asText()).isEqualTo("WAITING");
    }

    @Test
    void aPinnedToolIsOfferedOnTheBoard() {
        assertThat(put("/api/v1/tools/" + tool + "/pin", Map.of("pinned", true)).status())
                .isEqualTo(204);
        assertThat(get("/api/v1/board").body().path("pinned").toString()).contains(tool);
        assertThat(get("/api/v1/board").body().path("recent").toString()).contains(tool);
        put("/api/v1/tools/" + tool + "/pin", Map.of("pinned", false));
        assertThat(get("/api/v1/board").body().path("pinned")).isEmpty();
    }

    @Test
    void aDeletedToolIsNowhereUntilItIsBroughtBackAsItWas() {
        planned(tool, survey());
        assertThat(get("/api/v1/tools/" + tool + "/belongings")
                        .body()
                        .path("parts")
                        .toString())
                .contains("1 survey")
                .contains("1 set-up")
                .contains("1 plan");
        String before =
                get("/api/v1/tools/" + tool + "/export").body().path("sections").toString();
        assertThat(delete("/api/v1/tools/" + tool).status()).isEqualTo(204);
        assertThat(line().isMissingNode()).isTrue();
        assertThat(get("/api/v1/rack")
                        .body()
                        .path("deleted")
                        .get(0)
                        .path("toolId")
                        .asText())
                .isEqualTo(tool);
        for (String page : ToolPages.of(tool, jdbc)) {
            assertThat(get(page).status()).as(page).isEqualTo(404);
        }
        assertThat(delete("/api/v1/tools/" + tool).status()).isEqualTo(404);
        assertThat(post("/api/v1/rack/deleted/" + tool + "/bring-back", Map.of())
                        .status())
                .isEqualTo(204);
        assertThat(get("/api/v1/tools/" + tool + "/export")
                        .body()
                        .path("sections")
                        .toString()
                        .length())
                .isEqualTo(before.length());
        assertThat(line().path("standing").asText()).isEqualTo("PLANNED");
    }

    @Test
    void whatIsDeletedForGoodLeavesNothingBehind() {
        JsonNode session = start(tool, planned(tool, survey()));
        assertThat(delete("/api/v1/tools/" + tool).status()).as("at the bench").isEqualTo(422);
        assertThat(get("/api/v1/tools/" + tool + "/belongings")
                        .body()
                        .path("refused")
                        .asText())
                .contains("at the bench");
        finished(session);
        assertThat(line().path("atBench").asBoolean()).isFalse();
        assertThat(delete("/api/v1/rack/deleted/" + tool).status())
                .as("not deleted yet")
                .isEqualTo(404);
        delete("/api/v1/tools/" + tool);
        assertThat(delete("/api/v1/rack/deleted/" + tool).status()).isEqualTo(204);
        for (String table : new String[] {"tool", "survey", "setup", "plan", "bench_session", "bench_event", "wear"}) {
            assertThat(jdbc.queryForObject("select count(*) from " + table, Integer.class))
                    .as(table)
                    .isZero();
        }
        assertThat(post("/api/v1/rack/deleted/" + tool + "/bring-back", Map.of())
                        .status())
                .isEqualTo(404);
    }

    @Test
    void whatWasDeletedAMonthAgoIsForgotten() {
        delete("/api/v1/tools/" + tool);
        rack.forget();
        assertThat(get("/api/v1/rack").body().path("deleted")).hasSize(1);
        change("update tool set deleted_at = deleted_at - interval '31 days'");
        rack.forget();
        assertThat(get("/api/v1/rack").body().path("deleted")).isEmpty();
        assertThat(jdbc.queryForObject("select count(*) from tool", Integer.class))
                .isZero();
    }
}
