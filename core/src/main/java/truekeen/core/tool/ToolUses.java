package truekeen.core.tool;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import truekeen.core.quantity.Angle;
import truekeen.core.table.TableReader;

/** The trades known here, in the order of the table. Source: workshop prior. */
public final class ToolUses {
    private static final List<ToolUse> ALL = TableReader.rows("angles").stream()
            .map(row -> new ToolUse(
                    row.text("tool"),
                    row.text("use"),
                    convention(row.text("convention")),
                    Angle.ofDegrees(row.number("primary_low")),
                    Angle.ofDegrees(row.number("primary_usual")),
                    Angle.ofDegrees(row.number("primary_high")),
                    Angle.ofDegrees(row.number("secondary_step_usual")),
                    Angle.ofDegrees(row.number("secondary_step_max")),
                    row.number("finish_um_finest"),
                    row.number("finish_um_usual"),
                    row.number("finish_um_coarsest"),
                    row.text("keenness_purpose"),
                    row.number("thin_at_mm"),
                    row.number("camber_mm"),
                    geometry(row.text("geometry")),
                    row.text("note"),
                    traits(row.text("traits"))))
            .toList();

    private ToolUses() {}

    /** All trades. */
    public static List<ToolUse> all() {
        return ALL;
    }

    /** The trades of one tool: the works it can be put to. */
    public static List<ToolUse> ofTool(String tool) {
        return ALL.stream().filter(t -> t.tool().equals(tool)).toList();
    }

    /** The trade of that key. */
    public static Optional<ToolUse> byKey(String key) {
        return ALL.stream().filter(t -> t.key().equals(key)).findFirst();
    }

    private static Set<ToolUse.Trait> traits(String text) {
        Set<ToolUse.Trait> traits = EnumSet.noneOf(ToolUse.Trait.class);
        for (String trait : text.split("\\|")) {
            if (!trait.isEmpty()) {
                traits.add(ToolUse.Trait.valueOf(trait));
            }
        }
        return traits;
    }

    private static Convention convention(String key) {
        return Arrays.stream(Convention.values())
                .filter(c -> c.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no convention " + key));
    }

    private static GeometryKind geometry(String key) {
        return Arrays.stream(GeometryKind.values())
                .filter(k -> k.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no geometry " + key));
    }
}
