package truekeen.app.history;

import java.util.UUID;

/** A place whose lines in a tool's history may have been put down by mistake: they are hidden, and brought back. */
public interface MistakeSource {
    /** The kind of its lines. */
    HistoryEntry.Kind kind();

    /**
     * Hides a line, or brings it back.
     *
     * @return whether the tool has such a line
     */
    boolean hide(UUID toolId, UUID entryId, boolean hidden);
}
