package truekeen.app.tool;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

@Entity
@Table(name = "wear")
class WearRow {
    @Id
    UUID id;

    UUID toolId;
    UUID sessionId;
    Instant at;
    double usableBeforeMm;
    double usableAfterMm;
    double secondaryWidthMm;

    protected WearRow() {}

    WearRow(UUID toolId, UUID sessionId, Instant at, double before, double after, double secondaryWidthMm) {
        this.id = UUID.randomUUID();
        this.toolId = toolId;
        this.sessionId = sessionId;
        this.at = at;
        this.usableBeforeMm = before;
        this.usableAfterMm = after;
        this.secondaryWidthMm = secondaryWidthMm;
    }
}
