package truekeen.app.ink;

import truekeen.core.message.Wording;

/** What an ink check asks for, and what its figures are called. */
enum InkWords implements Wording {
    WHAT_THEY_WERE_TO_DO("What the strokes were to do"),
    A_STEP("A step"),
    A_PLACE("A place"),
    ON_AT("on the {stone} at "),
    A_BAND("A band"),
    NUMBER_OF_STROKES("A number of strokes"),
    STROKES_SINCE("strokes since inking"),
    INKED_BEVEL("inked bevel"),
    CLEAN_BAND("clean band"),
    AS_TAPPED("as tapped, to a third of the bevel"),
    OFF_BY("off by"),
    STROKES_ARE_ESTIMATED("Evidence: what these strokes take is a first estimate, ×/÷ {spread}"),
    NARROW_THE_RANGE("A band that was measured, and more strokes, narrow the range.");

    private final String words;

    InkWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
