package truekeen.app.training;

import truekeen.core.message.Wording;

/** What training speaks of. */
enum TrainingWords implements Wording {
    GRADE("A grade"),
    PERSON("Who practises"),
    ACTS("A round"),
    ROUND("What the round is called by"),
    AN_ACT("What is done, and how hard,");

    private final String words;

    TrainingWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
