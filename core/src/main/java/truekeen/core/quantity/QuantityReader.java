package truekeen.core.quantity;

import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;

/**
 * Reads what a person types for a length or an angle.
 *
 * <p>Length: {@code 24}, {@code 0.8 mm}, {@code 2.4 cm}, {@code 1/32"}, {@code 1 1/2 in}, {@code 1-1/2"}, {@code 30
 * thou}, {@code 35 µm}; without a unit it is millimetres. Angle: {@code 25}, {@code 12.5°}, {@code 12.5 deg}, {@code
 * 12° 30'}. A comma is taken for the decimal sign, except where exactly three digits follow it ("1,500"): that is asked
 * about, not guessed.
 */
public final class QuantityReader {
    private static final String NUMBER = "[+-]?(?:\\d+(?:[.,]\\d*)?|[.,]\\d+)";
    private static final String UNIT = "\\s*([\\p{L}µ°\"″”]*)\\.?";
    private static final Pattern LENGTH = Pattern.compile("(" + NUMBER + ")" + UNIT);

    /** A fraction, or a whole number and a fraction with a space or a dash between them: 1/32, 1 1/2, 1-1/2. */
    private static final Pattern FRACTION =
            Pattern.compile("(?:([+-]?\\d+)(?:\\s+|\\s*-\\s*))?([+-]?\\d+)\\s*/\\s*(\\d+)" + UNIT);

    private static final Pattern ANGLE = Pattern.compile(
            "(" + NUMBER + ")\\s*(°|º|deg|degs|degree|degrees)?(?:\\s*(\\d+(?:\\.\\d+)?)\\s*(?:'|′|min))?");
    private static final Pattern THOUSANDS = Pattern.compile("[+-]?[1-9]\\d{0,2},\\d{3}(?!\\d).*");
    private static final Map<String, Double> MM_PER_UNIT = Map.ofEntries(
            Map.entry("", 1.0),
            Map.entry("mm", 1.0),
            Map.entry("cm", 10.0),
            Map.entry("m", 1000.0),
            Map.entry("µm", 0.001),
            Map.entry("um", 0.001),
            Map.entry("micron", 0.001),
            Map.entry("microns", 0.001),
            Map.entry("in", 25.4),
            Map.entry("inch", 25.4),
            Map.entry("inches", 25.4),
            Map.entry("\"", 25.4),
            Map.entry("thou", 0.0254),
            Map.entry("mil", 0.0254),
            Map.entry("mils", 0.0254));

    private static final Pattern MASS = Pattern.compile("(" + NUMBER + ")\\s*([\\p{L}]*)");
    private static final Map<String, Double> GRAMS_PER_UNIT = Map.of(
            "", 1.0, "g", 1.0, "kg", 1000.0, "oz", ShownUnits.GRAMS_PER_OUNCE, "lb", 16 * ShownUnits.GRAMS_PER_OUNCE);

    private QuantityReader() {}

    /**
     * Reads a length.
     *
     * @param field the name of the field it was typed in, carried by the refusal
     * @param typed what was typed
     * @return the length, of any sign and size: limits are the business of what the length is for
     * @throws RefusedException when it is empty, unreadable, ambiguous, or in a unit that is no length
     */
    public static Length length(String field, String typed) {
        String text = tidy(field, typed, MessageCode.LENGTH_EMPTY);
        Matcher fraction = FRACTION.matcher(text);
        if (fraction.matches()) {
            double part = Double.parseDouble(fraction.group(2)) / divisor(field, typed, fraction.group(3));
            double whole = fraction.group(1) == null ? 0 : Double.parseDouble(fraction.group(1));
            double value = whole < 0 ? whole - part : whole + part;
            return Length.ofMm(value * unit(field, typed, fraction.group(4)));
        }
        Matcher match = LENGTH.matcher(text);
        if (!match.matches()) {
            throw refuse(MessageCode.LENGTH_UNREADABLE, field, typed);
        }
        return Length.ofMm(decimal(match.group(1)) * unit(field, typed, match.group(2)));
    }

