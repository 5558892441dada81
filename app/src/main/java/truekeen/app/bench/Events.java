package truekeen.app.bench;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface Events extends JpaRepository<EventRow, Long> {
    List<EventRow> findBySessionIdOrderByPosition(UUID sessionId);

    @Query("select max(e.receivedAt) from EventRow e where e.sessionId = :sessionId and e.kind = 'COUNT'")
    Optional<Instant> lastCounted(UUID sessionId);
}
