package truekeen.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.Set;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.TestPropertySource;
import truekeen.app.ApiTest;
import truekeen.app.TestDatabase;

/** The demonstration is what the services make of its inputs, dated back from today, and loaded once. */
@TestPropertySource(properties = {"truekeen.demo=true", "truekeen.clock=2026-05-14T09:30:00Z"})
class DemoTest extends ApiTest {
    @DynamicPropertySource
    static void own(DynamicPropertyRegistry registry) {
        String url = TestDatabase.fresh();
        // The first start was broken off: part of a demonstration stands there, marked as begun.
        Flyway.configure()
                .dataSource(url, TestDatabase.user(), TestDatabase.password())
                .load()
                .migrate();
        try (Connection connection = DriverManager.getConnection(url, TestDatabase.user(), TestDatabase.password());
                Statement statement = connection.createStatement()) {
            statement.execute("insert into crew values (gen_random_uuid(), 'left half-way');"
                    + " insert into shop_fact values ('demonstration', 'BEGUN')");
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
        registry.add("spring.datasource.hikari.jdbc-url", () -> url);
    }

    @Test
    void aDemonstrationThatWasBrokenOffIsMadeAnew() {
        assertThat(get("/api/v1/crews").body().toString()).contains("boat shed").doesNotContain("left half-way");
        assertThat(get("/api/v1/installation").body().path("demonstration").asBoolean())
                .isTrue();
    }

    /** What a shop can learn from: a stone that glazed, a hand that leans, a trial that is settled and one that is not. */
    @Test
    void whatAShopLearnsFromIsThere() {
        JsonNode odd = get("/api/v1/hand?person=bench%20hand").body().path("odd");
        assertThat(odd).hasSize(1);
        assertThat(odd.get(0).path("abrasive").asText()).isEqualTo("grey splasher");
        String chisel = tool("20 mm bench chisel").path("toolId").asText();
        assertThat(get("/api/v1/tools/" + chisel + "/next-time")
                        .body()
                        .path("lean")
                        .asText())
                .isNotBlank();
        assertThat(get("/api/v1/tools/" + chisel + "/upkeep")
                        .body()
                        .path("points")
                        .size())
                .isGreaterThan(20);
        JsonNode trials = get("/api/v1/trials").body();
        assertThat(trials.get(0).path("verdict").asText()).isEqualTo("NOT_ENOUGH");
        assertThat(trials.get(1).path("verdict").asText()).isEqualTo("DIFFERENT");
    }

    private JsonNode tool(String name) {
        for (JsonNode t : get("/api/v1/rack").body().path("tools")) {
            if (t.path("name").asText().equals(name)) {
                return t;
            }
        }
        throw new AssertionError("no " + name);
    }

    @Test
    void oneIsHalfWayOneIsDoneOneFailedAndOthersWait() {
        assertThat(tool("24 mm bench chisel").path("standing").asText()).isEqualTo("AT_BENCH");
        assertThat(tool("12 mm bench chisel").path("standing").asText()).isEqualTo("READY");
        assertThat(tool("16 mm bench chisel").path("standing").asText()).isEqualTo("TO_BE_TESTED");
        assertThat(tool("10 mm mortise chisel").path("next").path("act").asText())
                .isEqualTo("SURVEY");
        assertThat(get("/api/v1/board").body().path("today").asText()).isEqualTo("2026-05-14");
        assertThat(get("/api/v1/kit").body().path("abrasives").size()).isBetween(15, 22);
        assertThat(get("/api/v1/kit").body().path("holders")).hasSize(9);
        assertThat(get("/api/v1/kit").body().path("wheels")).hasSize(3);
    }

    @Test
    void theFinishedOneHasAFailureThatTeachesAndAWayBack() {
        String id = tool("12 mm bench chisel").path("toolId").asText();
        JsonNode log = get("/api/v1/tools/" + id + "/log").body();
        assertThat(log.path("tests")).hasSize(3);
        assertThat(log.path("tests").get(1).path("keen").asBoolean()).isFalse();
        assertThat(log.path("tests").get(1).path("remedied").asBoolean()).isTrue();
        assertThat(log.path("tests").get(2).path("keen").asBoolean()).isTrue();
        assertThat(log.path("steel")).hasSize(3);
        String before = "";
        for (JsonNode entry : log.path("entries")) {
            assertThat(before.isEmpty() || entry.path("at").asText().compareTo(before) <= 0)
                    .isTrue();
            before = entry.path("at").asText();
            assertThat(LocalDate.parse(before.substring(0, 10))).isBefore(LocalDate.of(2026, 5, 15));
        }
    }

    @Test
    void everyFamilyOfGeometryStandsOnTheRack() {
        Set<String> families = new HashSet<>();
        for (JsonNode t : get("/api/v1/rack").body().path("tools")) {
            families.add(get("/api/v1/tools/" + t.path("toolId").asText())
                    .body()
                    .path("geometry")
                    .asText());
        }
        assertThat(families).hasSize(19);
    }

    @Test
    void namesNoPersonAndNoMaker() {
        String kit =
                get("/api/v1/kit").raw().body() + get("/api/v1/people").raw().body();
        assertThat(kit).contains("coarse soaker", "blue plate", "bench hand");
        assertThat(get("/api/v1/people").body()).hasSize(2);
    }
}
