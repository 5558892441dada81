package truekeen.app.change;

import java.time.Instant;
import java.util.List;

/** The wire of what was changed. */
final class ChangeRecords {
    private ChangeRecords() {}

    /**
     * A change.
     *
     * @param id its number; later ones are higher
     * @param person who is said to have made it; empty where nobody was picked
     * @param kind what the thing is: "tool", "abrasive"
     * @param name what it is called
     * @param what what was changed, from what to what
     */
    public record KeptChangeView(long id, Instant at, String person, String kind, String name, String what) {}

    /**
     * Changes, the newest first.
     *
     * @param more whether there are older ones
     */
    public record ChangesView(List<KeptChangeView> changes, boolean more) {
        /** Keeps the list from changing. */
        public ChangesView {
            changes = List.copyOf(changes);
        }
    }
}
