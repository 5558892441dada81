package truekeen.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** Talks to the running service over HTTP, on the real database, as the screens do. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
public abstract class ApiTest {
    private static final String DATABASE = TestDatabase.fresh();
    protected static final ObjectMapper JSON = new ObjectMapper();
    protected static final String TABLET = "tablet-one";

    private final HttpClient http = HttpClient.newHttpClient();

    @LocalServerPort
    private int port;

    protected int port() {
        return port;
    }

    @DynamicPropertySource
    static void database(DynamicPropertyRegistry registry) {
        registry.add("spring.datasource.url", () -> DATABASE);
        registry.add("spring.datasource.username", TestDatabase::user);
        registry.add("spring.datasource.password", TestDatabase::password);
        registry.add("logging.structured.format.console", () -> "");
        // Many services live side by side here, and most only wait: they hold no connections meanwhile.
        registry.add("spring.datasource.hikari.minimum-idle", () -> "0");
        registry.add("spring.datasource.hikari.idle-timeout", () -> "10000");
    }

    /** An answer: its status and its body, which is a missing node where it is no JSON. */
    protected record Answer(int status, JsonNode body, HttpResponse<String> raw) {
        public String messageAt(String field) {
            for (JsonNode error : body.path("errors")) {
                if (error.path("field").asText().equals(field)) {
                    return error.path("message").asText();
                }
            }
            return "";
        }
    }

    protected Answer get(String path) {
        return send(request(path).GET());
    }

