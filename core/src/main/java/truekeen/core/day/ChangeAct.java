package truekeen.core.day;

/** What the hands do to change over from one task to the next, in the order in which they do it. */
public enum ChangeAct {
    /** Hands, tools and bench are washed: a finer stone follows a coarser one. */
    CLEAN,
    /** What holds the tool is set to another number. */
    SET,
    /** Another tool is put into it as it is set. */
    PUT_IN,
    /** The stone is flattened before its first use. */
    FLATTEN,
    /** Another stone is laid down. */
    LAY_DOWN;

    /** It as a bit, so that several are one number. */
    int bit() {
        return 1 << ordinal();
    }

    /** Whether it is among these. */
    boolean in(int acts) {
        return (acts & bit()) != 0;
    }
}
