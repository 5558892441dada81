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
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.SQLRestriction;
import org.hibernate.type.SqlTypes;
import truekeen.app.kit.HolderRecords.CalibrationForm;
import truekeen.core.holding.HolderKind;
import truekeen.core.quantity.Length;
import truekeen.core.tool.Measures;

@Entity
@Table(name = "holder")
@SQLRestriction("deleted_at is null")
class HolderRow {
    @Id
    UUID id;

    /** When it was deleted; null while it is there. */
    Instant deletedAt;

    String name;

    @Enumerated(EnumType.STRING)
    HolderKind kind;

    /** JSON of {@link HolderStore#DIMENSIONS}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String dimensions;

    /** JSON of {@link HolderStore#TYPED}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String typed;

    /** JSON of {@link HolderStore#BLOCKS}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String blocksMm;

    String blocksTyped;
    UUID wheelId;
    String note;

    /** JSON of {@link HolderStore#CALIBRATION}; null where it was never calibrated by pairs. */
    @JdbcTypeCode(SqlTypes.JSON)
    String calibration;

    Instant calibratedAt;

    @Version
    Long version;

    protected HolderRow() {}

    HolderRow(UUID id) {
        this.id = id;
    }

    /** Its dimensions; refused where they cannot be read any more. */
    Measures measures() {
        return new Measures(HolderStore.DIMENSIONS.read(dimensions).orRefuse("holder"));
    }

    /** Dimensions by field (mm, degrees); none where they cannot be read any more. */
    Map<String, Double> dimensions() {
        return HolderStore.DIMENSIONS.read(dimensions).orElse(Map.of());
    }

    /** The same as they were typed. */
    Map<String, String> typed() {
        return HolderStore.TYPED.read(typed).orElse(Map.of());
    }

    /** Lengths of its stop blocks (mm). */
    List<Double> blocksMm() {
        return HolderStore.BLOCKS.read(blocksMm).orElse(List.of());
    }

    List<Length> blocks() {
        return blocksMm().stream().map(Length::ofMm).toList();
    }

    /** The pairs it was calibrated by, where there are some that can be read. */
    Optional<CalibrationForm> calibration() {
        return HolderStore.CALIBRATION.read(calibration).value();
    }
}
