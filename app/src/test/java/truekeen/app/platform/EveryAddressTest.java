package truekeen.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.net.http.HttpRequest;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import truekeen.app.ApiTest;
import truekeen.core.progression.Answer;

/** Every address that takes something, by the description of the service itself, is sent what nobody would mean. */
class EveryAddressTest extends ApiTest {
    private static final String NONE = "00000000-0000-0000-0000-000000000000";

    private record Taken(String method, String path, JsonNode schema) {}

    private List<Taken> takers(JsonNode api) {
        List<Taken> all = new ArrayList<>();
        api.path("paths")
                .properties()
                .forEach(path -> path.getValue().properties().forEach(operation -> {
                    JsonNode schema = operation
                            .getValue()
                            .path("requestBody")
                            .path("content")
                            .path("application/json")
                            .path("schema");
                    if (!schema.isMissingNode()) {
                        String address = path.getKey().replaceAll("\\{[^}]*}", NONE);
                        all.add(new Taken(operation.getKey().toUpperCase(java.util.Locale.ROOT), address, schema));
                    }
                }));
        return all;
    }

    /** A body of the right shape: empty texts, zeros, and lists that hold what is given. */
    private static JsonNode body(JsonNode api, JsonNode schema, JsonNode inLists) {
        JsonNode resolved = schema.has("$ref")
                ? api.at(schema.path("$ref").asText().substring(1))
                : schema.has("allOf")
                        ? api.at(schema.path("allOf")
                                .get(0)
                                .path("$ref")
                                .asText()
                                .substring(1))
                        : schema;
        switch (resolved.path("type").asText()) {
            case "object" -> {
                ObjectNode object = JSON.createObjectNode();
                resolved.path("properties")
                        .properties()
                        .forEach(p -> object.set(p.getKey(), body(api, p.getValue(), inLists)));
                return object;
            }
            case "array" -> {
                ArrayNode list = JSON.createArrayNode();
                list.add(inLists == null ? body(api, resolved.path("items"), null) : inLists);
                return list;
            }
            case "integer", "number" -> {
                return JsonNodeFactory.instance.numberNode(0);
            }
            case "boolean" -> {
                return JsonNodeFactory.instance.booleanNode(false);
            }
            default -> {
                return JsonNodeFactory.instance.textNode("");
            }
        }
    }

    private void refusedInWords(Taken t, String body) {
        Answer answer = send(request(t.path()).method(t.method(), HttpRequest.BodyPublishers.ofString(body)));
        String said = answer.raw().body();
        assertThat(answer.status())
                .as("%s %s with %s: %s", t.method(), t.path(), body, said)
                .isLessThan(500);
        assertThat(said)
                .as("%s %s with %s", t.method(), t.path(), body)
                .doesNotContain("truekeen.app.")
                .doesNotContain("truekeen.core.")
                .doesNotContain("java.")
                .doesNotContain("fasterxml");
        if (answer.status() >= 400) {
            assertThat(answer.raw().headers().firstValue("Content-Type").orElse(""))
                    .as(t.path())
                    .contains("application/problem+json");
        }
    }

    @Test
    void holesInListsDoubledKeysAndOddKindsAreRefusedInWords() {
        JsonNode api = get("/api/v1/openapi").body();
        List<Taken> takers = takers(api);
        assertThat(takers).hasSizeGreaterThan(50);
        for (Taken t : takers) {
            refusedInWords(t, body(api, t.schema(), JSON.nullNode()).toString());
            refusedInWords(t, body(api, t.schema(), null).toString());
            refusedInWords(
                    t,
                    body(api, t.schema(), JsonNodeFactory.instance.textNode("x"))
                            .toString());
            refusedInWords(
                    t,
                    body(api, t.schema(), JSON.createObjectNode().put("heart", 1))
                            .toString());
            String plain = body(api, t.schema(), JSON.createArrayNode()).toString();
            refusedInWords(t, plain);
            if (plain.startsWith("{\"")) {
                String key = plain.substring(1, plain.indexOf('"', 2) + 1);
                refusedInWords(t, "{" + key + ":\"\"," + plain.substring(1));
            }
            for (String odd : List.of("", "[", "17", "true", "{\"\\u0000\":1}", "[null]", "null")) {
                refusedInWords(t, odd);
            }
        }
    }

    @Test
    void aDoubledKeyIsNamedAsSuch() {
        Answer twice = post("/api/v1/crews", "{\"name\":\"boat shed\",\"name\":\"dairy\"}");
        assertThat(twice.status()).isEqualTo(400);
        assertThat(twice.body().path("detail").asText()).contains("twice");
    }

    @Test
    void aHoleInAListIsNamedByItsPlace() {
        ObjectNode survey = survey();
        ((ArrayNode) survey.get("findings")).addNull();
        Answer hole = post("/api/v1/tools/" + takeIn(chisel()) + "/surveys", survey);
        assertThat(hole.status()).isEqualTo(400);
        assertThat(hole.messageAt("findings[0]")).contains("nothing stands");
    }

    @Test
    void aBodyInPiecesIsHeldToTheSameSize() throws Exception {
        byte[] large =
                ("{\"note\":\"" + "x".repeat(1_500_000) + "\"}").getBytes(java.nio.charset.StandardCharsets.UTF_8);
        Answer answer = send(request("/api/v1/take-in/preview")
                .POST(HttpRequest.BodyPublishers.ofInputStream(() -> new java.io.ByteArrayInputStream(large))));
        assertThat(answer.status()).isEqualTo(413);
        assertThat(answer.body().path("detail").asText()).contains("1 MB");
    }

    @Test
    void whatTheContainerRefusesIsAProblemTooAndNoPageOfItsOwn() throws Exception {
        try (java.net.Socket socket = new java.net.Socket("127.0.0.1", port())) {
            socket.getOutputStream()
                    .write("GET /api/v1/tools/{id} HTTP/1.1\r\nHost: 127.0.0.1\r\nConnection: close\r\n\r\n"
                            .getBytes(java.nio.charset.StandardCharsets.US_ASCII));
            String said = new String(socket.getInputStream().readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
            assertThat(said)
                    .startsWith("HTTP/1.1 400")
                    .contains("application/problem+json")
                    .doesNotContain("<html");
        }
        assertThat(send(request("/api/v1/board").DELETE()).status()).isEqualTo(405);
        assertThat(send(request("/api/v1/board").DELETE()).raw().body()).contains("urn:truekeen");
        Answer text = send(request("/api/v1/crews")
                .setHeader("Content-Type", "text/plain")
                .POST(HttpRequest.BodyPublishers.ofString("boat shed")));
        assertThat(text.status()).isEqualTo(415);
        assertThat(text.body().path("type").asText()).startsWith("urn:truekeen");
    }
}
