package truekeen.core.tool;

import truekeen.core.message.InWords;

/** What a dimension is measured in. */
public enum Measure {
    /** Millimetres. */
    LENGTH(InWords.MM),
    /** Degrees. */
    ANGLE("°"),
    /** A whole number. */
    COUNT("");

    private final String unit;

    Measure(String unit) {
        this.unit = unit;
    }

    /** The unit as it is put behind a number. */
    public String unit() {
        return unit;
    }

    /** The unit as a person types it behind a number, with a common space: a field's text is nobody's sentence. */
    public String typed() {
        return unit.replace(InWords.GAP, ' ');
    }
}
