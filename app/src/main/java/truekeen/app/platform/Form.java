package truekeen.app.platform;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.quantity.QuantityReader;

/** Reads the fields of a form, echoing what was understood and collecting every fault. */
public final class Form {
    private final Checks checks = new Checks();
    private final Map<String, String> echoes = new LinkedHashMap<>();

    /** The faults so far. */
    public Checks checks() {
        return checks;
    }

    /** What was understood of each field that could be read. */
    public Map<String, String> echoes() {
        return echoes;
    }

    /** A length that must be given; null when it could not be read, the fault being noted. */
    public Length length(String field, String typed) {
        Length length = checks.attempt(() -> QuantityReader.length(field, typed));
        if (length != null) {
            echoes.put(field, length.toString());
        }
        return length;
    }

    /** An angle that must be given; null when it could not be read, the fault being noted. */
    public Angle angle(String field, String typed) {
        Angle angle = checks.attempt(() -> QuantityReader.angle(field, typed));
        if (angle != null) {
            echoes.put(field, angle.toString());
        }
        return angle;
    }

    /** A length that may be left empty. */
    public Optional<Length> lengthIfAny(String field, String typed) {
        return blank(typed) ? Optional.empty() : Optional.ofNullable(length(field, typed));
    }

    /** An angle that may be left empty. */
    public Optional<Angle> angleIfAny(String field, String typed) {
        return blank(typed) ? Optional.empty() : Optional.ofNullable(angle(field, typed));
    }

    /** A day (ISO) between two; empty with the fault noted where it is none, or lies outside them. */
    public Optional<LocalDate> day(String field, String typed, LocalDate low, LocalDate high) {
        try {
            LocalDate day = LocalDate.parse(orEmpty(typed).strip());
            if (!day.isBefore(low) && !day.isAfter(high)) {
                return Optional.of(day);
            }
        } catch (DateTimeParseException notADay) {
            // Refused below, like a day that lies outside.
        }
        checks.refuse(Refusal.of(MessageCode.DATE_RANGE, field, typed)
                .with("low", low)
                .with("high", high));
        return Optional.empty();
    }

    /** A choice out of those allowed, or null with the fault noted. */
    public <T> T choice(String field, String what, String given, Optional<T> found, String allowed) {
        if (found.isEmpty()) {
            checks.refuse(
                    blank(given)
                            ? Refusal.of(MessageCode.EMPTY, field, "").with("what", what)
                            : Refusal.of(MessageCode.UNKNOWN_CHOICE, field, given)
                                    .with("allowed", allowed));
        }
        return found.orElse(null);
    }

    /** One of an enumeration, by its name as it travels, or null with the fault noted. */
    public <E extends Enum<E>> E oneOf(String field, String what, String given, Class<E> among) {
        return oneOf(field, what, given, List.of(among.getEnumConstants()));
    }

    /** One of those of an enumeration that may stand here, by its name as it travels, or null with the fault noted. */
    public <E extends Enum<E>> E oneOf(String field, String what, String given, List<E> among) {
        return choice(
                field,
                what,
                given,
                among.stream().filter(e -> e.name().equals(given)).findFirst(),
                among.stream().map(Enum::name).collect(Collectors.joining(", ")));
    }

    /** Whether a text is missing or only blanks. */
    public static boolean blank(String text) {
        return text == null || text.isBlank();
    }

    /** The text, or empty where it is missing. */
    public static String orEmpty(String text) {
        return text == null ? "" : text;
    }

    /** A refusal for something that is not there. */
    public static RefusedException notFound(String what, Object id) {
        return new RefusedException(
                Refusal.of(MessageCode.NOT_FOUND, "", String.valueOf(id)).with("what", what));
    }

    /** The id in a text, or a refusal as not found. */
    public static UUID id(String what, String text) {
        try {
            return UUID.fromString(orEmpty(text));
        } catch (IllegalArgumentException notAnId) {
            throw notFound(what, text);
        }
    }

    /** Refuses a change that was based on another version. */
    public static void sameVersion(long now, long based) {
        if (now != based) {
            throw new RefusedException(Refusal.of(MessageCode.CHANGED_MEANWHILE, "", based));
        }
    }
}
