package truekeen.app.board;

/** How a stage of the work stands. */
public enum StageState {
    DONE,
    /** The work stands here. */
    HERE,
    WAITING,
    SKIPPED
}
