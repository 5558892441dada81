package truekeen.app.hand;

import truekeen.core.message.Wording;

/** What stands out in a session, and what is asked of it. */
enum HandWords implements Wording {
    MORE_STROKES("took {times} times the strokes it is used to: is it glazed, clogged or worn?"),
    FEWER_STROKES("took {times} times fewer strokes than it is used to: freshly dressed, or not all counted?"),
    WHAT_IT_WAS("What it was"),
    STONE_GONE("a stone that is gone");

    private final String words;

    HandWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
