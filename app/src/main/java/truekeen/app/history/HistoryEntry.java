package truekeen.app.history;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * Something that happened to a tool.
 *
 * @param at when it happened
 * @param kind what kind of thing it was
 * @param title it in a line
 * @param lines what else is to be said
 * @param removable key of a line that somebody put down and that can be taken back; empty where it follows from work
 */
public record HistoryEntry(Instant at, Kind kind, String title, List<String> lines, Optional<UUID> removable) {
    /** Kinds of things that happen to a tool. */
    public enum Kind {
        TAKE_IN,
        TICKET,
        SURVEY,
        SETUP,
        PLAN,
        BENCH,
        TEST,
        STEEL,
        NOTE,
        FINISH,
        SAFE,
        INSPECT,
        BALANCE,
        HOURS,
        USE,
        READING,
        TOUCH_UP
    }

    /** Something that follows from work: it cannot be taken back by itself. */
    public HistoryEntry(Instant at, Kind kind, String title, List<String> lines) {
        this(at, kind, title, lines, Optional.empty());
    }

    /** Keeps the lines from changing. */
    public HistoryEntry {
        lines = List.copyOf(lines);
    }

    /** A record that is there and cannot be read. */
    public static HistoryEntry unreadable(Instant at, Kind kind) {
        return new HistoryEntry(at, kind, HistoryWords.UNREADABLE.words(), List.of(HistoryWords.KEPT_AS_IT_IS.words()));
    }
}
