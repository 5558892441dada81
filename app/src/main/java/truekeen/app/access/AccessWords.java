package truekeen.app.access;

import truekeen.core.message.Wording;

/** Who may open the shop, in words. */
enum AccessWords implements Wording {
    NAMELESS("a device"),
    WAIT("{minutes} min");

    private final String words;

    AccessWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
