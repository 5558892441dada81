package truekeen.app.bench;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Events extends JpaRepository<EventRow, Long> {
    List<EventRow> findBySessionIdOrderByPosition(UUID sessionId);
}
