package truekeen.app.board;

/** Where a tool stands as a whole. */
public enum Standing {
    TAKEN_IN("taken in"),
    SURVEYED("surveyed"),
    PLANNED("planned"),
    AT_BENCH("at the bench"),
    TO_BE_BALANCED("to be balanced"),
    TO_BE_TESTED("to be tested"),
    TO_BE_LOGGED("keen, to be logged"),
    READY("ready"),
    REJECTED("rejected"),
    UNREADABLE("an older record that cannot be read");

    private final String words;

    Standing(String words) {
        this.words = words;
    }

    /** Whether something was begun that is not finished. */
    boolean begun() {
        return switch (this) {
            case SURVEYED, PLANNED, AT_BENCH, TO_BE_BALANCED, TO_BE_TESTED, TO_BE_LOGGED -> true;
            case TAKEN_IN, READY, REJECTED, UNREADABLE -> false;
        };
    }

    /** It in words. */
    public String words() {
        return words;
    }
}
