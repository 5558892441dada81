package truekeen.app.bench;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import truekeen.core.bench.BenchEvent;
import truekeen.core.stepsheet.Step;

@Entity
@Immutable
@Table(name = "bench_event")
class EventRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long position;

    UUID id;
    UUID sessionId;
    String device;
    String person;
    long sequence;
    Instant at;
    Instant receivedAt;

    @Enumerated(EnumType.STRING)
    BenchEvent.Kind kind;

    int step;

    @Enumerated(EnumType.STRING)
    Step.Side side;

    int amount;
    String note;
    boolean displaced;

    protected EventRow() {}

    EventRow(UUID sessionId, String person, Instant receivedAt, BenchEvent event) {
        this.id = event.id();
        this.sessionId = sessionId;
        this.device = event.device();
        this.person = person;
        this.sequence = event.sequence();
        this.at = event.at();
        this.receivedAt = receivedAt;
        this.kind = event.kind();
        this.step = event.step();
        this.side = event.side();
        this.amount = event.amount();
        this.note = event.note();
        this.displaced = event.displaced();
    }

    BenchEvent toCore() {
        return new BenchEvent(id, device, sequence, at, kind, step, side, amount, note, displaced);
    }
}
