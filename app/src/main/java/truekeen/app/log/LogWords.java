package truekeen.app.log;

import truekeen.core.message.Wording;

/** What is wrong with a list that is read in. */
enum LogWords implements Wording {
    LINES("Lines of a history"),
    A_NOTE("A note"),
    MORE_OF_IT("More of it"),
    AT_IS_A_DAY("“at” is a day such as 2026-03-14, or an instant."),
    AT_LIES_AHEAD("“at” lies ahead."),
    TITLE_NEEDED("A title is needed, of {most} characters at most."),
    TEXT_TOO_LONG("At most {most} characters of text.");

    private final String words;

    LogWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
