package truekeen.app.tool;

import java.util.Map;
import truekeen.app.store.StoredFormat;
import truekeen.app.store.StoredFormats;

/** How the JSON columns of tools are kept. */
final class ToolStore {
    /** Dimensions by field, in mm, degrees and counts. */
    static final StoredFormat<StoredFormats.NumberMap, Map<String, Double>> DIMENSIONS =
            StoredFormats.numbersByName("tool.dimensions");

    /** The same as they were typed. */
    static final StoredFormat<StoredFormats.TextMap, Map<String, String>> TYPED =
            StoredFormats.textsByName("tool.typed");

    private ToolStore() {}
}
