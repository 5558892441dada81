package truekeen.app.platform;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Requests that nobody would send, made from the description of the service: mostly of the right shape, here and there of none.
 * The same seed makes the same requests.
 */
public final class Fuzz {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    private static final Pattern UUID = Pattern.compile("[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}");
    private static final Pattern PLACE = Pattern.compile("([^/]*)/\\{([^}]*)}");
    /** What says of itself that it takes long, and what replaces or writes the whole shop. */
    private static final Pattern LEFT_OUT = Pattern.compile("/api/v1/(day|backups|runs)(/.*)?");

    private static final List<String> ODD = List.of(
            "",
            " ",
            "24",
            "24 mm",
            "12,5",
            "1/64 in",
            "-5",
            "1e309",
            "NaN",
            "0x10",
            "９",
            "2026-02-30",
            "2026-05-14",
            "25:61",
            "null",
            "\u0000",
            "\ud800",
            "a\u0007b",
            "🪒",
            "=1+1",
            "<script>alert(1)</script>",
            "x'; drop table tool; --",
            "%s%n{where}",
            "../../etc/passwd",
            "x".repeat(300),
            "long ".repeat(4000));
    private static final double[] NUMBERS = {
        0, 1, -1, 0.5, 3, 24, 90, 180, 1e-300, 1e6, 1e18, -1e18, 1e308, 2147483647, -2147483648, 9007199254740993.0
    };
    private static final double OF_NO_SHAPE = 0.03;
    private static final double LEFT = 0.06;
    private static final double KNOWN = 0.8;
    private static final int DEEPEST = 8;

    private final JsonNode api;
    private final Random random;
    private final List<Operation> operations = new ArrayList<>();
    private final Map<String, List<String>> ids = new TreeMap<>();
    private final List<String> allIds = new ArrayList<>();

    private record Operation(String method, String path, JsonNode described) {}

    /** A request. */
    public record Request(String method, String path, String body) {}

    /**
     * @param api the description of the service
     * @param get what an address answers, to learn the ids of what is there
     */
    public Fuzz(JsonNode api, Function<String, String> get, long seed) {
        this.api = api;
        this.random = new Random(seed);
        api.path("paths")
                .properties()
                .forEach(path -> path.getValue().properties().forEach(operation -> {
                    if (!LEFT_OUT.matcher(path.getKey()).matches()
                            && operation.getValue().path("responses").has("200")) {
                        operations.add(new Operation(
                                operation.getKey().toUpperCase(Locale.ROOT), path.getKey(), operation.getValue()));
                    }
                }));
        TreeSet<String> found = new TreeSet<>();
        for (Operation o : operations) {
            if (o.method().equals("GET") && !o.path().contains("{")) {
                String segment = o.path().replaceAll(".*/", "");
                TreeSet<String> its = new TreeSet<>();
                Matcher id = UUID.matcher(get.apply(o.path()));
                while (id.find()) {
                    its.add(id.group());
                }
                ids.put(segment, List.copyOf(its));
                found.addAll(its);
            }
        }
        ids.put("tools", ids.getOrDefault("rack", List.of()));
        allIds.addAll(found);
    }

    /** The next request. */
    public Request next() {
        Operation o = operations.get(random.nextInt(operations.size()));
        StringBuilder path = new StringBuilder();
        Matcher place = PLACE.matcher(o.path());
        while (place.find()) {
            String value = parameter(o, place.group(2), place.group(1));
            place.appendReplacement(path, Matcher.quoteReplacement(place.group(1) + "/" + encoded(value)));
        }
        place.appendTail(path);
        String separator = "?";
        for (JsonNode parameter : o.described().path("parameters")) {
            if (parameter.path("in").asText().equals("query") && random.nextBoolean()) {
                path.append(separator)
                        .append(parameter.path("name").asText())
                        .append('=')
                        .append(encoded(text(value(parameter.path("schema"), 0))));
                separator = "&";
            }
        }
        JsonNode schema = o.described()
                .path("requestBody")
                .path("content")
                .path("application/json")
                .path("schema");
        return new Request(
                o.method(),
                path.toString(),
                schema.isMissingNode() ? "" : value(schema, 0).toString());
    }

