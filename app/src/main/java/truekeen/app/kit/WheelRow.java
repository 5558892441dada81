package truekeen.app.kit;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.OptionalDouble;
import java.util.UUID;
import org.hibernate.annotations.SQLRestriction;
import truekeen.core.holding.Wheel;
import truekeen.core.quantity.Length;

@Entity
@Table(name = "wheel")
@SQLRestriction("deleted_at is null")
class WheelRow {
    @Id
    UUID id;

    /** When it was deleted; null while it is there. */
    Instant deletedAt;

    String name;

    @Enumerated(EnumType.STRING)
    Wheel.Kind kind;

    double diameterMm;
    Double turnsPerMin;

    @Column(name = "marked_ms")
    Double markedMs;

    String note;

    @Version
    Long version;

    protected WheelRow() {}

    WheelRow(UUID id) {
        this.id = id;
    }

    Wheel toCore() {
        return new Wheel(name, kind, Length.ofMm(diameterMm), optional(turnsPerMin), optional(markedMs));
    }

    private static OptionalDouble optional(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
