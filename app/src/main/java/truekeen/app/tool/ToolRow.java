package truekeen.app.tool;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import truekeen.app.store.Stored;
import truekeen.core.message.RefusedException;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.tool.Blade;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.Measures;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;

@Entity
@Table(name = "tool")
class ToolRow {
    @Id
    UUID id;

    String name;
    UUID crewId;
    String trade;
    String steel;

    @Enumerated(EnumType.STRING)
    GeometryKind geometry;

    /** JSON of {@link ToolStore#DIMENSIONS}: by field, in mm, degrees and counts. */
    @JdbcTypeCode(SqlTypes.JSON)
    String dimensions;

    Double hardnessHrc;
    Double scratchUm;
    String note;
    LocalDate wantedBy;

    /** JSON of {@link ToolStore#TYPED}: the same as they were typed. */
    @JdbcTypeCode(SqlTypes.JSON)
    String typed;

    /** What was measured of its length, to learn what a sharpening takes. */
    @Embedded
    MeasuredLoss measured = new MeasuredLoss();

    /** What it brought with it. */
    @Embedded
    Brought brought = new Brought();

    /** Sharpenings since the broad face of a single-bevel knife was worked, or since it came. */
    int sharpeningsSinceBroadFace;

    Instant takenInAt;

    /** When it was brought again to be worked; null where it was not, or since that was done. */
    Instant broughtAt;

    /** Since when it is with its owner though it was not done; null while it is here or at its work. */
    Instant awaySince;

    /** When it was taken out of use; null while it is in use. */
    Instant retiredAt;

    /** When it was deleted; null while it is there. It is gone for good some time later. */
    Instant deletedAt;

    /** Whether it hangs at the top of the rack. */
    boolean pinned;

    @Version
    Long version;

    protected ToolRow() {}

    ToolRow(UUID id) {
        this.id = id;
    }

    /** Dimensions by field (mm, degrees, counts). */
    Map<String, Double> dimensions() {
        return ToolStore.DIMENSIONS.read(dimensions).orRefuse("tool");
    }

    /** Dimensions as they were typed, by field; those that cannot be read are left out. */
    Map<String, String> typed() {
        return ToolStore.TYPED.read(typed).orElse(Map.of());
    }

    /** The blade, or a refusal where its record cannot be read any more. */
    Blade blade() {
        try {
            return geometry.build(new Measures(dimensions()));
        } catch (IllegalArgumentException missing) {
            throw Stored.olderRecord("tool");
        }
    }

    /** What it is and what it is used for. */
    ToolUse use() {
        return ToolUses.byKey(trade).orElseThrow(() -> Stored.olderRecord("tool"));
    }

    /** Its class of steel. */
    SteelClass steelClass() {
        return Steels.byName(steel).orElseThrow(() -> Stored.olderRecord("tool"));
    }

    /** The blade, where its record can be read. */
    Optional<Blade> bladeIfReadable() {
        try {
            return Optional.of(blade());
        } catch (RefusedException unreadable) {
            return Optional.empty();
        }
    }
}
