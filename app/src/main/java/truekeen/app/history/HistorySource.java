package truekeen.app.history;

import java.util.List;
import java.util.UUID;

/** A place that knows something of a tool's past. */
public interface HistorySource {
    /** What it knows, in any order. Never throws because of a record that cannot be read. */
    List<HistoryEntry> history(UUID toolId);

    /** The newest of it at least; a place that may know thousands of things gives no more than were asked for. */
    default List<HistoryEntry> newest(UUID toolId, int most) {
        return history(toolId);
    }
}
