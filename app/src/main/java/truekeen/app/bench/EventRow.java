package truekeen.app.bench;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import truekeen.core.bench.BenchEvent;
import truekeen.core.fault.Observation;
import truekeen.core.fault.Sign;
import truekeen.core.keenness.Stretch;
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
    int station;

    @Enumerated(EnumType.STRING)
    Sign sign;

    Double fromMm;
    Double toMm;
    Double value;

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
        this.station = event.station();
        this.sign = event.seen().map(Observation::sign).orElse(null);
        Optional<Stretch> where = event.seen().flatMap(Observation::where);
        this.fromMm = where.map(Stretch::fromMm).orElse(null);
        this.toMm = where.map(Stretch::toMm).orElse(null);
        this.value = event.value().isPresent() ? event.value().getAsDouble() : null;
    }

    BenchEvent toCore() {
        Optional<Stretch> where = fromMm == null ? Optional.empty() : Optional.of(new Stretch(fromMm, toMm));
        return new BenchEvent(
                id,
                device,
                sequence,
                at,
                kind,
                step,
                side,
                amount,
                note,
                displaced,
                station,
                sign == null ? Optional.empty() : Optional.of(new Observation(sign, where)),
                value == null ? OptionalDouble.empty() : OptionalDouble.of(value));
    }
}
