package truekeen.app.edgetest;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Tests extends JpaRepository<TestRow, UUID> {
    Optional<TestRow> findFirstBySessionIdOrderByTakenAtDesc(UUID sessionId);

    /** Edges of a tool that passed, but for those of one session; oldest first. */
    List<TestRow> findByToolIdAndKeenTrueAndSessionIdNotOrderByTakenAt(UUID toolId, UUID sessionId);

    List<TestRow> findByToolIdOrderByTakenAt(UUID toolId);

    Optional<TestRow> findFirstByToolIdOrderByTakenAtDesc(UUID toolId);
}
