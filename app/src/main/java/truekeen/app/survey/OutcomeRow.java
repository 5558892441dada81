package truekeen.app.survey;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import truekeen.core.angle.EdgeOutcome;

@Entity
@Table(name = "edge_outcome")
class OutcomeRow {
    @Id
    UUID id;

    UUID toolId;
    UUID surveyId;
    Instant at;
    double lastDeg;

    @Enumerated(EnumType.STRING)
    EdgeOutcome.Result result;

    protected OutcomeRow() {}

    OutcomeRow(UUID toolId, UUID surveyId, Instant at, double lastDeg, EdgeOutcome.Result result) {
        this.id = UUID.randomUUID();
        this.toolId = toolId;
        this.surveyId = surveyId;
        this.at = at;
        this.lastDeg = lastDeg;
        this.result = result;
    }
}
