package truekeen.app.platform;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.springframework.stereotype.Component;

/**
 * The one clock of the service. It runs with real time from wherever it was set; the demonstration travels with it
 * while it is being made.
 */
@Component
public class BenchClock extends Clock {
    private final Clock real = Clock.systemUTC();
    private volatile Duration offset = Duration.ZERO;

    BenchClock(Settings settings) {
        if (settings.clock() != null && !settings.clock().isBlank()) {
            travelTo(Instant.parse(settings.clock()));
        }
    }

    /** The real time, for a command that runs without the service. */
    public static Instant real() {
        return Clock.systemUTC().instant();
    }

    /** Sets the clock to another instant; it runs on from there. */
    public final void travelTo(Instant instant) {
        offset = Duration.between(real.instant(), instant);
    }

    /** How far it is from the real time. */
    Duration offset() {
        return offset;
    }

    /** Today, by this machine's zone. */
    public LocalDate today() {
        return LocalDate.ofInstant(instant(), ZoneId.systemDefault());
    }

    @Override
    public Instant instant() {
        // Microseconds: what the database keeps, so that a value read back equals the one written.
        return real.instant().plus(offset).truncatedTo(java.time.temporal.ChronoUnit.MICROS);
    }

    @Override
    public ZoneId getZone() {
        return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return Clock.offset(real, offset).withZone(zone);
    }
}
