package truekeen.app.tool;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.history.ToolChanged;
import truekeen.app.history.ToolDone;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;

/** Takes tools out of use and back, pins them, deletes them and brings them back from that. */
@Service
@Transactional
public class ToolKeeping {
    /** How long a deleted tool can be brought back. */
    public static final Duration KEPT = Duration.ofDays(30);

    private final Kept tools;
    private final ApplicationEventPublisher publisher;
    private final BenchClock clock;

    ToolKeeping(Kept tools, ApplicationEventPublisher publisher, BenchClock clock) {
        this.tools = tools;
        this.publisher = publisher;
        this.clock = clock;
    }

    /**
     * A tool that was deleted and can still be brought back.
     *
     * @param until when it is gone for good
     */
    public record DeletedTool(UUID id, String name, Instant deletedAt, Instant until) {}

    /** Whether there is such a tool, and it was not deleted. */
    @Transactional(readOnly = true)
    public boolean there(UUID id) {
        return tools.findById(id).filter(t -> t.deletedAt == null).isPresent();
    }

    /** Takes a tool out of use, or back into it. */
    public void retire(UUID id, boolean retired) {
        ToolRow row = row(id);
        row.retiredAt = retired ? clock.instant() : null;
        kept(row);
    }

    /** Hangs a tool at the top of the rack, or back among the others. */
    public void pin(UUID id, boolean pinned) {
        ToolRow row = row(id);
        row.pinned = pinned;
        kept(row);
    }

    /** A tool was brought to be worked, wanted by that day or by none. */
    public void brought(UUID id, Optional<LocalDate> wantedBy) {
        ToolRow row = row(id);
        row.broughtAt = clock.instant();
        row.awaySince = null;
        row.wantedBy = wantedBy.orElse(null);
        kept(row);
    }

    /** A tool that was brought is wanted by another day, or by none. */
    public void wantedBy(UUID id, Optional<LocalDate> day) {
        ToolRow row = row(id);
        row.wantedBy = day.orElse(null);
        kept(row);
    }

    /** The work on a tool was ended as done. */
    @EventListener
    public void done(ToolDone work) {
        done(work.toolId());
    }

    /** What was asked for is done: it is wanted for no day any more. */
    public void done(UUID id) {
        ToolRow row = row(id);
        row.broughtAt = null;
        row.wantedBy = null;
        kept(row);
    }

    /** Its owner took it back before it was done; what was begun stays as it is. */
    public void takenBack(UUID id) {
        ToolRow row = row(id);
        row.broughtAt = null;
        row.wantedBy = null;
        row.awaySince = clock.instant();
        kept(row);
    }

    /** Hides a tool with all that belongs to it; for {@link #KEPT} it can be brought back. */
    public void delete(UUID id) {
        ToolRow row = row(id);
        row.deletedAt = clock.instant();
        kept(row);
    }

    /** Brings a deleted tool back as it was. */
    public void bringBack(UUID id) {
        ToolRow row = tools.findById(id).orElseThrow(() -> Form.notFound("tool", id));
        row.deletedAt = null;
        kept(row);
    }

    /** Deletes a tool that was deleted for good: what belongs to it goes with it. */
    public void deleteForGood(UUID id) {
        ToolRow row = tools.findById(id).filter(t -> t.deletedAt != null).orElseThrow(() -> Form.notFound("tool", id));
        tools.erase(row.id);
    }

    /** What was deleted and can be brought back, newest first. */
    @Transactional(readOnly = true)
    public List<DeletedTool> deleted() {
        return tools.findByDeletedAtNotNullOrderByDeletedAtDesc().stream()
                .map(t -> new DeletedTool(t.id, t.name, t.deletedAt, t.deletedAt.plus(KEPT)))
                .toList();
    }

    /** Deletes for good what was deleted longer ago than {@link #KEPT}. */
    public void forget() {
        Instant before = clock.instant().minus(KEPT);
        tools.findByDeletedAtNotNullOrderByDeletedAtDesc().stream()
                .filter(t -> t.deletedAt.isBefore(before))
                .forEach(t -> tools.erase(t.id));
    }

    /** Gives all tools of one crew, those out of use and deleted too, to another. */
    public void handOver(UUID from, UUID to) {
        tools.findByCrewId(from).forEach(t -> {
            t.crewId = to;
            kept(t);
        });
    }

    /** How many tools a crew has, those out of use and deleted too. */
    @Transactional(readOnly = true)
    public long countOfCrew(UUID crew) {
        return tools.countByCrewId(crew);
    }

    /** The tools of a crew that are there. */
    @Transactional(readOnly = true)
    public List<UUID> ofCrew(UUID crew) {
        return tools.findByCrewId(crew).stream()
                .filter(t -> t.deletedAt == null)
                .map(t -> t.id)
                .toList();
    }

    private ToolRow row(UUID id) {
        return tools.findById(id).filter(t -> t.deletedAt == null).orElseThrow(() -> Form.notFound("tool", id));
    }

    private void kept(ToolRow row) {
        tools.saveAndFlush(row);
        publisher.publishEvent(new ToolChanged(row.id));
    }

    interface Kept extends JpaRepository<ToolRow, UUID> {
        List<ToolRow> findByCrewId(UUID crewId);

        long countByCrewId(UUID crewId);

        List<ToolRow> findByDeletedAtNotNullOrderByDeletedAtDesc();

        /** The database takes along what belongs to the tool. */
        @Modifying(flushAutomatically = true, clearAutomatically = true)
        @Query(value = "delete from tool where id = :id", nativeQuery = true)
        void erase(UUID id);
    }
}
