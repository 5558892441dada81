package truekeen.app.print;

import truekeen.core.message.Wording;

/** The words on a set-up's card. */
enum PrintWords implements Wording {
    A_NOTCH("A notch"),
    LAST_BEVEL("last bevel"),
    BACK_BEVEL_OF("Back bevel {angle}."),
    CAMBER_OF("Camber {camber} mm below the sole."),
    MOVED_BY_INK("Moved {ink} by the ink check.");

    private final String words;

    PrintWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
