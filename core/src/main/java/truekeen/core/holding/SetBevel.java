package truekeen.core.holding;

/** Which of a tool's bevels something is set for. */
public enum SetBevel {
    PRIMARY("primary"),
    SECONDARY("secondary"),
    /** The one bevel of a tool that has no secondary. */
    ONLY("bevel");

    private final String words;

    SetBevel(String words) {
        this.words = words;
    }

    /** What it is called at the bench. */
    public String words() {
        return words;
    }
}
