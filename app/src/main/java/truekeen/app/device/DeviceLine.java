package truekeen.app.device;

import java.util.Optional;
import java.util.OptionalDouble;
import truekeen.core.bench.Instrument;

/**
 * A line of what instruments say. {@code TRUEKEEN 1 kind name} greets; {@code V number value} is a live value,
 * {@code T number value} one that was taken on the instrument itself. Anything else is passed over.
 *
 * @param what the kind of line
 * @param number its running number
 * @param value in the instrument's own unit
 * @param name what the instrument calls itself, in a greeting
 */
record DeviceLine(What what, long number, double value, String name) {
    /** Longer lines are no lines of this protocol. */
    static final int LONGEST = 120;

    enum What {
        GREETING,
        VALUE,
        TAKEN
    }

    static Optional<DeviceLine> read(String line, Instrument of) {
        String[] parts = line.strip().split(" ", 4);
        if (line.length() > LONGEST || parts.length < 3) {
            return Optional.empty();
        }
        if (parts[0].equals("TRUEKEEN")) {
            boolean ours = parts[1].equals("1") && parts[2].equals(of.name());
            return ours
                    ? Optional.of(new DeviceLine(What.GREETING, 0, 0, parts.length > 3 ? parts[3] : ""))
                    : Optional.empty();
        }
        OptionalDouble value = number(parts[2]);
        OptionalDouble count = number(parts[1]);
        boolean known = parts[0].equals("V") || parts[0].equals("T");
        if (!known || value.isEmpty() || count.isEmpty()) {
            return Optional.empty();
        }
        double v = value.getAsDouble();
        return v < of.low() - 1 || v > of.high()
                ? Optional.empty()
                : Optional.of(new DeviceLine(
                        parts[0].equals("V") ? What.VALUE : What.TAKEN, (long) count.getAsDouble(), v, ""));
    }

    private static OptionalDouble number(String text) {
        try {
            double value = Double.parseDouble(text);
            return Double.isFinite(value) ? OptionalDouble.of(value) : OptionalDouble.empty();
        } catch (NumberFormatException unreadable) {
            return OptionalDouble.empty();
        }
    }
}
