package truekeen.app.kit;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import truekeen.app.kit.HolderRecords.CalibrationForm;
import truekeen.core.holding.HolderKind;
import truekeen.core.quantity.Length;
import truekeen.core.tool.Measures;

@Entity
@Table(name = "holder")
class HolderRow {
    @Id
    UUID id;

    String name;

    @Enumerated(EnumType.STRING)
    HolderKind kind;

    @JdbcTypeCode(SqlTypes.JSON)
    Map<String, Double> dimensions;

    @JdbcTypeCode(SqlTypes.JSON)
    Map<String, String> typed;

    @JdbcTypeCode(SqlTypes.JSON)
    List<Double> blocksMm;

    String blocksTyped;
    UUID wheelId;
    String note;

    @JdbcTypeCode(SqlTypes.JSON)
    CalibrationForm calibration;

    Instant calibratedAt;

    @Version
    Long version;

    protected HolderRow() {}

    HolderRow(UUID id) {
        this.id = id;
    }

    Measures measures() {
        return new Measures(dimensions);
    }

    List<Length> blocks() {
        return blocksMm.stream().map(Length::ofMm).toList();
    }
}
