package truekeen.core.message;

import java.util.regex.Pattern;

/**
 * How figures stand in a sentence. A quantity is the number, a narrow no-break space, the unit; behind the decimal point
 * of a figure stands a joiner without width. Both tell what was computed ("28.8 mm") from what a person wrote ("3.5 mm
 * gouge", with a common space and a bare point): only the first is put into another unit where a shop picked one, and
 * only the first gets the decimal sign of its reader.
 *
 * <p>Not robust: a value that fills a place counts as computed where it is nothing but figures and units; a tool that is
 * called "3.5" and nothing else would be read as one.
 */
public final class InWords {
    /** What stands between a computed number and its unit. */
    public static final char GAP = '\u202f';

    /** Millimetres, behind a number. */
    public static final String MM = GAP + "mm";

    /** Square millimetres, behind a number. */
    public static final String MM2 = GAP + "mm²";

    /** Cubic millimetres, behind a number. */
    public static final String MM3 = GAP + "mm³";

    /** Grams, behind a number. */
    public static final String G = GAP + "g";

    /** Newtons, behind a number. */
    public static final String N = GAP + "N";

    private static final String UNIT = " (?=(?:mm³/s|mm³|mm²|g·mm|mm|N|g)(?![\\p{L}\\p{N}·²³/]))";
    private static final Pattern AFTER_A_PLACE = Pattern.compile("(?<=[}])" + UNIT);
    private static final Pattern AFTER_A_FIGURE = Pattern.compile("(?<=[0-9}])" + UNIT);

    /** Behind the decimal point of what was computed. */
    public static final char JOINER = '\u2060';

    /** A decimal point of something computed. */
    public static final String POINT = "." + JOINER;

    private static final Pattern DECIMAL = Pattern.compile("(?<=[0-9])[.](?=[0-9])");
    private static final Pattern COMPUTED = Pattern.compile("(?:[0-9., –×±−+/²³%°()·-]|" + GAP
            + "|(?<![a-zµ])(?:to|and|µm|mm|min|s|h|N|g|m|C|kg|oz|in|times)(?![a-zµ]))*");

    private InWords() {}

    /** A value that fills a place: where it is nothing but figures and units, its decimal points are marked. */
    public static String value(Object value) {
        String text = String.valueOf(value);
        return text.indexOf('.') >= 0 && COMPUTED.matcher(text).matches() ? figures(text) : text;
    }

    /** A text that is all computed, its decimal points marked. */
    public static String figures(String text) {
        return DECIMAL.matcher(text).replaceAll(POINT);
    }

    /** A sentence with places to fill: units are set off from the places before them. */
    static String places(String words) {
        return AFTER_A_PLACE.matcher(words).replaceAll(String.valueOf(GAP));
    }

    /** The same; figures that stand in the sentence itself are quantities too. */
    public static String placesAndFigures(String words) {
        return figures(AFTER_A_FIGURE.matcher(words).replaceAll(String.valueOf(GAP)));
    }
}
