package truekeen.app.board;

import truekeen.core.message.Wording;

/** What is said of tools as they hang on the rack. */
enum BoardWords implements Wording {
    ITS_TOOLS("{count} of its tools, those deleted lately among them"),
    ANOTHER_OWNER("Another owner"),
    OWNERS("an owner of the shop's list");

    private final String words;

    BoardWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
