package truekeen.core.tool;

import truekeen.core.message.Wording;

/** What the measures of a blade are called where one is refused. */
enum ToolWords implements Wording {
    SECONDARY_WIDTH("A secondary width"),
    BACK_BEVEL("back bevel"),
    LAST_BEVEL("last bevel");

    private final String words;

    ToolWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
