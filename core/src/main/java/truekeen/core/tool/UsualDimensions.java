package truekeen.core.tool;

import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import truekeen.core.table.TableReader;

/**
 * Dimensions that a tool of a family usually has, for whoever cannot measure it just now. Whatever is reckoned from them is
 * as rough as they are. Source: workshop prior.
 */
public final class UsualDimensions {
    private static final Map<GeometryKind, Map<String, Double>> ALL = read();

    private UsualDimensions() {}

    /** The usual value of a dimension (mm, ° or a count); empty where the family leaves it out or its work says it. */
    public static OptionalDouble of(GeometryKind kind, String field) {
        Double usual = ALL.getOrDefault(kind, Map.of()).get(field);
        return usual == null ? OptionalDouble.empty() : OptionalDouble.of(usual);
    }

    private static Map<GeometryKind, Map<String, Double>> read() {
        Map<GeometryKind, Map<String, Double>> all = new EnumMap<>(GeometryKind.class);
        for (TableReader.Row row : TableReader.rows("usual_dimensions")) {
            all.computeIfAbsent(GeometryKind.valueOf(row.text("geometry")), k -> new TreeMap<>())
                    .put(row.text("field"), row.number("value"));
        }
        return all;
    }
}
