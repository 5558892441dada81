package truekeen.core.tool;

/**
 * One thing that is measured on a tool at the door.
 *
 * @param field its key, the same in every form, table and drawing
 * @param label what it is called
 * @param measure what it is measured in
 * @param needed whether the geometry cannot do without it
 * @param low least believable value (mm, ° or count): it catches a slip of the unit, not a taste
 * @param high most believable value
 * @param where how and where to measure it
 */
public record Dimension(
        String field, String label, Measure measure, boolean needed, double low, double high, String where) {

    /** A length in mm that must be given. */
    public static Dimension length(String field, String label, double low, double high, String where) {
        return new Dimension(field, label, Measure.LENGTH, true, low, high, where);
    }

    /** An angle in degrees that must be given. */
    public static Dimension angle(String field, String label, double low, double high, String where) {
        return new Dimension(field, label, Measure.ANGLE, true, low, high, where);
    }

    /** A whole number that must be given. */
    public static Dimension count(String field, String label, double low, double high, String where) {
        return new Dimension(field, label, Measure.COUNT, true, low, high, where);
    }

    /** The same dimension, for tools that may be without it. */
    public Dimension ifAny() {
        return new Dimension(field, label, measure, false, low, high, where);
    }
}
