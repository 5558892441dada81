package truekeen.app.machine;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.HashMap;
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

    /** Limits of the maker by inspection item (mm, or a count). */
    @JdbcTypeCode(SqlTypes.JSON)
    Map<String, Double> limits = new HashMap<>();

    protected BladeRow() {}

    BladeRow(UUID toolId, Instant since) {
        this.toolId = toolId;
        this.since = since;
    }
}
