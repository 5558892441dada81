package truekeen.core.abrasive;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import truekeen.core.table.TableReader;
import truekeen.core.table.TableReader.Row;

/** The kinds of abrasive known here, in the order of the table. Source: workshop prior. */
public final class AbrasiveKinds {
    private static final List<AbrasiveKind> ALL =
            TableReader.rows("abrasives").stream().map(AbrasiveKinds::read).toList();

    private AbrasiveKinds() {}

    /** All kinds. */
    public static List<AbrasiveKind> all() {
        return ALL;
    }

    /** The kind of that name. */
    public static Optional<AbrasiveKind> byName(String name) {
        return ALL.stream().filter(k -> k.name().equals(name)).findFirst();
    }

    private static AbrasiveKind read(Row row) {
        String ratio = row.text("scratch_ratio");
        return new AbrasiveKind(
                row.text("kind"),
                AbrasiveClass.valueOf(row.text("class").toUpperCase(Locale.ROOT)),
                row.numberIfAny("k0_mm2_per_N"),
                ratio.isEmpty() ? 0 : Double.parseDouble(ratio),
                row.number("trailing_only") == 1,
                (int) row.number("soak_min"),
                Arrays.asList(row.text("lubricants").split("\\|")),
                row.numberIfAny("flatten_after_strokes"),
                row.text("care"),
                AbrasiveKind.Use.valueOf(row.text("use").toUpperCase(Locale.ROOT)));
    }
}
