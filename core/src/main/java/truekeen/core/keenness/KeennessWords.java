package truekeen.core.keenness;

import truekeen.core.message.Wording;

/** What the measures of an edge test are called. */
enum KeennessWords implements Wording {
    READING("A reading"),
    STATION("A station");

    private final String words;

    KeennessWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
