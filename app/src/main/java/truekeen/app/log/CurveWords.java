package truekeen.app.log;

import truekeen.app.history.DatedFigure;
import truekeen.core.message.Wording;

/** What the curves of a log are called, and what each is looked at for. */
enum CurveWords implements Wording {
    KEENNESS("Keenness, force against a new blade", "Lower is keener; the mark is what the work needs."),
    STROKES("Strokes of a session", "The bar is what the plan foresaw: far above it, the stone or the angle is off."),
    LENGTH("Length left, mm", "Each sharpening takes a little; a steep step was a repair."),
    ANGLE("Last bevel, degrees", "It creeps up where each set-up adds a little."),
    SQUARENESS("Out of square, degrees", "The same side each time is a habit of the hand or the guide."),
    HOURS("Hours run, each entry", "What the due day is worked out from.");

    private final String words;
    private final String says;

    CurveWords(String words, String says) {
        this.words = words;
        this.says = says;
    }

    static CurveWords of(DatedFigure.Kind kind) {
        return valueOf(kind.name());
    }

    @Override
    public String words() {
        return words;
    }

    /** What it is looked at for. */
    String says() {
        return says;
    }
}
