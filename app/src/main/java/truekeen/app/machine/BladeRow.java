package truekeen.app.machine;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

@Entity
@Table(name = "machine_blade")
class BladeRow {
    @Id
    UUID toolId;

    UUID machineId;
    boolean fitted;
    Instant since;

    @Column(name = "mass_g")
    Double massG;

    /** JSON of {@link StoredMachine#LIMITS}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String limits = StoredMachine.LIMITS.write(Map.of());

    protected BladeRow() {}

    BladeRow(UUID toolId, Instant since) {
        this.toolId = toolId;
        this.since = since;
    }

    /** Limits of the maker by inspection item (mm, or a count). */
    Map<String, Double> limits() {
        return StoredMachine.LIMITS.read(limits).orElse(Map.of());
    }
}
