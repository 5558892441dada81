package truekeen.core.tool;

import java.util.List;
import java.util.Optional;
import truekeen.core.quantity.Angle;
import truekeen.core.table.TableReader;

/** The trades known here, in the order of the table. Source: workshop prior. */
public final class Trades {
    private static final List<Trade> ALL = TableReader.rows("angles").stream()
            .map(row -> new Trade(
                    row.text("tool"),
                    row.text("use"),
                    row.text("convention"),
                    Angle.ofDegrees(row.number("primary_low")),
                    Angle.ofDegrees(row.number("primary_usual")),
                    Angle.ofDegrees(row.number("primary_high")),
                    Angle.ofDegrees(row.number("secondary_step_usual")),
                    Angle.ofDegrees(row.number("secondary_step_max")),
                    row.number("finish_um_finest"),
                    row.number("finish_um_usual"),
                    row.number("finish_um_coarsest"),
                    row.text("keenness_purpose"),
                    row.text("geometry"),
                    row.text("note")))
            .toList();

    private Trades() {}

    /** The trades whose tools have a flat back: chisels. */
    public static List<Trade> flatBack() {
        return ALL.stream().filter(Trade::flatBack).toList();
    }

    /** The trade of that key. */
    public static Optional<Trade> byKey(String key) {
        return ALL.stream().filter(t -> t.key().equals(key)).findFirst();
    }
}
