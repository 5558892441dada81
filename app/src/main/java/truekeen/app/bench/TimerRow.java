package truekeen.app.bench;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import truekeen.core.bench.BenchTimer;

@Entity
@Table(name = "bench_timer")
class TimerRow {
    @Id
    UUID id;

    @Enumerated(EnumType.STRING)
    BenchTimer kind;

    String label;
    Instant startedAt;
    int seconds;
    Instant stoppedAt;

    protected TimerRow() {}

    TimerRow(BenchTimer kind, String label, Instant startedAt, int seconds) {
        this.id = UUID.randomUUID();
        this.kind = kind;
        this.label = label;
        this.startedAt = startedAt;
        this.seconds = seconds;
    }
}
