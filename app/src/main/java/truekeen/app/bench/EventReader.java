package truekeen.app.bench;

import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import truekeen.app.bench.BenchRecords.EventForm;
import truekeen.app.platform.Form;
import truekeen.core.bench.BenchEvent;
import truekeen.core.bench.Instrument;
import truekeen.core.fault.Observation;
import truekeen.core.fault.Sign;
import truekeen.core.keenness.Stretch;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.stepsheet.Step;

/** Reads what a device tells. */
final class EventReader {
    private static final Set<BenchEvent.Kind> TOLD_BY_DEVICES = Set.of(
            BenchEvent.Kind.COUNT,
            BenchEvent.Kind.UNDO,
            BenchEvent.Kind.OBSERVED,
            BenchEvent.Kind.READ,
            BenchEvent.Kind.LEFT_OUT,
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
        checks.text("note", BenchWords.A_NOTE.words(), form.note(), false, 500);
        Step.Side side = Arrays.stream(Step.Side.values())
                .filter(s -> s.name().equals(form.side()))
                .findFirst()
                .orElse(null);
        boolean observed = kind == BenchEvent.Kind.OBSERVED;
        Sign sign = Arrays.stream(Sign.values())
                .filter(s -> s.name().equals(form.sign()) && s.observed())
                .findFirst()
                .orElse(null);
        checks.require(!observed || sign != null, () -> Refusal.of(
                        MessageCode.UNKNOWN_CHOICE, "sign", Form.orEmpty(form.sign()))
                .with("allowed", BenchWords.SIGNS_OF_STEP.words()));
        boolean read = kind == BenchEvent.Kind.READ;
        Instrument instrument = Arrays.stream(Instrument.values())
                .filter(i -> i.name().equals(form.note()))
                .findFirst()
                .orElse(null);
        checks.require(!read || instrument != null, () -> Refusal.of(MessageCode.UNKNOWN_CHOICE, "note", form.note())
                .with("allowed", Arrays.toString(Instrument.values())));
        if (read && instrument != null) {
            checks.within(
                    "value",
                    BenchWords.A_READING.words(),
                    form.value(),
                    instrument.low(),
                    instrument.high(),
                    instrument.unit());
        }
        checks.orThrow();
        Optional<Stretch> where = form.fromMm() == null || form.toMm() == null
                ? Optional.empty()
                : Optional.of(new Stretch(form.fromMm(), form.toMm()));
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
                displaced,
                form.station(),
                observed ? Optional.of(new Observation(sign, where)) : Optional.empty(),
                read && form.value() != null ? OptionalDouble.of(form.value()) : OptionalDouble.empty());
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
