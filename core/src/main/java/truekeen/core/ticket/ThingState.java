package truekeen.core.ticket;

import java.time.Instant;
import java.util.Optional;

/** How far a thing on a ticket is. */
public enum ThingState {
    /** Nothing was done with it since it was brought. */
    WAITING,
    /** It was looked at, or is at the bench. */
    IN_WORK,
    /** It may not be worked: it goes back as it is. */
    REJECTED,
    /** It is done and lies there to be collected. */
    TO_COLLECT,
    /** It was handed over, done. */
    HANDED_OVER,
    /** It was taken back before it was done. */
    TAKEN_BACK;

    /** How a thing left the shop. */
    public enum Left {
        DONE,
        UNDONE
    }

    /** Whether it is still in the shop. */
    public boolean here() {
        return this != HANDED_OVER && this != TAKEN_BACK;
    }

    /** Whether it can be handed over, since nothing more is done with it. */
    public boolean goesOut() {
        return this == TO_COLLECT || this == REJECTED;
    }

    /**
     * The state of a thing.
     *
     * @param brought when it was brought
     * @param done when work on it was last finished, ever
     * @param begun whether something was begun that is not finished
     * @param rejected whether it may not be worked
     * @param left how it left, where it did
     */
    public static ThingState of(
            Instant brought, Optional<Instant> done, boolean begun, boolean rejected, Optional<Left> left) {
        if (left.isPresent()) {
            return left.get() == Left.DONE ? HANDED_OVER : TAKEN_BACK;
        }
        if (rejected) {
            return REJECTED;
        }
        if (begun) {
            return IN_WORK;
        }
        return done.filter(at -> at.isAfter(brought)).isPresent() ? TO_COLLECT : WAITING;
    }
}
