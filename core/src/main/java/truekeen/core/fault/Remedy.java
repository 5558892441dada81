package truekeen.core.fault;

import java.util.List;
import java.util.Optional;
import truekeen.core.table.TableReader;

/**
 * What mends a fault. Source: workshop prior.
 *
 * @param key its name in the table
 * @param fault the fault it is for
 * @param entry where it takes the progression up again
 * @param whole whether it goes over the whole edge, or over the place alone
 * @param act what is set or cleaned before any stroke; empty where nothing is
 * @param words it in words
 */
public record Remedy(String key, String fault, Entry entry, boolean whole, String act, String words) {

    /** Where a progression is entered again. */
    public enum Entry {
        FIRST_STONE("the first stone"),
        ONE_BACK("one stone back"),
        LAST_STONE("the last stone"),
        /** The back, then the first stone. */
        BACK("the back, then the first stone"),
        DEBURR("taking the burr off"),
        DEBURR_OTHER_WAY("taking the burr off, the other way"),
        STROP("the strop"),
        /** Something is set; no stone is touched. */
        ADJUST("a setting: no stone"),
        /** The tool goes back to survey and angle. */
        REPLAN("angle and plan");

        private final String words;

        Entry(String words) {
            this.words = words;
        }

        /** It in words. */
        public String words() {
            return words;
        }
    }

    private static final List<Remedy> ALL = TableReader.rows("remedies").stream()
            .map(row -> new Remedy(
                    row.text("remedy"),
                    row.text("fault"),
                    Entry.valueOf(row.text("entry")),
                    row.text("reach").equals("WHOLE"),
                    row.text("act"),
                    row.text("words")))
            .toList();

    /** All of them, in the order of the table. */
    public static List<Remedy> all() {
        return ALL;
    }

    /** The remedy of that name, if it is in the table. */
    public static Optional<Remedy> find(String key) {
        return ALL.stream().filter(r -> r.key.equals(key)).findFirst();
    }

    /** The remedy of that name; a name that is not in the table is a fault of the program. */
    public static Remedy named(String key) {
        return find(key).orElseThrow(() -> new IllegalArgumentException("no remedy " + key));
    }
}
