package truekeen.app.log;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.SQLRestriction;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.history.HistoryEntry;
import truekeen.app.history.HistorySource;
import truekeen.app.history.MistakeSource;
import truekeen.app.platform.BenchClock;

/** Lines of a history that came from elsewhere. */
@Component
@Transactional
class LogNotes implements HistorySource, MistakeSource {
    private final Notes notes;
    private final BenchClock clock;

    LogNotes(Notes notes, BenchClock clock) {
        this.notes = notes;
        this.clock = clock;
    }

    @Override
    @Transactional(readOnly = true)
    public List<HistoryEntry> history(UUID toolId) {
        return notes.findByToolId(toolId).stream()
                .map(n -> new HistoryEntry(
                        n.at,
                        HistoryEntry.Kind.NOTE,
                        n.title,
                        n.line.isBlank() ? List.of() : List.of(n.line),
                        Optional.of(n.id)))
                .toList();
    }

    /** Adds a line unless it stands there already; tells whether it did. */
    boolean add(UUID toolId, LogCsv.Line line) {
        if (notes.existsByToolIdAndAtAndTitle(toolId, line.at(), line.title())) {
            return false;
        }
        notes.saveAndFlush(new Note(toolId, line));
        return true;
    }

    @Override
    public HistoryEntry.Kind kind() {
        return HistoryEntry.Kind.NOTE;
    }

    @Override
    public boolean hide(UUID toolId, UUID entryId, boolean hidden) {
        return notes.hide(toolId, entryId, hidden ? clock.instant() : null) == 1;
    }

    @Entity(name = "log_note")
    @SQLRestriction("deleted_at is null")
    static class Note {
        @Id
        UUID id;

        UUID toolId;
        Instant at;
        String title;
        String line;
        Instant deletedAt;

        protected Note() {}

        Note(UUID toolId, LogCsv.Line line) {
            this.id = UUID.randomUUID();
            this.toolId = toolId;
            this.at = line.at();
            this.title = line.title();
            this.line = line.text();
        }
    }

    interface Notes extends JpaRepository<Note, UUID> {
        List<Note> findByToolId(UUID toolId);

        @Modifying(flushAutomatically = true, clearAutomatically = true)
        @Query(value = "update log_note set deleted_at = :at where id = :id and tool_id = :toolId", nativeQuery = true)
        int hide(UUID toolId, UUID id, Instant at);

        boolean existsByToolIdAndAtAndTitle(UUID toolId, Instant at, String title);
    }
}
