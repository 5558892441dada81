package truekeen.app.kit;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

@Entity
@Table(name = "wheel_truing")
class WheelTruingRow {
    @Id
    UUID id;

    UUID wheelId;
    Instant at;
    double diameterMm;
    String person;

    protected WheelTruingRow() {}

    WheelTruingRow(UUID wheelId, Instant at, double diameterMm, String person) {
        this.id = UUID.randomUUID();
        this.wheelId = wheelId;
        this.at = at;
        this.diameterMm = diameterMm;
        this.person = person;
    }
}
