package truekeen.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.TestPropertySource;
import truekeen.app.ApiTest;
import truekeen.app.TestDatabase;

/** The database goes away under whatever is asked: it is said to be away, and nothing is said that is not known. */
@TestPropertySource(properties = {"truekeen.demo=true", "truekeen.clock=" + TestDatabase.DEMO_CLOCK})
class StoreAwayTest extends ApiTest {
    private static final int ROUNDS = 25;
    private static final int AT_A_TIME = 8;

    @Value("${spring.datasource.hikari.jdbc-url}")
    private String database;

    @DynamicPropertySource
    static void own(DynamicPropertyRegistry registry) {
        TestDatabase.ownDemo(registry);
        // Asked again at once, rather than waited for.
        registry.add("spring.datasource.hikari.connection-timeout", () -> "400");
        registry.add("spring.datasource.hikari.validation-timeout", () -> "300");
    }

    private void endAllSessions() {
        String server = database.substring(0, database.lastIndexOf('/') + 1) + "postgres";
        String name = database.substring(database.lastIndexOf('/') + 1);
        try (Connection connection = DriverManager.getConnection(server, TestDatabase.user(), TestDatabase.password());
                Statement statement = connection.createStatement()) {
            statement.execute("select pg_terminate_backend(pid) from pg_stat_activity where datname = '" + name + "'");
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void whateverIsAskedWhileItsSessionsAreEndedIsAnsweredOrSaidToBeAway()
            throws InterruptedException, ExecutionException {
        String tool =
                get("/api/v1/rack").body().path("tools").get(0).path("toolId").asText();
        List<String> pages = List.of(
                "/api/v1/board",
                "/api/v1/rack",
                "/api/v1/kit",
                "/api/v1/day",
                "/api/v1/tickets",
                "/api/v1/trials",
                "/api/v1/changes",
                "/api/v1/tools.csv",
                "/api/v1/house-rules",
                "/api/v1/tools/" + tool,
                "/api/v1/tools/" + tool + "/log",
                "/api/v1/tools/" + tool + "/angle",
                "/api/v1/tools/" + tool + "/plan",
                "/api/v1/tools/" + tool + "/export",
                "/api/v1/tools/" + tool + "/profile");
        Map<Integer, Integer> statuses = new TreeMap<>();
        ExecutorService clients = Executors.newFixedThreadPool(AT_A_TIME + 1);
        AtomicBoolean done = new AtomicBoolean();
        try {
            Future<?> ending = clients.submit(() -> {
                while (!done.get()) {
                    endAllSessions();
                }
            });
            for (int round = 0; round < ROUNDS; round++) {
                List<Future<Answer>> asked = new ArrayList<>();
                for (int i = 0; i < AT_A_TIME; i++) {
                    String page = pages.get((round + i) % pages.size());
                    String name = "crew " + round + " " + i;
                    asked.add(clients.submit(
                            () -> name.endsWith("3") ? post("/api/v1/crews", Map.of("name", name)) : get(page)));
                }
                for (Future<Answer> one : asked) {
                    Answer answer = one.get();
                    statuses.merge(answer.status(), 1, Integer::sum);
                    if (answer.status() == 503) {
                        assertThat(answer.raw().body()).contains("STORE_AWAY");
                    }
                }
            }
            done.set(true);
            ending.get();
        } finally {
            done.set(true);
            clients.shutdown();
        }
        assertThat(statuses.keySet())
                .as(statuses.toString())
                .isSubsetOf(200, 503)
                .contains(503);
        assertThat(statuses.values().stream().mapToInt(i -> i).sum()).isEqualTo(ROUNDS * AT_A_TIME);
        // It is back: so is everything.
        endAllSessions();
        for (int i = 0; get("/api/v1/board").status() != 200; i++) {
            assertThat(i).as("tries until the board is back").isLessThan(50);
        }
    }
}