    private String parameter(Operation o, String name, String segment) {
        for (JsonNode parameter : o.described().path("parameters")) {
            if (parameter.path("name").asText().equals(name)) {
                JsonNode schema = parameter.path("schema");
                if (schema.path("format").asText().equals("uuid") && random.nextDouble() < KNOWN) {
                    List<String> its = ids.getOrDefault(segment, List.of());
                    return its.isEmpty() || random.nextInt(4) == 0 ? one(allIds) : one(its);
                }
                return text(value(schema, 0));
            }
        }
        return one(ODD);
    }

    private static String encoded(String value) {
        String some = value.length() > 300 ? value.substring(0, 300) : value;
        return URLEncoder.encode(some.isEmpty() ? "-" : some, StandardCharsets.UTF_8)
                .replace("+", "%20");
    }

    private static String text(JsonNode value) {
        return value.isValueNode() ? value.asText() : value.toString();
    }

    private <T> T one(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    private JsonNode value(JsonNode schema, int depth) {
        if (random.nextDouble() < OF_NO_SHAPE) {
            return ofNoShape();
        }
        JsonNode of = resolved(schema);
        if (of.has("enum")) {
            return random.nextInt(10) == 0
                    ? JSON.textNode(one(ODD))
                    : of.path("enum").get(random.nextInt(of.path("enum").size()));
        }
        return switch (of.path("type").asText()) {
            case "object" -> object(of, depth);
            case "array" -> array(of, depth);
            case "integer" -> JSON.numberNode((long) NUMBERS[random.nextInt(NUMBERS.length)] % (1L << 33));
            case "number" -> JSON.numberNode(NUMBERS[random.nextInt(NUMBERS.length)]);
            case "boolean" -> JSON.booleanNode(random.nextBoolean());
            default -> JSON.textNode(string(of.path("format").asText()));
        };
    }

    private String string(String format) {
        if (random.nextInt(5) == 0) {
            return one(ODD);
        }
        return switch (format) {
            case "uuid" -> allIds.isEmpty() ? one(ODD) : one(allIds);
            case "date" -> "2026-%02d-%02d".formatted(1 + random.nextInt(12), 1 + random.nextInt(28));
            case "date-time" -> "2026-05-14T%02d:%02d:00Z".formatted(random.nextInt(24), random.nextInt(60));
            default ->
                switch (random.nextInt(4)) {
                    case 0 -> String.valueOf(random.nextInt(200));
                    case 1 -> allIds.isEmpty() ? "x" : one(allIds);
                    case 2 -> "something";
                    default -> one(ODD);
                };
        };
    }

    private ObjectNode object(JsonNode schema, int depth) {
        ObjectNode object = JSON.objectNode();
        if (depth > DEEPEST) {
            return object;
        }
        schema.path("properties").properties().forEach(p -> {
            if (random.nextDouble() >= LEFT) {
                object.set(p.getKey(), value(p.getValue(), depth + 1));
            }
        });
        if (schema.path("additionalProperties").isObject()) {
            object.set(string(""), value(schema.path("additionalProperties"), depth + 1));
        }
        if (random.nextDouble() < OF_NO_SHAPE) {
            object.put("heart", 1);
        }
        return object;
    }

    private ArrayNode array(JsonNode schema, int depth) {
        ArrayNode array = JSON.arrayNode();
        for (int i = random.nextInt(4); i > 0 && depth <= DEEPEST; i--) {
            array.add(value(schema.path("items"), depth + 1));
        }
        return array;
    }

    private JsonNode resolved(JsonNode schema) {
        String reference = schema.has("$ref")
                ? schema.path("$ref").asText()
                : schema.path("allOf").path(0).path("$ref").asText();
        return reference.isEmpty() ? schema : api.at(reference.substring(1));
    }

    private JsonNode ofNoShape() {
        return switch (random.nextInt(6)) {
            case 0 -> JSON.nullNode();
            case 1 -> JSON.arrayNode().addNull();
            case 2 -> JSON.objectNode().put("heart", 1);
            case 3 -> JSON.booleanNode(true);
            case 4 -> JSON.numberNode(1e308);
            default -> JSON.textNode(one(ODD));
        };
    }
}
