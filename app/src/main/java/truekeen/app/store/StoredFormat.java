package truekeen.app.store;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import com.fasterxml.jackson.module.paramnames.ParameterNamesModule;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Writes and reads one kind of stored record. A record is a JSON object that holds its version in {@value #VERSION_KEY};
 * what was stored before versions were kept has none and counts as version 0.
 *
 * <p>Unknown properties are passed over. A version that is newer than this program, a value that does not fit its type
 * and an upgrade that fails all leave the record unreadable; nothing is guessed and nothing is lost.
 *
 * @param <S> the stored record, a type of the package that owns the column
 * @param <D> what it is read as
 */
public final class StoredFormat<S, D> {
    /** Property that holds the version. */
    public static final String VERSION_KEY = "format";
    /** Property of a list that was stored bare before versions were kept. */
    public static final String ITEMS = "items";
    /** Property of a map that was stored bare before versions were kept. */
    public static final String VALUES = "values";

    private static final Logger LOG = LoggerFactory.getLogger(StoredFormat.class);
    private static final JsonMapper MAPPER = JsonMapper.builder()
            .addModules(new Jdk8Module(), new JavaTimeModule(), new ParameterNamesModule())
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .disable(SerializationFeature.WRITE_DATES_AS_TIMESTAMPS)
            .enable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
            .defaultPropertyInclusion(
                    JsonInclude.Value.construct(JsonInclude.Include.NON_NULL, JsonInclude.Include.ALWAYS))
            .build();

    private final String name;
    private final Class<S> type;
    private final Function<S, D> read;
    private final Function<D, S> written;
    private final List<UnaryOperator<JsonNode>> upgrades;

    private StoredFormat(
            String name,
            Class<S> type,
            Function<S, D> read,
            Function<D, S> written,
            List<UnaryOperator<JsonNode>> upgrades) {
        this.name = name;
        this.type = type;
        this.read = read;
        this.written = written;
        this.upgrades = List.copyOf(upgrades);
    }

    /**
     * A format.
     *
     * @param name table and column, for the log: "plan.steps"
     * @param type the stored record
     * @param read makes the domain value of it; may throw where a value is not known any more
     * @param written makes it of the domain value
     * @param first makes version 1 of what was stored before versions were kept
     */
    public static <S, D> StoredFormat<S, D> of(
            String name, Class<S> type, Function<S, D> read, Function<D, S> written, UnaryOperator<JsonNode> first) {
        return new StoredFormat<>(name, type, read, written, List.of(first));
    }

    /** The same format one version later: records of the version before are read through the upgrade. */
    public StoredFormat<S, D> then(UnaryOperator<JsonNode> upgrade) {
        List<UnaryOperator<JsonNode>> more = new ArrayList<>(upgrades);
        more.add(upgrade);
        return new StoredFormat<>(name, type, read, written, more);
    }

    /** An upgrade of a list that was stored bare: it becomes the property {@value #ITEMS} of an object. */
    public static JsonNode bareList(JsonNode old) {
        return old.isArray() ? under(ITEMS, old) : old;
    }

    /** An upgrade of a map that was stored bare: it becomes the property {@value #VALUES} of an object. */
    public static JsonNode bareMap(JsonNode old) {
        return under(VALUES, old);
    }

    /** An upgrade that changes nothing but the version. */
    public static JsonNode asItWas(JsonNode old) {
        return old;
    }

    /** A value as a node of JSON. */
    static JsonNode node(Object value) {
        return MAPPER.valueToTree(value);
    }

    private static ObjectNode under(String property, JsonNode old) {
        return JsonNodeFactory.instance.objectNode().set(property, old);
    }

    /** The version that is written. */
    public int version() {
        return upgrades.size();
    }

    /** The JSON of a value; null for null. */
    public String write(D value) {
        if (value == null) {
            return null;
        }
        ObjectNode node = MAPPER.valueToTree(written.apply(value));
        node.put(VERSION_KEY, version());
        return node.toString();
    }

    /** What a column holds. Never throws. */
    public Stored<D> read(String json) {
        if (json == null || json.equals("null")) {
            return new Stored<>(Optional.empty(), null);
        }
        try {
            JsonNode node = MAPPER.readTree(json);
            int stored = node.path(VERSION_KEY).asInt(0);
            if (stored > version()) {
                return unreadable(json, "version " + stored + " is newer than " + version());
            }
            for (UnaryOperator<JsonNode> upgrade : upgrades.subList(stored, upgrades.size())) {
                node = upgrade.apply(node);
            }
            S record = MAPPER.treeToValue(node, type);
            return record == null
                    ? unreadable(json, "it is empty")
                    : new Stored<>(Optional.of(read.apply(record)), json);
        } catch (JsonProcessingException | RuntimeException broken) {
            return unreadable(json, broken.getMessage());
        }
    }

    private Stored<D> unreadable(String json, String why) {
        LOG.warn("A record of {} cannot be read: {}", name, why);
        return new Stored<>(Optional.empty(), json);
    }
}
