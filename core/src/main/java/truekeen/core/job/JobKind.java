package truekeen.core.job;

/** The kinds of work on the faces of an edge, in the order in which they are done. */
public enum JobKind {
    BACK("The back"),
    THIN_RULE("The strip under the thin rule"),
    PRIMARY("The ground bevel"),
    BACK_BEVEL("The back bevel"),
    THINNING("The cheeks, thinned"),
    BROAD_FACE("The broad face"),
    CURVE("The whole curve"),
    SECONDARY("The honed bevel");

    private final String words;

    JobKind(String words) {
        this.words = words;
    }

    /** What the face is called. */
    public String words() {
        return words;
    }
}
