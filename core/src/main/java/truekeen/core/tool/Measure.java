package truekeen.core.tool;

/** What a dimension is measured in. */
public enum Measure {
    /** Millimetres. */
    LENGTH(" mm"),
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
}
