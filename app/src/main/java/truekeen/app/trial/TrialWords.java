package truekeen.app.trial;

import truekeen.core.message.Wording;

/** What the forms of trials are called. */
enum TrialWords implements Wording {
    THE_NAME("What the trial is called"),
    THE_QUESTION("The question"),
    A_WAY("A name for this way"),
    THE_UNIT("What use is counted in"),
    EVERY("Use between two readings"),
    TIMES("How often it is read"),
    STATIONS("Places along the edge"),
    ROUNDS("Rounds"),
    A_READING("The reading"),
    A_PERSON("Who reads"),
    STROKES("Strokes"),
    WHY_IT_ENDED("Why it is read no further"),
    AN_EDGE("edge of this trial"),
    A_CHECKPOINT("checkpoint of this trial"),
    COVERED("covered"),
    TRIAL_OF("Trial of {day}"),
    A_USE("“use” is a number from 0"),
    A_FORCE("“grams” is a number from 1 to {most}"),
    A_STATION("“station” is a whole number from 1 to {most}"),
    AN_EDGE_NAME("“edge” names the edge, in at most {most} letters"),
    A_WAY_NAME("“way” names its way, in at most {most} letters"),
    ONE_WAY("edge “{edge}” has two ways"),
    READ_TWICE("edge “{edge}” is read twice at {use}, place {station}"),
    SETTLED_BY("“{trial}”: {says}");

    private final String words;

    TrialWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