    /** A file, as bytes. */
    protected HttpResponse<byte[]> bytes(String path) {
        try {
            return http.send(request(path).GET().build(), HttpResponse.BodyHandlers.ofByteArray());
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    protected Answer post(String path, Object body) {
        return send(request(path).POST(HttpRequest.BodyPublishers.ofString(text(body))));
    }

    protected Answer put(String path, Object body) {
        return send(request(path).PUT(HttpRequest.BodyPublishers.ofString(text(body))));
    }

    protected Answer delete(String path) {
        return send(request(path).DELETE());
    }

    protected HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .header("Content-Type", "application/json");
    }

    protected Answer send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> response = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
            JsonNode body = response.body().startsWith("{") || response.body().startsWith("[")
                    ? JSON.readTree(response.body())
                    : JSON.missingNode();
            return new Answer(response.statusCode(), body, response);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private static String text(Object body) {
        try {
            return body instanceof String s ? s : JSON.writeValueAsString(body);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    protected static ObjectNode object(Object... pairs) {
        ObjectNode node = JSON.createObjectNode();
        for (int i = 0; i < pairs.length; i += 2) {
            node.set((String) pairs[i], JSON.valueToTree(pairs[i + 1]));
        }
        return node;
    }

    // --- the bench of a test: a crew, a kit, a chisel ---

    protected String crew() {
        return post("/api/v1/crews", Map.of("name", "boat shed"))
                .body()
                .path("id")
                .asText();
    }

    protected ObjectNode chisel() {
        return tool(
                "24 mm chisel",
                "bench chisel / general bench work",
                "low-alloy tool steel",
                "width=24;thickness=3.2 mm;usableLength=90;retireLength=20;primary=25;secondary=30°;secondaryWidth=0.6");
    }

    /** A tool as typed at the door; dimensions as {@code field=as typed;field=as typed}. */
    protected ObjectNode tool(String name, String trade, String steel, String dims) {
        ObjectNode form = object(
                "name",
                name,
                "crewId",
                crew(),
                "trade",
                trade,
                "steel",
                steel,
                "hardness",
                "",
                "note",
                "",
                "wantedBy",
                "",
                "version",
                0);
        ObjectNode dimensions = form.putObject("dimensions");
        for (String dim : dims.split(";")) {
            dimensions.put(dim.substring(0, dim.indexOf('=')).strip(), dim.substring(dim.indexOf('=') + 1));
        }
        return form;
    }

    /** Types something else into a field of the door, be it a dimension or not. */
    protected static ObjectNode typed(ObjectNode form, String field, String value) {
        ObjectNode at = form.has(field) ? form : (ObjectNode) form.get("dimensions");
        at.put(field, value);
        return form;
    }

    protected static ObjectNode survey() {
        ObjectNode form = object(
                "dullness", "DULL",
                "stropTried", false,
                "backState", "POLISHED",
                "backDepth", "",
                "highCorner", "NONE",
                "squareOff", "",
                "squareAs", "ANGLE",
                "squareMend", true,
                "fared", "",
                "person", "tester",
                "basedOn", "");
        form.putArray("findings");
        return form;
    }

    protected static void mark(ObjectNode survey, String kind, String from, String to, String depth) {
        ((ArrayNode) survey.get("findings"))
                .add(object("kind", kind, "from", from, "to", to, "depth", depth, "leave", false));
    }

    protected static ObjectNode stone(String name, String kind, String standard, String grit) {
        return object(
                "name",
                name,
                "kind",
                kind,
                "gritStandard",
                standard,
                "gritName",
                grit,
                "makerUm",
                "",
                "grain",
                "",
                "shape",
                kind.contains("strop") ? "STROP" : "BENCH",
                "lubricant",
                kind.contains("water stone") ? "water" : "dry",
                "flat",
                true,
                "strokesSinceLapped",
                0,
                "lappable",
                true,
                "soaks",
                false,
                "retired",
                false,
                "frozen",
                false,
                "version",
                0);
    }

    protected static ObjectNode angle() {
        ObjectNode form = object("holderId", "", "standsAt", "", "name", "bench", "version", 0);
        for (String field : List.of(
                "trade",
                "primary",
                "last",
                "backBevel",
                "ruleThickness",
                "ruleReach",
                "wheelDiameter",
                "camber",
                "shaving",
                "strokes",
                "otherPrimary",
                "otherLast")) {
            form.put(field, "");
        }
        return form;
    }

    /** Puts a small kit down, once for the database. */
    protected void kit() {
        boolean there = false;
        for (JsonNode h : get("/api/v1/kit").body().path("holders")) {
            there |= h.path("name").asText().equals("guide");
        }
        if (!there) {
            post("/api/v1/kit/abrasives", stone("coarse", "ceramic-bonded water stone", "JIS", "#400"));
            post("/api/v1/kit/abrasives", stone("middle", "ceramic-bonded water stone", "JIS", "#1000"));
            post("/api/v1/kit/abrasives", stone("fine", "ceramic-bonded water stone", "JIS", "#6000"));
            post("/api/v1/kit/abrasives", stone("leather", "strop with compound", "MICRON", "0.5"));
            post("/api/v1/kit/holders", guide("guide", "9.5", "14", "11.5"));
            post("/api/v1/kit/testers", object("name", "tester", "reference", "118", "version", 0));
        }
    }

    /** A roller guide by its three dimensions. */
    protected ObjectNode guide(String name, String roller, String below, String setback) {
        return holder(
                name, "ROLLER_GUIDE", "rollerRadius=" + roller + ";axleBelowBack=" + below + ";axleSetback=" + setback);
    }

    /** Anything that holds an angle: "field=typed;…". */
    /** Puts a wheel into the kit and gives its id. */
    protected String wheel(String name, String kind, String diameter, String perMinute, String marked) {
        return post(
                        "/api/v1/kit/wheels",
                        object(
                                "name",
                                name,
                                "kind",
                                kind,
                                "diameter",
                                diameter,
                                "perMinute",
                                perMinute,
                                "marked",
                                marked,
                                "note",
                                "",
                                "version",
                                0))
                .body()
                .path("id")
                .asText();
    }

    protected ObjectNode holder(String name, String kind, String parts) {
        ObjectNode form = object("name", name, "kind", kind, "blocks", "", "wheelId", "", "note", "", "version", 0);
        ObjectNode typed = form.putObject("parts");
        for (String part : parts.split(";")) {
            if (part.contains("=")) {
                typed.put(part.split("=")[0], part.split("=")[1]);
            }
        }
        return form;
    }

    /** The id of what is called so in the kit. */
    protected String inKit(String list, String name) {
        for (var one : get("/api/v1/kit").body().path(list)) {
            if (one.path("name").asText().equals(name)) {
                return one.path("id").asText();
            }
        }
        throw new AssertionError("no " + name + " in the kit");
    }

    protected String takeIn(ObjectNode form) {
        Answer answer = post("/api/v1/tools", form);
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(200);
        return answer.body().path("id").asText();
    }

    /** A tool with survey, set-up and plan: gives the plan's id. */
    protected String planned(String tool, ObjectNode survey) {
        kit();
        assertThat(post("/api/v1/tools/" + tool + "/surveys", survey).status()).isEqualTo(200);
        assertThat(post("/api/v1/tools/" + tool + "/setups", angle()).status()).isEqualTo(200);
        Answer plan = post("/api/v1/tools/" + tool + "/plans", Map.of("grindOn", ""));
        assertThat(plan.status()).as(plan.raw().body()).isEqualTo(200);
        return plan.body().path("id").asText();
    }

    /** Passes every step of a session, tests its chisel keen, and finishes it. */
    protected void finished(JsonNode session) {
        String id = session.path("id").asText();
        for (int i = 0; i < session.path("steps").size(); i++) {
            boolean gate = !session.at("/steps/" + i + "/step/gate").asText().isEmpty();
            tell(id, TABLET, event(gate ? "GATE_PASSED" : "STEP_DONE", i, "", 0));
        }
        test(id, "90");
        assertThat(post("/api/v1/sessions/" + id + "/finish", Map.of("device", TABLET, "person", ""))
                        .status())
                .isEqualTo(200);
    }

    /** Tests a chisel of 24 mm by five readings of so many grams each. */
    protected void test(String session, String grams) {
        ObjectNode form = object("device", TABLET, "person", "", "reference", "118");
        ArrayNode readings = form.putArray("readings");
        for (int i = 0; i < 5; i++) {
            readings.add(object("xMm", 2.4 + 4.8 * i, "grams", grams));
        }
        form.putArray("seen");
        post("/api/v1/sessions/" + session + "/tests", form);
    }

    protected JsonNode start(String tool, String plan) {
        return post("/api/v1/tools/" + tool + "/sessions", Map.of("planId", plan, "device", TABLET, "person", "hand"))
                .body();
    }

    protected static ObjectNode event(String kind, int step, String side, int amount) {
        return object(
                "id",
                UUID.randomUUID().toString(),
                "sequence",
                1,
                "at",
                "2026-05-14T09:30:00Z",
                "kind",
                kind,
                "step",
                step,
                "side",
                side,
                "amount",
                amount,
                "note",
                "");
    }

    protected Answer tell(String session, String device, ObjectNode... events) {
        ObjectNode body = object("device", device, "person", "hand");
        ArrayNode list = body.putArray("events");
        for (ObjectNode event : events) {
            list.add(event);
        }
        return post("/api/v1/sessions/" + session + "/events", body);
    }
}
