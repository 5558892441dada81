package truekeen.app.device;

import jakarta.annotation.Nullable;
import java.time.Instant;
import truekeen.core.bench.Instrument;

/** What instruments show. */
public final class DeviceRecords {
    private DeviceRecords() {}

    /**
     * An instrument.
     *
     * @param words what it is called
     * @param name what it calls itself; empty before it was ever heard
     * @param live whether it is answering now
     * @param value its newest value; null before it was ever heard
     * @param taken what was last taken on it, by its own button or by the thread parting; null for none
     * @param takenNumber its running number, so that one is told from the next
     */
    public record DeviceView(
            Instrument kind,
            String words,
            String unit,
            String name,
            boolean live,
            @Nullable Double value,
            @Nullable Double taken,
            long takenNumber) {}

    /** A reading that was taken. */
    public record TakenReading(Instrument kind, double value, String unit, Instant at, String how) {}
}
