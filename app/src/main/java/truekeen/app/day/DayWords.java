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
    THINGS_BROUGHT("A number of things"),
    A_REST("Minutes that a tool lies by itself"),
    A_FACTOR("How many times as long"),
    SOMEBODY("the bench"),
    TEST_AND_CLEAN("Test the edge, clean and oil it"),
    BY_HAND("by hand"),
    PROMISED("Promised: {tool}"),
    DUE("Look at it again: {tool}"),
    PLAN_ANEW("Plan it anew: {stone} is gone"),
    A_PIECE("what it was planned on"),
    OFF_THE_STONES("off the stones"),
    TESTS("test and clean"),
    BASIS_LEARNED(
            "Changing over takes {factor} times as long as usual at this bench ({low} to {high}), by {changes} changes of planned days."),
    HELD_AT("{holder} at {setting}"),
    WITH_STONE("{how}, {stone}"),
    SET_IT("Set the {holder}: {setting}."),
    LAY_DOWN("Lay down the {stone}."),
    FLATTEN_FIRST("Flatten the {stone} first."),
    CLEAN_FIRST("Wash hands, tools and bench: a finer stone follows."),
    BASIS_ORDER(
            "Promises come first, then an early end, then few changes of stone and setting, then tools that are ready soon."),
    BASIS_CHANGES(
            "Setting a guide counts {set} s, putting a tool in {clamp} s, another stone {change} s, washing before a finer one {clean} s, flattening {flatten} s: estimates."),
    BASIS_RANGE(
            "“From, to”: every count of strokes the least, or the most, that its plan expects, and whatever is no stroke up to {spread} times as quick or as slow. A gate that says no takes longer."),
    BASIS_BOUND(
            "“No order could end before”: all the work, with each stone laid down and each setting made no oftener than must be, or the longest tool, or the busiest stone."),
    MINUTES_OF_A_DAY("Minutes at the bench");

    private final String words;

    DayWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
