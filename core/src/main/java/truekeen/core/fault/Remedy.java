package truekeen.core.fault;

import java.util.List;
import java.util.Optional;
import truekeen.core.table.Prior;
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
 * @param fits the tools it can be done on
 * @param leads the work that it names, which is planned; empty where no plan is needed
 */
public record Remedy(
        String key,
        String fault,
        Entry entry,
        boolean whole,
        String act,
        String words,
        FaultRule.Fits fits,
        Optional<Work> leads) {

    /** Work that a remedy names and that needs a plan of its own. */
    public enum Work {
        /** The faces behind the edge. */
        THIN,
        BROAD_FACE,
        /** Past steel that lost its temper. */
        PAST_COLOUR,
        /** Another angle, or another camber. */
        ANGLE
    }

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
                    Prior.figuresIn(row.text("act")),
                    Prior.figuresIn(row.text("words")),
                    FaultRule.Fits.valueOf(row.text("fits")),
                    row.text("leads").isEmpty() ? Optional.empty() : Optional.of(Work.valueOf(row.text("leads")))))
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
