package truekeen.app.bench;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
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

    /** JSON of {@link SessionStore#HELD_BEFORE}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String heldBefore = SessionStore.HELD_BEFORE.write(List.of());

    /** JSON of {@link SessionStore#STEPS}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String steps;

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
        this.steps = SessionStore.STEPS.write(
                steps.stream().map(s -> new SessionStep(0, s)).toList());
    }

    /** Its steps with their rounds; refused where they cannot be read any more. */
    List<SessionStep> steps() {
        return SessionStore.STEPS.read(steps).orRefuse("session");
    }

    /** Whether its steps can be read. */
    boolean readable() {
        return SessionStore.STEPS.read(steps).value().isPresent();
    }

    /** Devices that held the session before: only what they still have to tell is taken as late. */
    List<String> heldBefore() {
        return SessionStore.HELD_BEFORE.read(heldBefore).orElse(List.of());
    }
}
