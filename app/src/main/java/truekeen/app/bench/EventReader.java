package truekeen.app.bench;

import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.Set;
import truekeen.app.bench.BenchRecords.EventForm;
import truekeen.app.platform.Form;
import truekeen.core.bench.BenchEvent;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.stepsheet.Step;

/** Reads what a device tells. */
final class EventReader {
    private static final Set<BenchEvent.Kind> TOLD_BY_DEVICES = Set.of(
            BenchEvent.Kind.COUNT,
            BenchEvent.Kind.UNDO,
            BenchEvent.Kind.GATE_PASSED,
            BenchEvent.Kind.GATE_FAILED,
            BenchEvent.Kind.STEP_DONE,
            BenchEvent.Kind.SKIPPED);

    private EventReader() {}

    static BenchEvent read(EventForm form, String device, boolean displaced, Instant received) {
        Checks checks = new Checks();
        BenchEvent.Kind kind = Arrays.stream(BenchEvent.Kind.values())
                .filter(k -> k.name().equals(form.kind()) && TOLD_BY_DEVICES.contains(k))
                .findFirst()
                .orElse(null);
        checks.require(kind != null, () -> Refusal.of(MessageCode.UNKNOWN_CHOICE, "kind", form.kind())
                .with("allowed", TOLD_BY_DEVICES.toString()));
        checks.text("note", "A note", form.note(), false, 500);
        Step.Side side = Arrays.stream(Step.Side.values())
                .filter(s -> s.name().equals(form.side()))
                .findFirst()
                .orElse(null);
        checks.orThrow();
        return new BenchEvent(
                Form.id("event", form.id()),
                device,
                form.sequence(),
                instant(form.at(), received),
                kind,
                form.step(),
                side,
                form.amount(),
                Form.orEmpty(form.note()),
                displaced);
    }

    private static Instant instant(String text, Instant received) {
        try {
            return Instant.parse(Form.orEmpty(text));
        } catch (DateTimeParseException unreadable) {
            // A clock that cannot be read is no reason to lose a stroke.
            return received;
        }
    }
}
