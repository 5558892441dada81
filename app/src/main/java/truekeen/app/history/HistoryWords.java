package truekeen.app.history;

import truekeen.core.message.Wording;

/** What stands for a record that cannot be read. */
enum HistoryWords implements Wording {
    UNREADABLE("An older record that cannot be read"),
    KEPT_AS_IT_IS("It is kept as it is and stands in the file of the tool.");

    private final String words;

    HistoryWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
