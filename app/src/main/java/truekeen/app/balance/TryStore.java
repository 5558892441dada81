package truekeen.app.balance;

import java.util.Map;
import truekeen.app.store.StoredFormat;
import truekeen.app.store.StoredFormats;

/** How the JSON columns of balance tries are kept. */
final class TryStore {
    /** What was typed, by field. */
    static final StoredFormat<StoredFormats.TextMap, Map<String, String>> TYPED =
            StoredFormats.textsByName("balance_try.typed");

    private TryStore() {}
}
