package truekeen.app.machine;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

@Entity
@Table(name = "isolation")
class IsolationRow {
    @Id
    UUID id;

    UUID machineId;
    String person;
    Instant at;

    /** JSON of {@link StoredMachine#ACTS}: those that were confirmed. */
    @JdbcTypeCode(SqlTypes.JSON)
    String acts;

    Instant liftedAt;
    String liftedBy;
    String liftedWhy;

    protected IsolationRow() {}

    IsolationRow(UUID machineId, String person, Instant at, List<String> acts) {
        this.id = UUID.randomUUID();
        this.machineId = machineId;
        this.person = person;
        this.at = at;
        this.acts = StoredMachine.ACTS.write(acts);
    }

    /** Keys of the acts that were confirmed. */
    List<String> acts() {
        return StoredMachine.ACTS.read(acts).orElse(List.of());
    }
}
