package truekeen.core.message;

import java.util.List;
import java.util.stream.Collectors;

/** Input that cannot be worked with, each fault named. Nothing was changed where this is thrown. */
public final class RefusedException extends RuntimeException {
    private final transient List<Refusal> refusals;

    /** One fault. */
    public RefusedException(Refusal refusal) {
        this(List.of(refusal));
    }

    /** Several faults, at least one. */
    public RefusedException(List<Refusal> refusals) {
        super(refusals.stream().map(Refusal::words).collect(Collectors.joining(" ")));
        this.refusals = List.copyOf(refusals);
    }

    /** The faults, in the order they were met. */
    public List<Refusal> refusals() {
        return refusals;
    }

    /** The same faults, all blamed on one field. */
    public RefusedException at(String field) {
        return new RefusedException(refusals.stream().map(r -> r.at(field)).toList());
    }
}
