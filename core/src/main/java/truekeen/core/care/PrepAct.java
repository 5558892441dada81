package truekeen.core.care;

/**
 * One thing to do to the kit.
 *
 * @param kind what
 * @param abrasiveId the piece it is done to; empty for the tool
 * @param abrasiveName its name
 * @param toolName what it is done with, or empty
 * @param seconds how long it takes, hands on or waiting (s), an estimate
 * @param waits whether that time passes by itself
 * @param words the act, in the imperative
 * @param why why
 */
public record PrepAct(
        Kind kind,
        String abrasiveId,
        String abrasiveName,
        String toolName,
        double seconds,
        boolean waits,
        String words,
        String why) {

    /** What is done, in the order it is done in. */
    public enum Kind {
        SOAK,
        FLATTEN,
        DRESS,
        WET,
        DEGREASE,
        DRY_COMPOUND,
        LAY_OUT
    }
}
