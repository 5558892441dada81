package truekeen.app.angle;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

@Entity
@Table(name = "setup")
class SetupRow {
    @Id
    UUID id;

    UUID toolId;
    String name;
    String trade;
    double primaryDeg;
    double lastDeg;
    UUID guideId;
    double projectionPrimaryMm;
    double projectionLastMm;

    @JdbcTypeCode(SqlTypes.JSON)
    Map<String, String> typed;

    Instant madeAt;

    @Version
    Long version;

    protected SetupRow() {}

    SetupRow(UUID toolId, String name) {
        this.id = UUID.randomUUID();
        this.toolId = toolId;
        this.name = name;
    }
}
