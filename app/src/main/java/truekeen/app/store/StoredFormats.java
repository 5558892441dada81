package truekeen.app.store;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Formats of what needs no record of its own: texts, numbers, and both by name. */
public final class StoredFormats {
    private StoredFormats() {}

    /** A list of texts, as it is stored. */
    public record Texts(List<String> items) {}

    /** Texts by name, as they are stored. */
    public record TextMap(Map<String, JsonNode> values) {}

    /** Numbers by name, as they are stored. */
    public record NumberMap(Map<String, JsonNode> values) {}

    /** A list of numbers, as it is stored. */
    public record NumberList(List<Double> items) {}

    /** A list of texts; what was stored bare is read too. */
    public static StoredFormat<Texts, List<String>> texts(String name) {
        return StoredFormat.of(name, Texts.class, t -> List.copyOf(t.items()), Texts::new, StoredFormat::bareList);
    }

    /** A list of numbers; what was stored bare is read too. */
    public static StoredFormat<NumberList, List<Double>> numbers(String name) {
        return StoredFormat.of(
                name, NumberList.class, n -> List.copyOf(n.items()), NumberList::new, StoredFormat::bareList);
    }

    /** Texts by name; a value that is no text is passed over. */
    public static StoredFormat<TextMap, Map<String, String>> textsByName(String name) {
        return StoredFormat.of(
                name,
                TextMap.class,
                t -> {
                    Map<String, String> read = new LinkedHashMap<>();
                    t.values().forEach((key, value) -> {
                        if (value.isTextual()) {
                            read.put(key, value.asText());
                        }
                    });
                    return read;
                },
                values -> new TextMap(nodes(values)),
                StoredFormat::bareMap);
    }

    /** Numbers by name; a value that is no number is passed over. */
    public static StoredFormat<NumberMap, Map<String, Double>> numbersByName(String name) {
        return StoredFormat.of(
                name,
                NumberMap.class,
                n -> {
                    Map<String, Double> read = new LinkedHashMap<>();
                    n.values().forEach((key, value) -> {
                        if (value.isNumber()) {
                            read.put(key, value.asDouble());
                        }
                    });
                    return read;
                },
                values -> new NumberMap(nodes(values)),
                StoredFormat::bareMap);
    }

    private static Map<String, JsonNode> nodes(Map<String, ?> values) {
        Map<String, JsonNode> nodes = new LinkedHashMap<>();
        values.forEach((key, value) -> nodes.put(key, StoredFormat.node(value)));
        return nodes;
    }
}
