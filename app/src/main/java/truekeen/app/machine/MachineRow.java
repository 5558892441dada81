package truekeen.app.machine;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.Month;
import java.util.UUID;
import truekeen.core.machine.PowerSource;
import truekeen.core.machine.RunningHours.Season;

@Entity
@Table(name = "machine")
class MachineRow {
    @Id
    UUID id;

    String name;

    @Enumerated(EnumType.STRING)
    PowerSource power;

    Double perMinute;
    int seasonFrom;
    int seasonTo;
    Instant madeAt;

    protected MachineRow() {}

    MachineRow(Instant madeAt) {
        this.id = UUID.randomUUID();
        this.madeAt = madeAt;
    }

    Season season() {
        return new Season(Month.of(seasonFrom), Month.of(seasonTo));
    }
}
