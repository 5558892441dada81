package truekeen.app.day;

import truekeen.core.message.Wording;

/** What the day says beside the core's words. */
enum DayWords implements Wording {
    A_NAME("A name"),
    A_TOOL("A tool to work on"),
    PERSON("person"),
    PEOPLE("people"),
    TOOLS("tools of one day"),
    A_TIME("A time of day"),
    A_FACTOR("How many times as long"),
    SOMEBODY("the bench"),
    TEST_AND_CLEAN("Test the edge, clean and oil it"),
    BY_HAND("by hand"),
    PROMISED("Promised: {tool}"),
    DUE("Look at it again: {tool}"),
    OFF_THE_STONES("off the stones"),
    AT_ANGLE("{holder} at {angle}°"),
    WITH_STONE("{how}, {stone}"),
    SET_IT("Set the {holder} to {angle}°."),
    LAY_DOWN("Lay down the {stone}."),
    FLATTEN_FIRST("Flatten the {stone} first."),
    CLEAN_FIRST("Wash hands, tools and bench: a finer stone follows.");

    private final String words;

    DayWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
