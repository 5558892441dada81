package truekeen.app.log;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Transient;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.hibernate.annotations.SQLRestriction;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Persistable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.history.HistoryEntry;
import truekeen.app.history.HistorySource;
import truekeen.app.history.MistakeSource;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Runs;

/** Lines of a history that came from elsewhere. */
@Component
@Transactional
class LogNotes implements HistorySource, MistakeSource {
    private static final int BATCH = 100;
    private final Notes notes;
    private final BenchClock clock;

    LogNotes(Notes notes, BenchClock clock) {
        this.notes = notes;
        this.clock = clock;
    }

    @Override
    @Transactional(readOnly = true)
    public List<HistoryEntry> history(UUID toolId) {
        return newest(toolId, Limit.unlimited());
    }

    @Override
    @Transactional(readOnly = true)
    public List<HistoryEntry> newest(UUID toolId, int most) {
        return newest(toolId, Limit.of(most));
    }

    private List<HistoryEntry> newest(UUID toolId, Limit most) {
        return notes.findByToolIdOrderByAtDesc(toolId, most).stream()
                .map(n -> new HistoryEntry(
                        n.at,
                        HistoryEntry.Kind.NOTE,
                        n.title,
                        n.line.isBlank() ? List.of() : List.of(n.line),
                        Optional.of(n.id)))
                .toList();
    }

    /** Adds one line, where it does not stand there already. */
    int add(UUID toolId, LogCsv.Line line) {
        return add(toolId, List.of(line), (done, of) -> {});
    }

    /** Adds the lines that do not stand there already, a batch at a time; tells how many did not. */
    int add(UUID toolId, List<LogCsv.Line> lines, Runs.Progress progress) {
        Set<Place> taken = notes.places(toolId).stream()
                .map(p -> new Place(p.getAt(), p.getTitle()))
                .collect(Collectors.toCollection(HashSet::new));
        List<Note> added = lines.stream()
                .filter(line -> taken.add(new Place(line.at(), line.title())))
                .map(line -> new Note(toolId, line))
                .toList();
        for (int from = 0; from < added.size(); from += BATCH) {
            progress.at(from, added.size());
            notes.saveAllAndFlush(added.subList(from, Math.min(from + BATCH, added.size())));
        }
        progress.at(added.size(), added.size());
        return added.size();
    }

    /** No two notes of a tool share their moment and their title, one that was taken out included. */
    private record Place(Instant at, String title) {}

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
    static class Note implements Persistable<UUID> {
        @Id
        UUID id;

        UUID toolId;
        Instant at;
        String title;
        String line;
        Instant deletedAt;

        @Transient
        private boolean fresh;

        protected Note() {}

        Note(UUID toolId, LogCsv.Line line) {
            this.id = UUID.randomUUID();
            this.toolId = toolId;
            this.at = line.at();
            this.title = line.title();
            this.line = line.text();
            this.fresh = true;
        }

        @Override
        public UUID getId() {
            return id;
        }

        /** Told, not looked up: else every new note is asked for before it is written. */
        @Override
        public boolean isNew() {
            return fresh;
        }
    }

    interface Taken {
        Instant getAt();

        String getTitle();
    }

    interface Notes extends JpaRepository<Note, UUID> {
        @Query(value = "select at, title from log_note where tool_id = :toolId", nativeQuery = true)
        List<Taken> places(UUID toolId);

        List<Note> findByToolIdOrderByAtDesc(UUID toolId, Limit most);

        @Modifying(flushAutomatically = true, clearAutomatically = true)
        @Query(value = "update log_note set deleted_at = :at where id = :id and tool_id = :toolId", nativeQuery = true)
        int hide(UUID toolId, UUID id, Instant at);
    }
}
