package truekeen.app.plan;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import truekeen.core.stepsheet.ChosenPlan;

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

    /** JSON of {@link StoredPlan#FORMAT}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String snapshot;

    /** JSON of {@link StoredSteps#STEPS}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String steps;

    protected PlanRow() {}

    PlanRow(UUID toolId, Instant madeAt) {
        this.id = UUID.randomUUID();
        this.toolId = toolId;
        this.madeAt = madeAt;
    }

    /** The plan as it was chosen; empty where its record cannot be read any more. */
    Optional<ChosenPlan> toCore() {
        return StoredPlan.FORMAT
                .read(snapshot)
                .value()
                .flatMap(p -> StoredSteps.STEPS.read(steps).value().map(p::withSteps));
    }
}
