package truekeen.app.machine;

import java.util.List;
import java.util.Map;
import truekeen.app.store.StoredFormat;
import truekeen.app.store.StoredFormats;

/** How the JSON columns about machines and their blades are kept. */
final class StoredMachine {
    /** Limits of the maker by inspection item (mm, or a count). */
    static final StoredFormat<StoredFormats.NumberMap, Map<String, Double>> LIMITS =
            StoredFormats.numbersByName("machine_blade.limits");

    /** Keys of the acts by which a machine was made safe. */
    static final StoredFormat<StoredFormats.Texts, List<String>> ACTS = StoredFormats.texts("isolation.acts");

    /** What was found by item and input, as typed. */
    static final StoredFormat<StoredFound, Map<String, Map<String, String>>> FOUND = StoredFormat.of(
            "inspection.found", StoredFound.class, StoredFound::values, StoredFound::new, StoredFormat::bareMap);

    /** Why a blade was rejected, in words. */
    static final StoredFormat<StoredFormats.Texts, List<String>> REASONS = StoredFormats.texts("inspection.reasons");

    /** What else the inspection noted, in words. */
    static final StoredFormat<StoredFormats.Texts, List<String>> NOTES = StoredFormats.texts("inspection.notes");

    private StoredMachine() {}

    record StoredFound(Map<String, Map<String, String>> values) {}
}
