package truekeen.core.abrasive;

import truekeen.core.message.Wording;

/** How well the speed of an abrasive is known. */
enum AbrasiveWords implements Wording {
    ONE_SESSION("from 1 of your sessions"),
    SESSIONS("from {sessions} of your sessions"),
    FIRST_ESTIMATE("first estimate"),
    FROM_ITS_KIND("first estimate for this stone, from {ofKind} on its kind or other steels");

    private final String words;

    AbrasiveWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
