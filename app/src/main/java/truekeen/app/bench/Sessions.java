package truekeen.app.bench;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface Sessions extends JpaRepository<SessionRow, UUID> {
    Optional<SessionRow> findByToolIdAndFinishedAtIsNull(UUID toolId);

    List<SessionRow> findByToolIdOrderByStartedAt(UUID toolId);

    @Lock(jakarta.persistence.LockModeType.PESSIMISTIC_WRITE)
    @Query("select s from SessionRow s where s.id = :id")
    Optional<SessionRow> lockedById(UUID id);

    List<SessionRow> findByFinishedAtIsNullOrderByStartedAt();

    /** By which plan a session was worked, and when it was finished. */
    interface Finished {
        UUID getPlanId();

        Instant getFinishedAt();
    }

    @Query("select s.planId as planId, s.finishedAt as finishedAt from SessionRow s where s.finishedAt >= :since")
    List<Finished> finishedSince(Instant since);

    /** When the last session of a tool was finished. */
    interface LastFinished {
        UUID getToolId();

        Instant getFinishedAt();
    }

    @Query("select s.toolId as toolId, max(s.finishedAt) as finishedAt from SessionRow s"
            + " where s.toolId in :toolIds and s.finishedAt is not null group by s.toolId")
    List<LastFinished> lastFinished(Collection<UUID> toolIds);

    @Query("select max(s.finishedAt) from SessionRow s where s.toolId = :toolId and s.finishedAt <= :before")
    Optional<Instant> lastFinished(UUID toolId, Instant before);

    /** When the sessions of a tool were finished, oldest first. */
    @Query("select s.finishedAt from SessionRow s where s.toolId = :toolId and s.finishedAt is not null"
            + " order by s.finishedAt")
    List<Instant> finished(UUID toolId);
}
