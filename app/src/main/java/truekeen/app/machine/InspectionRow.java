package truekeen.app.machine;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import truekeen.core.machine.Inspection;

@Entity
@Table(name = "inspection")
class InspectionRow {
    @Id
    UUID id;

    UUID toolId;
    String person;
    Instant at;

    /** As typed, by item and input. */
    @JdbcTypeCode(SqlTypes.JSON)
    Map<String, Map<String, String>> found;

    @Enumerated(EnumType.STRING)
    Inspection.Verdict verdict;

    @JdbcTypeCode(SqlTypes.JSON)
    List<String> reasons;

    @JdbcTypeCode(SqlTypes.JSON)
    List<String> notes;

    /** What was put down wrongly before, where it corrects an inspection. */
    String corrects;

    Instant closedAt;

    protected InspectionRow() {}

    InspectionRow(UUID toolId, String person, Instant at) {
        this.id = UUID.randomUUID();
        this.toolId = toolId;
        this.person = person;
        this.at = at;
    }
}
