package truekeen.core.steel;

import java.util.List;
import java.util.Optional;
import truekeen.core.quantity.Angle;
import truekeen.core.table.TableReader;

/** The classes of steel known here, in the order of the table. Source: workshop prior. */
public final class Steels {
    private static final List<SteelClass> ALL = TableReader.rows("steels").stream()
            .map(row -> new SteelClass(
                    row.text("class"),
                    row.text("examples"),
                    row.text("hardness_hrc"),
                    row.number("resistance_oxide"),
                    row.number("resistance_super"),
                    row.number("temper_limit_c"),
                    Angle.ofDegrees(row.number("lowest_last_bevel_per_side_deg")),
                    Angle.ofDegrees(row.number("lowest_last_bevel_from_back_deg")),
                    row.number("conductivity_w_mk"),
                    row.text("note"),
                    SteelClass.Rusting.valueOf(row.text("rusting"))))
            .toList();

    private Steels() {}

    /** All classes. */
    public static List<SteelClass> all() {
        return ALL;
    }

    /** The class of that name. */
    public static Optional<SteelClass> byName(String name) {
        return ALL.stream().filter(s -> s.name().equals(name)).findFirst();
    }
}
