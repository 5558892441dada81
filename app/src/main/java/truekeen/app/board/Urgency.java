package truekeen.app.board;

import java.time.LocalDate;
import java.util.Optional;

/** How soon somebody must see to a tool, the soonest first. */
public enum Urgency {
    AT_BENCH("At the bench"),
    LATE("Promised for a day that is past"),
    TODAY("Wanted today"),
    DUE("Due for a look"),
    WANTED("Wanted by a day"),
    WAITING("Waiting, no day set"),
    READY("Ready"),
    REJECTED("Rejected: not to be fitted"),
    AWAY("With its owner, not done"),
    RETIRED("Out of use");

    private final String words;

    Urgency(String words) {
        this.words = words;
    }

    /** It in words. */
    public String words() {
        return words;
    }

    /** Whether it is in the shop or at its work, and not with its owner undone or out of use. */
    boolean here() {
        return this != AWAY && this != RETIRED;
    }

    /** Whether a person who asks what to do now is shown it. */
    boolean presses() {
        return compareTo(WAITING) <= 0;
    }

    /**
     * How soon a tool must be seen to.
     *
     * @param wantedBy day it is wanted back
     * @param nextCheck day it is looked at again, of one that is ready
     */
    static Urgency of(StandingRow row, Optional<LocalDate> wantedBy, Optional<LocalDate> nextCheck, LocalDate today) {
        if (row.retired) {
            return RETIRED;
        }
        if (row.away) {
            return AWAY;
        }
        if (row.sessionId != null) {
            return AT_BENCH;
        }
        if (row.standing == Standing.REJECTED) {
            return REJECTED;
        }
        if (row.ready) {
            return nextCheck.filter(day -> !day.isAfter(today)).isPresent() ? DUE : READY;
        }
        return wantedBy.map(day -> day.isBefore(today) ? LATE : day.equals(today) ? TODAY : WANTED)
                .orElse(WAITING);
    }
}
