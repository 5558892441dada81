package truekeen.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import truekeen.app.TestDatabase;
import truekeen.app.TrueKeenApplication;

/**
 * Shops as each released version left them, {@code src/test/resources/shops}: demonstrations with surveys, set-ups,
 * plans, sessions half-way, tests, remedies, from the seventh on machines and tries. Each is opened by this version and
 * its tool at the bench is worked to the end and round again.
 */
class ReleasedShopsTest {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final String TABLET = "a tablet of today";

    private final HttpClient http = HttpClient.newHttpClient();
    private int port;

    private record Reply(int status, JsonNode body) {}

    @ParameterizedTest
    @ValueSource(
            strings = {
                "v1",
                "v2first",
                "v2second",
                "v2",
                "v3",
                "v4",
                "v5",
                "v6",
                "v7",
                "v8",
                "v9",
                "v10",
                "v11",
                "v12",
                "v14",
                "v15",
                "v16",
                "v17",
                "v18",
                "v19",
                "v22",
                "v23"
            })
    void aShopOfAnEarlierVersionGoesOn(String shop) throws Exception {
        String url = TestDatabase.fresh();
        load(url, shop);
        int rows = count(url, "select count(*) from tool") + count(url, "select count(*) from bench_event");
        try (ConfigurableApplicationContext service = start(url)) {
            port = Integer.parseInt(service.getEnvironment().getProperty("local.server.port"));
            assertThat(count(url, "select count(*) from tool") + count(url, "select count(*) from bench_event"))
                    .as("every record is kept")
                    .isEqualTo(rows);
            String atBench = everyPageOpens();
            assertThat(atBench).as("a tool is half-way at the bench").isNotNull();
            finish(atBench);
            again(atBench);
        }
    }

    private static ConfigurableApplicationContext start(String url) {
        return new SpringApplicationBuilder(TrueKeenApplication.class)
                .run(
                        "--server.port=0",
                        "--spring.datasource.url=" + url,
                        "--spring.datasource.username=" + TestDatabase.user(),
                        "--spring.datasource.password=" + TestDatabase.password(),
                        "--logging.structured.format.console=",
                        // Twenty services are started here: each makes only what it is asked for.
                        "--spring.main.lazy-initialization=true",
                        "--truekeen.demo=false");
    }

