package truekeen.app.plan;

import truekeen.core.message.Wording;

/** What the figures of a plan are called, and what goes with them. */
enum PlanWords implements Wording {
    WANTED_BY_PLAN("by the plan of the {tool}"),
    COULD_BE_SPARED("Half of this time and more could be spared."),
    TOO_MUCH_BY_HAND("Too much by hand: {strokes} strokes on the {stone}, {minutes} min on one job."),
    CARD_OF("{owner}, plan of {day}"),
    CARD_SET("{setting} {value}{unit}, for {angle}°"),
    CARD_ANGLE("at {angle}°"),
    CARD_STROKES("{range} strokes, {pressure}"),
    CARD_STROKES_A_SIDE("{range} strokes a side, {pressure}"),
    FIRST_ESTIMATE("first estimate"),
    FROM_SESSIONS("from {count}{sessions} or more on each stone"),
    TWO_IN_THREE("{evidence}: two sessions in three fall within the range"),
    TIME_AT_BENCH("time at the bench"),
    STEEL_TO_REMOVE("steel to remove"),
    RESETTINGS("re-settings of the guide"),
    TIME_CHANGES("What is on the shelf and how it stands; the survey; the angles."),
    STROKES_ON("strokes on the {stone}"),
    STEEL_HERE("steel to remove here"),
    RESISTANCE("resistance of the steel"),
    TIMES_PLAIN_CARBON("{steel} × plain carbon"),
    YOUR_HAND("your hand"),
    STROKES_CHANGE("Pressure, and what your own log teaches about this stone."),
    EVERY_EDGE_ALIKE("Every edge alike"),
    RATES_ARE_PRIORS("first estimate: rates are workshop priors"),
    POWERED_CHANGES("What is in the kit, and how far back the edge must go."),
    AN_ANSWER("An answer"),
    A_STROP("A strop"),
    A_JOB("A job"),
    STONE_GONE("a stone that is gone"),
    A_NAME("A name");

    private final String words;

    PlanWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
