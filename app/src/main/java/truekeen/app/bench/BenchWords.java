package truekeen.app.bench;

import truekeen.core.message.Wording;

/** What a session is told as, and what its parts are called. */
enum BenchWords implements Wording {
    EVENTS_AT_ONCE("events at once"),
    TEST_THE_EDGE("Test the edge"),
    NO_NAME("no name given"),
    KEY_OF_DEVICE("The device's own key"),
    A_NAME("A name"),
    WHAT_IS_TIMED("What is timed"),
    WHAT_FOR("What it is for"),
    A_TIME("A time"),
    TIMES_AT_ONCE("times at once"),
    A_NOTE("A note"),
    SIGNS_OF_STEP("the signs of the step"),
    A_READING("A reading"),
    NOT_COUNTED(", not counted"),
    SKIPPED(", skipped: {why}"),
    AT_THE_BENCH("At the bench"),
    WORKED("Worked at the bench");

    private final String words;

    BenchWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
