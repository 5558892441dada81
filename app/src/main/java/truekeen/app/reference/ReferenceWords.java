package truekeen.app.reference;

import truekeen.core.message.Wording;

/** What the Reference says of its own entries. */
enum ReferenceWords implements Wording {
    WORKSHOP_PRIOR("workshop prior"),
    SHELF_RULE("Shelf rule: {words}"),
    KEEPS_FROM_A_JOB("Keeps an abrasive from a job: {reason}."),
    TRIED_JUST_NOW("Tried on a case just now"),
    THE_ANSWER("the answer"),
    A_PROBLEM("a problem naming field, value and what is allowed");

    private final String words;

    ReferenceWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
