package truekeen.core.tool;

/** What can be done to the geometry of a blade, where its family allows it. */
public enum Operation {
    SECONDARY("a secondary bevel"),
    BACK_BEVEL("a back bevel"),
    HOLLOW("hollow grinding"),
    CAMBER("camber"),
    CONVEX("a convex bevel"),
    THINNING("thinning behind the edge"),
    FLATTEN_BACK("flattening the back"),
    STRAIGHTENING("straightening, heating or welding");

    private final String words;

    Operation(String words) {
        this.words = words;
    }

    /** What it is called. */
    public String words() {
        return words;
    }
}
