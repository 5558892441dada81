package truekeen.app.board;

/** The stages of the work, in their order, and where each is done. */
public enum Stage {
    TAKE_IN("Take in", "take-in"),
    MAKE_SAFE("Make safe", "machine"),
    INSPECT("Inspect", "inspect"),
    SURVEY("Survey", "survey"),
    ANGLE("Angle", "angle"),
    PLAN("Plan", "plan"),
    BENCH("Bench", "bench"),
    BALANCE("Balance", "balance"),
    TEST("Test", "test"),
    LOG("Log", "log");

    private final String words;
    private final String path;

    Stage(String words, String path) {
        this.words = words;
        this.path = path;
    }

    /** What it is called. */
    public String words() {
        return words;
    }

    /** Where it is done, under the address of its tool. */
    String path() {
        return path;
    }
}