    private static void load(String url, String shop) throws IOException, SQLException {
        String sql;
        try (InputStream in = ReleasedShopsTest.class.getResourceAsStream("/shops/" + shop + ".sql.gz")) {
            sql = new String(new GZIPInputStream(in).readAllBytes(), StandardCharsets.UTF_8);
        }
        try (Connection connection = DriverManager.getConnection(url, TestDatabase.user(), TestDatabase.password());
                Statement statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }

    private static int count(String url, String sql) throws SQLException {
        try (Connection connection = DriverManager.getConnection(url, TestDatabase.user(), TestDatabase.password());
                Statement statement = connection.createStatement();
                var answer = statement.executeQuery(sql)) {
            answer.next();
            return answer.getInt(1);
        }
    }

    /** Opens everything about every tool; gives the tool whose session has strokes and is not done. */
    private String everyPageOpens() {
        ok("/board");
        JsonNode board = ok("/rack");
        assertThat(board.path("tools").size()).isGreaterThanOrEqualTo(8);
        ok("/kit");
        ok("/hand");
        ok("/sessions");
        ok("/house-rules");
        String open = null;
        for (JsonNode line : board.path("tools")) {
            assertThat(line.path("standing").asText()).isNotEqualTo("UNREADABLE");
            String tool = line.path("toolId").asText();
            ok("/tools/" + tool);
            ok("/tools/" + tool + "/stages");
            JsonNode log = ok("/tools/" + tool + "/log");
            assertThat(log.toString()).doesNotContain("cannot be read");
            assertThat(ok("/tools/" + tool + "/export").path("sections").path("tool"))
                    .hasSize(1);
            if (line.path("standing").asText().equals("AT_BENCH")
                    && !line.path("kind").asText().contains("trimmer")) {
                open = tool;
            }
        }
        return open;
    }

    /** Works what is left of the open session, tests the edge and sends the tool back. */
    private void finish(String tool) {
        String session = ok("/tools/" + tool + "/session").path("id").asText();
        ok("/sessions/" + session + "/section");
        assertThat(post("/sessions/" + session + "/takeover", device()).status())
                .isEqualTo(200);
        JsonNode now = ok("/sessions/" + session + "?device=" + TABLET.replace(" ", "%20"));
        assertThat(now.path("steps").size()).isPositive();
        workThrough(session, now);
        assertThat(ok("/tools/" + tool + "/test").path("benchDone").asBoolean()).isTrue();
        ObjectNode test = device();
        test.put("reference", "118");
        ArrayNode readings = test.putArray("readings");
        double edge = now.path("edgeLengthMm").asDouble();
        for (int i = 0; i < 5; i++) {
            readings.addObject().put("xMm", edge * (i + 0.5) / 5).put("grams", 88 + i);
        }
        test.putArray("seen");
        Reply judged = post("/sessions/" + session + "/tests", test);
        assertThat(judged.body().path("verdict").path("keen").asBoolean())
                .as(judged.body().toString())
                .isTrue();
        ObjectNode card = device();
        card.putArray("done");
        card.put("capIron", "").put("torque", "").put("nextCheck", "");
        card.putArray("seen");
        Reply closed = post("/sessions/" + session + "/finish-card", card);
        assertThat(closed.status()).as(closed.body().toString()).isEqualTo(200);
        assertThat(ok("/tools/" + tool + "/stages").path("standing").asText()).isEqualTo("READY");
        assertThat(ok("/tools/" + tool + "/log")
                        .path("entries")
                        .get(0)
                        .path("kind")
                        .asText())
                .isIn("FINISH", "BENCH", "STEEL");
    }

    private void workThrough(String session, JsonNode now) {
        for (int i = now.path("current").asInt(); i < now.path("steps").size(); i++) {
            JsonNode step = now.path("steps").get(i).path("step");
            List<ObjectNode> events = new ArrayList<>();
            for (JsonNode side : step.path("sides")) {
                for (int left = step.path("strokes").asInt(); left > 0; left -= 20) {
                    events.add(event("COUNT", i, side.asText(), Math.min(20, left)));
                }
            }
            events.add(event(step.path("gate").asText().isEmpty() ? "STEP_DONE" : "GATE_PASSED", i, "", 0));
            ObjectNode body = device();
            ArrayNode list = body.putArray("events");
            events.forEach(list::add);
            Reply told = post("/sessions/" + session + "/events", body);
            assertThat(told.status()).as(told.body().toString()).isEqualTo(200);
        }
    }

    /** The next round, from the survey to a plan and the first step at the bench. */
    private void again(String tool) {
        JsonNode last = ok("/tools/" + tool + "/survey").path("survey");
        ObjectNode survey = last.path("form").deepCopy();
        survey.put("basedOn", last.path("id").asText()).put("dullness", "DULL");
        survey.putArray("findings");
        Reply surveyed = post("/tools/" + tool + "/surveys", survey);
        assertThat(surveyed.status()).as(surveyed.body().toString()).isEqualTo(200);
        ObjectNode plan =
                JSON.createObjectNode().put("grindOn", "").put("person", "").put("answer", "");
        plan.putArray("without");
        plan.putArray("through");
        Reply chosen = post("/tools/" + tool + "/plans", plan);
        assertThat(chosen.status()).as(chosen.body().toString()).isEqualTo(200);
        ObjectNode start = device();
        start.put("planId", chosen.body().path("id").asText());
        Reply session = post("/tools/" + tool + "/sessions", start);
        assertThat(session.status()).as(session.body().toString()).isEqualTo(200);
        assertThat(ok("/tools/" + tool + "/stages").path("standing").asText()).isEqualTo("AT_BENCH");
    }

    private static ObjectNode device() {
        return JSON.createObjectNode().put("device", TABLET).put("person", "hand");
    }

    private static ObjectNode event(String kind, int step, String side, int amount) {
        return JSON.createObjectNode()
                .put("id", UUID.randomUUID().toString())
                .put("sequence", 1)
                .put("at", "2026-05-14T09:30:00Z")
                .put("kind", kind)
                .put("step", step)
                .put("side", side)
                .put("amount", amount)
                .put("note", "")
                .put("station", 0)
                .putNull("sign")
                .putNull("fromMm")
                .putNull("toMm")
                .putNull("value");
    }

    private JsonNode ok(String path) {
        Reply answer = send(HttpRequest.newBuilder(address(path)).GET());
        assertThat(answer.status()).as(path + ": " + answer.body()).isEqualTo(200);
        return answer.body();
    }

    private Reply post(String path, JsonNode body) {
        return send(HttpRequest.newBuilder(address(path))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body.toString())));
    }

    private URI address(String path) {
        return URI.create("http://127.0.0.1:" + port + "/api/v1" + path);
    }

    private Reply send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> response = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
            return new Reply(response.statusCode(), JSON.readTree(response.body()));
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
