package truekeen.app.units;

import truekeen.core.message.Wording;

/** What this package calls things. */
enum UnitsWords implements Wording {
    LENGTHS("A unit of length"),
    FORCES("A unit of force"),
    MASSES("A unit of mass");

    private final String words;

    UnitsWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
