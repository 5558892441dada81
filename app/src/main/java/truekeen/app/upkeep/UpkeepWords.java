package truekeen.app.upkeep;

import truekeen.core.message.Wording;

/** What upkeep says beside the core's words. */
enum UpkeepWords implements Wording {
    AN_AMOUNT("An amount of use"),
    A_PERSON("A name"),
    A_RUNG("A touch-up"),
    STROKES("A count of strokes"),
    A_READING("A reading"),
    STILL_WANTED(
            "A curve wants readings after {least} different amounts of use. A test by force at the bench is the first; read it again after some work."),
    USED("Used: {amount} {unit}"),
    READ_IN_USE("Read in use: {grams} g, {index} of a new utility blade"),
    TOUCHED_UP("{rung}: it came back"),
    TOUCHED_UP_IN_VAIN("{rung}: it did not come back"),
    STROKES_TAKEN("{strokes} strokes"),
    THE_NOTE("A note"),
    BRITTLE_TIP("Its tip is still brittle from its making: {left} sharpenings to go. Light strokes, no steel rod."),
    FOR_NEXT_TIME("For next time: {words}"),
    DONE_SINCE("Done."),
    FROM_TO("Index {before} before, {after} after");

    private final String words;

    UpkeepWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
