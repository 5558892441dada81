package truekeen.app.print;

import truekeen.core.message.Wording;

/** The words on a set-up's card. */
enum PrintWords implements Wording {
    TICKET_OWNER("Of: {owner}"),
    TICKET_CAME("Came in: {day}"),
    TICKET_WANTED("Wanted back: {day}"),
    TICKET_SAID("Said at the door: {note}"),
    TICKET_FOUND("Found: {marks}"),
    TICKET_MARK("{mark} at {from} to {to} mm"),
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
