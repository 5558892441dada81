package truekeen.app.machine;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.hibernate.annotations.SQLRestriction;
import truekeen.core.machine.Ground;

@Entity
@Table(name = "running_hours")
@SQLRestriction("deleted_at is null")
class HoursRow {
    @Id
    UUID id;

    UUID machineId;
    UUID toolId;
    LocalDate day;
    double hours;

    @Enumerated(EnumType.STRING)
    Ground ground;

    String person;
    Instant at;
    Instant deletedAt;

    protected HoursRow() {}

    HoursRow(UUID machineId, UUID toolId, Instant at) {
        this.id = UUID.randomUUID();
        this.machineId = machineId;
        this.toolId = toolId;
        this.at = at;
    }
}
