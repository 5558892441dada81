package truekeen.core.keenness;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import truekeen.core.table.TableReader;

/**
 * What a purpose asks of an edge. The index is a reading over the shop's own reading of a new utility blade on the same
 * tester. Source: workshop prior, which the shop may change.
 *
 * @param name the purpose; its key
 * @param indexTarget mean index at which a fresh edge passes; empty where force is not tested
 * @param indexTouchUp mean index at which an edge in use wants a touch-up
 * @param checkDays days after a sharpening until it is looked at again, while no log knows better
 */
public record KeennessPurpose(String name, OptionalDouble indexTarget, OptionalDouble indexTouchUp, int checkDays) {
    private static final List<KeennessPurpose> ALL = TableReader.rows("keenness").stream()
            .map(row -> new KeennessPurpose(
                    row.text("purpose"), row.numberIfAny("index_target"), row.numberIfAny("index_touch_up"), (int)
                            row.number("check_days")))
            .toList();

    /** The purpose of that name. */
    public static Optional<KeennessPurpose> byName(String name) {
        return ALL.stream().filter(p -> p.name().equals(name)).findFirst();
    }
}
