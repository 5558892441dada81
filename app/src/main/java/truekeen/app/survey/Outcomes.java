package truekeen.app.survey;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface Outcomes extends JpaRepository<OutcomeRow, UUID> {
    /** All of a tool, oldest first. */
    @Query(value = "select * from edge_outcome where tool_id = :toolId order by at, id", nativeQuery = true)
    List<OutcomeRow> ofTool(UUID toolId);
}
