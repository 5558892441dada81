package truekeen.app.store;

import java.util.Optional;
import java.util.function.Function;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;

/**
 * What a JSON column holds: a value, or a text that cannot be read any more.
 *
 * @param value what was read; empty where it could not be
 * @param raw the column as it is stored; null where the column is null
 * @param <D> the domain type it is read as
 */
public record Stored<D>(Optional<D> value, String raw) {
    /** Whether something is stored that cannot be read. */
    public boolean unreadable() {
        return value.isEmpty() && raw != null;
    }

    /** The value, or another in its place where there is none or it cannot be read. */
    public D orElse(D other) {
        return value.orElse(other);
    }

    /**
     * The value.
     *
     * @param what what it is, in the words of the bench: "plan", "survey"
     * @throws RefusedException OLDER_RECORD where it cannot be read
     */
    public D orRefuse(String what) {
        return value.orElseThrow(() -> olderRecord(what));
    }

    /** The same, read as something else. */
    public <E> Stored<E> map(Function<D, E> reading) {
        return new Stored<>(value.map(reading), raw);
    }

    /** A refusal because a record cannot be read. */
    public static RefusedException olderRecord(String what) {
        return new RefusedException(Refusal.of(MessageCode.OLDER_RECORD, "", "").with("what", what));
    }
}
