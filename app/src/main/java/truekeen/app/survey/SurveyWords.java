package truekeen.app.survey;

import truekeen.core.message.Wording;

/** What the figures of a survey are called, and what goes with them. */
enum SurveyWords implements Wording {
    BEHIND_AFTER("behind the edge afterwards"),
    BEHIND_NOW("behind the edge now"),
    BLADE_WIDTH("blade width"),
    EDGE_BEVEL("edge bevel"),
    A_SIDE("{angle} a side"),
    THINNED_FROM("thinned from"),
    THINNED_FROM_PRIOR("{limit} mm, workshop prior"),
    THINNING_BRINGS_BACK("Thinning the faces brings it back; each sharpening adds to it."),
    SHARPENINGS_LEFT("sharpenings left"),
    STEEL_LEFT("steel left"),
    EACH_TAKES("each takes"),
    REPAIR_COSTS_MANY("How much each sharpening takes: a repair costs many at once."),
    THINNING_NEEDED("thinning, needed afterwards"),
    THINNING_WHEN("thinning, when it wedges"),
    THINNING_RANGE("the least eases {relief} mm behind the edge, the most goes up to the spine"),
    LESS_NOW_LESS_LATER("Less off the edge now is less off the faces later."),
    SQUARING_WEDGE("the wedge that squaring takes"),
    OUT_OF_SQUARE("out of square"),
    OFF_THE_HIGH_CORNER("off the high corner"),
    SQUARING_CHANGES("Part of the steel that goes; leave it out of square and it stays."),
    NEW_EDGE("new edge"),
    NEW_EDGE_BEHIND("{behind} mm behind the foremost point"),
    LAST_BEVEL("last bevel"),
    OFF_THE_LENGTH("off the length"),
    DEEPEST_DECIDES("The deepest thing to be removed decides: leave it on purpose and the next one does."),
    STEEL_TO_REMOVE("steel to remove"),
    STEEL_CHANGES("Angles, thickness and everything marked on the strip."),
    HONINGS_BEFORE_REGRIND("honings before a re-grind"),
    MORE_THAN_ANYONE_NEEDS("more than {many}: longer than anyone will need"),
    LOG_KNOWS_BETTER("How much each honing takes: the log will know better."),
    SCOPE_STROP("Strop only"),
    SCOPE_FINE("Fine stone only"),
    SCOPE_FULL("Full honing"),
    VOLUME_AND_LENGTH("{volume} mm³ to remove, {lost} mm off the length"),
    MARK_DEEP(", {depth} mm deep"),
    MARK_BEHIND(", {behind} mm behind the edge"),
    LEFT_ON_PURPOSE(", left on purpose"),
    MARK_NEW("{what} is new"),
    MARK_DEEPER("{what} is deeper: {depths}"),
    MARK_LESS_DEEP("{what} is less deep: {depths}"),
    MARK_SAME("{what} is as it was"),
    MARK_GONE("{what} is gone"),
    DEPTH_THEN_NOW("{then} mm then, {now} mm now"),
    HOW_DULL("How dull it is"),
    STATE_OF_BACK("The state of the back"),
    HIGH_CORNER("Which corner is high"),
    HOW_IT_FARED("How the edge fared"),
    A_NAME("A name"),
    OLD_BACK_BEVEL("What becomes of the old back bevel"),
    HOW_MEASURED("How it was measured"),
    GAP_IS_ANGLE("{gap} over the width is {angle}"),
    WHAT_WAS_FOUND("What was found"),
    CORNER_AT_A_PLACE("A rounded corner that starts at a place"),
    LEFT_CORNER("the left corner"),
    RIGHT_CORNER("the right corner"),
    WHAT_CAME_OF_IT("What came of the edge"),
    A_LAST_BEVEL("A last bevel"),
    NUMBER_OF_OUTCOMES("A number of outcomes"),
    A_PLACE("A place");

    private final String words;

    SurveyWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
