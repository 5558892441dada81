package truekeen.app.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import truekeen.app.ApiTest;
import truekeen.app.TestDatabase;

/** A shop that began when only chisels were known loses nothing when the other families come. */
class MigrationTest extends ApiTest {
    private static final String SKEW = "00000000-0000-0000-0000-000000000003";
    private static final String BARE = "00000000-0000-0000-0000-000000000004";

    @DynamicPropertySource
    static void own(DynamicPropertyRegistry registry) {
        String url = TestDatabase.fresh();
        Flyway.configure()
                .dataSource(url, TestDatabase.user(), TestDatabase.password())
                .target("1")
                .load()
                .migrate();
        try (Connection connection = DriverManager.getConnection(url, TestDatabase.user(), TestDatabase.password());
                Statement statement = connection.createStatement()) {
            statement.execute(
                    """
                    insert into crew values ('00000000-0000-0000-0000-000000000001', 'boat shed');
                    insert into guide values
                        ('00000000-0000-0000-0000-000000000002', 'guide', 9.5, 14, 11.5, '', 0);
                    insert into tool values
                        ('%1$s', 'old skew', '00000000-0000-0000-0000-000000000001', 'skew chisel / slicing',
                         'plain carbon', 18, 4, 90, 20, 25, 30, 0.8, 20, null, '', null,
                         '{"width": "18", "skew": "20", "bevelLength": "", "primary": "25"}', now(), 0),
                        ('%2$s', 'old chisel', '00000000-0000-0000-0000-000000000001',
                         'bench chisel / general bench work', 'plain carbon', 24, 3, 90, 20, 25, null, null, 0,
                         null, '', null, '{"width": "24 mm"}', now(), 0);
                    insert into setup values
                        ('00000000-0000-0000-0000-000000000005', '%1$s', 'bench', 'skew chisel / slicing', 25, 30,
                         '00000000-0000-0000-0000-000000000002', 41, 31.75, '{"primary": "25", "last": ""}', now(), 0);
                    insert into survey values
                        ('00000000-0000-0000-0000-000000000006', '%1$s', now(), '', 'DULL', false, 'POLISHED', 0,
                         'NONE', 0, true, '[]',
                         '{"dullness": "DULL", "findings": [], "stropTried": false, "backState": "POLISHED",
                           "backDepth": "", "highCorner": "NONE", "squareOff": "", "squareAs": "ANGLE",
                           "squareMend": true, "person": "", "basedOn": ""}', 'FULL_HONING', 0.1, 1);
                    """
                            .formatted(SKEW, BARE));
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
        registry.add("spring.datasource.hikari.jdbc-url", () -> url);
    }

    @Test
    void toolsSurveysAndSetUpsAreStillThere() {
        JsonNode skew = get("/api/v1/tools/" + SKEW).body();
        assertThat(skew.path("geometry").asText()).isEqualTo("SKEW_CHISEL");
        assertThat(skew.path("edgeLengthMm").asDouble()).isCloseTo(18 / Math.cos(Math.toRadians(20)), within(1e-9));
        assertThat(skew.path("lastDeg").asDouble()).isCloseTo(30, within(1e-9));
        assertThat(skew.path("typed").path("primary").asText()).isEqualTo("25");
        JsonNode bare = get("/api/v1/tools/" + BARE).body();
        assertThat(bare.path("geometry").asText()).isEqualTo("CHISEL");
        assertThat(bare.path("lastDeg").asDouble()).isCloseTo(25, within(1e-9));
        JsonNode card = get("/api/v1/tools/" + SKEW + "/angle").body().path("current");
        assertThat(card.path("holder").asText()).isEqualTo("guide");
        assertThat(card.path("settings").get(1).path("value").asDouble()).isEqualTo(31.75);
        assertThat(card.path("settings").get(0).path("bevel").asText()).isEqualTo("primary");
        JsonNode guide = get("/api/v1/kit").body().path("holders").get(0);
        assertThat(guide.path("kind").asText()).isEqualTo("ROLLER_GUIDE");
        assertThat(guide.path("parts").path("axleBelowBack").asDouble()).isEqualTo(14);
        assertThat(card.path("typed").path("primary").asText()).isEqualTo("25");
        assertThat(card.path("typed").path("camber").asText("missing")).isEmpty();
        JsonNode survey = get("/api/v1/tools/" + SKEW + "/survey").body().path("survey");
        assertThat(survey.path("form").path("fared").asText("missing")).isEmpty();
        assertThat(get("/api/v1/tools/" + SKEW + "/log").status()).isEqualTo(200);
    }

    @Test
    void workGoesOnWithThem() {
        Answer advice = post("/api/v1/tools/" + BARE + "/angle/advice", angle());
        assertThat(advice.body().path("chosen").path("lastDeg").asDouble()).isCloseTo(30, within(1e-9));
        Answer survey = post("/api/v1/tools/" + BARE + "/surveys", survey());
        assertThat(survey.status()).as(survey.raw().body()).isEqualTo(200);
    }
}
