package truekeen.core.bench;

/** Times that run beside the work, whatever step is in hand. Usual times are a workshop prior. */
public enum BenchTimer {
    SOAK("soak", 5 * 60, "Soft coarse stones drink; finest stones are only splashed."),
    DRY("dry", 10 * 60, "Dry before it is oiled, above all in the corner of the back."),
    OIL("oil cures", 12 * 3600, "A curing oil wants air and a night; its rags dry flat.");

    private final String words;
    private final int usualSeconds;
    private final String why;

    BenchTimer(String words, int usualSeconds, String why) {
        this.words = words;
        this.usualSeconds = usualSeconds;
        this.why = why;
    }

    /** What it times. */
    public String words() {
        return words;
    }

    /** How long it usually takes (s). */
    public int usualSeconds() {
        return usualSeconds;
    }

    /** Why it takes that time. */
    public String why() {
        return why;
    }
}
