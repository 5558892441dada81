package truekeen.app.log;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.history.HistoryEntry;
import truekeen.app.history.HistorySource;

/** Lines of a history that came from elsewhere. */
@Component
@Transactional
class LogNotes implements HistorySource {
    private final Notes notes;

    LogNotes(Notes notes) {
        this.notes = notes;
    }

    @Override
    @Transactional(readOnly = true)
    public List<HistoryEntry> history(UUID toolId) {
        return notes.findByToolId(toolId).stream()
                .map(n -> new HistoryEntry(
                        n.at, HistoryEntry.Kind.NOTE, n.title, n.line.isBlank() ? List.of() : List.of(n.line)))
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

    @Entity(name = "log_note")
    static class Note {
        @Id
        UUID id;

        UUID toolId;
        Instant at;
        String title;
        String line;

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

        boolean existsByToolIdAndAtAndTitle(UUID toolId, Instant at, String title);
    }
}
