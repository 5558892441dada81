package truekeen.app.bench;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import truekeen.core.stepsheet.Step;

@Entity
@Table(name = "bench_session")
class SessionRow {
    @Id
    UUID id;

    UUID toolId;
    UUID planId;
    Instant startedAt;
    String holderDevice;
    String holderPerson;

    /** Devices that held the session before: only what they still have to tell is taken as late. */
    @JdbcTypeCode(SqlTypes.JSON)
    List<String> heldBefore = new ArrayList<>();

    @JdbcTypeCode(SqlTypes.JSON)
    List<SessionStep> steps;

    int rounds;
    Instant finishedAt;

    @Version
    Long version;

    /** A step and the round it belongs to: 0 for the plan, later ones for what a test sent back. */
    record SessionStep(int round, Step step) {}

    protected SessionRow() {}

    SessionRow(UUID toolId, UUID planId, Instant startedAt, List<Step> steps) {
        this.id = UUID.randomUUID();
        this.toolId = toolId;
        this.planId = planId;
        this.startedAt = startedAt;
        this.steps = steps.stream().map(s -> new SessionStep(0, s)).toList();
    }

    List<Step> coreSteps() {
        return steps.stream().map(SessionStep::step).toList();
    }
}
