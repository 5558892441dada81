package truekeen.core.message;

import java.util.regex.Pattern;

/**
 * How a quantity stands in a sentence: the number, a narrow no-break space, the unit. That space keeps both on one line,
 * and tells what was computed ("28.8 mm") from what a person wrote ("24 mm chisel", with a common space): only the first
 * is put into another unit where a shop picked one.
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

    private InWords() {}

    /** A sentence with places to fill: units are set off from the places before them. */
    static String places(String words) {
        return AFTER_A_PLACE.matcher(words).replaceAll(String.valueOf(GAP));
    }

    /** The same; figures that stand in the sentence itself are quantities too. */
    static String placesAndFigures(String words) {
        return AFTER_A_FIGURE.matcher(words).replaceAll(String.valueOf(GAP));
    }
}
