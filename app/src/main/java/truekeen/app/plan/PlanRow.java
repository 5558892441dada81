package truekeen.app.plan;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import truekeen.app.plan.PlanRecords.PlanView;
import truekeen.core.stepsheet.Step;

@Entity
@Immutable
@Table(name = "plan")
class PlanRow {
    @Id
    UUID id;

    UUID toolId;
    UUID surveyId;
    UUID setupId;
    Instant madeAt;
    String coreVersion;
    UUID grindOn;
    double volumeMm3;
    double lostMm;
    double seconds;

    @JdbcTypeCode(SqlTypes.JSON)
    PlanView snapshot;

    @JdbcTypeCode(SqlTypes.JSON)
    List<Step> steps;

    protected PlanRow() {}

    PlanRow(UUID toolId, Instant madeAt) {
        this.id = UUID.randomUUID();
        this.toolId = toolId;
        this.madeAt = madeAt;
    }
}
