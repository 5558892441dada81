package truekeen.core.grit;

import java.util.Arrays;
import java.util.Optional;

/** A way of naming grain size. The same number means different sizes in different standards. */
public enum GritStandard {
    FEPA_P("FEPA-P", "coated abrasives, paper and belts", "ISO 6344", "P"),
    FEPA_F("FEPA-F", "bonded wheels and stones", "ISO 8486", "F"),
    JIS("JIS", "water stones", "JIS R 6001", "#"),
    US("US", "coated abrasives, US grades (approximate)", "workshop prior", ""),
    MESH("MESH", "sieve opening × 0.9; makers differ", "workshop prior", ""),
    MICRON("MICRON", "stated grain in µm: film, bonded diamond, compound", "as stated by the maker", "");

    private final String key;
    private final String meaning;
    private final String source;
    private final String prefix;

    GritStandard(String key, String meaning, String source, String prefix) {
        this.key = key;
        this.meaning = meaning;
        this.source = source;
        this.prefix = prefix;
    }

    /** The name used in tables and by the service. */
    public String key() {
        return key;
    }

    /** What it is used for. */
    public String meaning() {
        return meaning;
    }

    /** The published standard, or "workshop prior". */
    public String source() {
        return source;
    }

    /** What stands before the number in this standard's names. */
    public String prefix() {
        return prefix;
    }

    /** The standard of that key. */
    public static Optional<GritStandard> byKey(String key) {
        return Arrays.stream(values()).filter(s -> s.key.equals(key)).findFirst();
    }

    /** Whether a name may begin so in this standard: with its own prefix, with none, or with # where it has none. */
    public boolean takes(String start) {
        return start.isEmpty() || start.equals(prefix) || (prefix.isEmpty() && start.equals("#"));
    }
}