    /**
     * Reads an angle.
     *
     * @param field the name of the field it was typed in, carried by the refusal
     * @param typed what was typed
     * @return the angle, of any sign and size
     * @throws RefusedException when it is empty, unreadable, ambiguous, or in a unit that is no angle
     */
    public static Angle angle(String field, String typed) {
        String text = tidy(field, typed, MessageCode.ANGLE_EMPTY);
        Matcher match = ANGLE.matcher(text);
        if (!match.matches()) {
            throw refuse(MessageCode.ANGLE_UNREADABLE, field, typed);
        }
        double degrees = decimal(match.group(1));
        if (match.group(3) != null) {
            double part = Double.parseDouble(match.group(3)) / 60;
            degrees += degrees < 0 ? -part : part;
        }
        return Angle.ofDegrees(degrees);
    }

    /** Reads a plain number (grams, counts); the same rules for the comma as above, no unit but the one given. */
    public static double number(String field, String typed, String unit) {
        String text = tidy(field, typed, MessageCode.NUMBER_UNREADABLE);
        if (!unit.isEmpty() && text.endsWith(unit)) {
            text = text.substring(0, text.length() - unit.length()).strip();
        }
        if (!text.matches(NUMBER) || text.length() > 30) {
            throw refuse(MessageCode.NUMBER_UNREADABLE, field, typed);
        }
        return decimal(text);
    }

    /**
     * Reads a mass, or what a scale shows: {@code 120}, {@code 120 g}, {@code 1.2 kg}, {@code 4.2 oz}; without a unit it
     * is grams.
     *
     * @return grams, of any sign and size
     * @throws RefusedException when it is empty, unreadable, ambiguous, or in a unit that is no mass
     */
    public static double grams(String field, String typed) {
        String text = tidy(field, typed, MessageCode.NUMBER_UNREADABLE);
        Matcher match = MASS.matcher(text);
        if (!match.matches()) {
            throw refuse(MessageCode.NUMBER_UNREADABLE, field, typed);
        }
        Double factor = GRAMS_PER_UNIT.get(match.group(2));
        if (factor == null) {
            throw refuse(MessageCode.MASS_UNIT, field, typed);
        }
        return decimal(match.group(1)) * factor;
    }

    private static String tidy(String field, String typed, MessageCode whenEmpty) {
        String text = typed == null
                ? ""
                : typed.replace(InWords.GAP, ' ')
                        .replace(InWords.POINT, ".")
                        .replace('\u00a0', ' ')
                        .strip()
                        .toLowerCase(Locale.ROOT);
        text = text.replace('\u2212', '-')
                .replace('\u03bc', '\u00b5')
                .replaceAll("[″”]|''", "\"")
                .replaceAll("\\s+(bare|full)$", "");
        if (text.isEmpty()) {
            throw refuse(whenEmpty, field, "");
        }
        if (text.length() > 40) {
            throw refuse(MessageCode.TOO_LONG_TO_READ, field, text.substring(0, 40) + "…");
        }
        if (THOUSANDS.matcher(text).matches()) {
            String digits = text.replaceAll("[^0-9,].*$", "");
            throw new RefusedException(Refusal.of(MessageCode.NUMBER_AMBIGUOUS, field, typed)
                    .with("small", "“" + digits.replace(',', '.') + "”")
                    .with("large", "“" + digits.replace(",", "") + "”"));
        }
        return text;
    }

    private static double decimal(String number) {
        return Double.parseDouble(number.replace(',', '.'));
    }

    private static double divisor(String field, String typed, String digits) {
        double divisor = Double.parseDouble(digits);
        if (divisor == 0) {
            throw refuse(MessageCode.LENGTH_UNREADABLE, field, typed);
        }
        return divisor;
    }

    private static double unit(String field, String typed, String unit) {
        Double factor = MM_PER_UNIT.get(unit);
        if (factor == null) {
            throw refuse(MessageCode.LENGTH_UNIT, field, typed);
        }
        return factor;
    }

    private static RefusedException refuse(MessageCode code, String field, String typed) {
        return new RefusedException(Refusal.of(code, field, typed));
    }
}
