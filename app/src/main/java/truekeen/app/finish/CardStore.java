package truekeen.app.finish;

import java.util.List;
import truekeen.app.store.StoredFormat;
import truekeen.app.store.StoredFormats;

/** How the JSON columns of finish cards are kept. */
final class CardStore {
    /** Names of the acts that were done. */
    static final StoredFormat<StoredFormats.Texts, List<String>> DONE = StoredFormats.texts("finish_card.done");

    /** What the first cut showed, in words. */
    static final StoredFormat<StoredFormats.Texts, List<String>> SEEN = StoredFormats.texts("finish_card.seen");

    private CardStore() {}
}
