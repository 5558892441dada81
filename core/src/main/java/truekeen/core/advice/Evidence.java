package truekeen.core.advice;

import truekeen.core.message.Wording;

/** How good a figure is. */
enum Evidence implements Wording {
    EXACT("exact for these inputs"),
    FIRST_ESTIMATE("first estimate: two sessions in three fall within the range");

    private final String words;

    Evidence(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
