package truekeen.app.board;

/** What comes next for a tool, and where it is done. */
public enum NextAct {
    SEE_REJECTION("See why it is rejected", "inspect"),
    MAKE_SAFE("Make the machine safe", "machine"),
    INSPECT("Inspect the blade", "inspect"),
    SURVEY("Survey the edge", "survey"),
    SURVEY_AGAIN("Survey it again", "survey"),
    ANGLE("Choose the angle", "angle"),
    PLAN("Plan the work", "plan"),
    START("Start at the bench", "bench"),
    GO_ON("Go on at the bench", ""),
    BALANCE("Hang it on the beam", "balance"),
    TEST("Test the edge", "test"),
    FINISH("Clean and refit it", "finish"),
    LOOK("Look at its record", "log");

    private final String words;
    private final String path;

    NextAct(String words, String path) {
        this.words = words;
        this.path = path;
    }

    /** It in words. */
    public String words() {
        return words;
    }

    /** Whether its steps are known and the hands can go on with them now. */
    boolean atBench() {
        return this == START || this == GO_ON || this == TEST || this == FINISH;
    }

    /** Where it is done, under the address of its tool; empty for the bench itself, which has its session's address. */
    String path() {
        return path;
    }
}
