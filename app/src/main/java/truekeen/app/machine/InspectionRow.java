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

    /** JSON of {@link StoredMachine#FOUND}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String found;

    @Enumerated(EnumType.STRING)
    Inspection.Verdict verdict;

    /** JSON of {@link StoredMachine#REASONS}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String reasons;

    /** JSON of {@link StoredMachine#NOTES}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String notes;

    /** What was recorded wrongly before, where it corrects an inspection. */
    String corrects;

    Instant closedAt;

    protected InspectionRow() {}

    InspectionRow(UUID toolId, String person, Instant at) {
        this.id = UUID.randomUUID();
        this.toolId = toolId;
        this.person = person;
        this.at = at;
    }

    /** What was found by item and input, as typed. */
    Map<String, Map<String, String>> found() {
        return StoredMachine.FOUND.read(found).orElse(Map.of());
    }

    /** Why it was rejected; never empty where it was. */
    List<String> reasons() {
        List<String> kept = StoredMachine.REASONS.read(reasons).orElse(List.of());
        return kept.isEmpty() && verdict == Inspection.Verdict.REJECT
                ? List.of(MachineWords.REASONS_UNREADABLE.words())
                : kept;
    }

    /** What else was noted. */
    List<String> notes() {
        return StoredMachine.NOTES.read(notes).orElse(List.of());
    }
}
