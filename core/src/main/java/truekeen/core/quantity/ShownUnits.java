package truekeen.core.quantity;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;

/**
 * In what a shop reads what was measured and worked out. Everything is kept and computed in millimetres, newtons and
 * grams; this puts the quantities of a sentence into the shop's own units.
 *
 * <p>Not robust: the fineness of a figure is taken from its digits, so that "2 mm" that is known to the micrometre
 * becomes "79 thou", not "78.74 thou".
 *
 * @param lengths how lengths, areas and volumes are shown
 * @param forces how forces are shown
 * @param masses how masses are shown, and the readings of thread testers, which are scales
 */
public record ShownUnits(Lengths lengths, Forces forces, Masses masses) {
    /** How lengths are shown. */
    public enum Lengths {
        /** Millimetres. */
        MILLIMETRES,
        /** Decimal inches; below a tenth of an inch thousandths, which the trade calls thou. */
        INCHES,
        /** Inches in 64ths; below an eighth thou. A bit under the fraction is "bare", a bit over it "full". */
        INCH_FRACTIONS
    }

    /** How forces are shown. */
    public enum Forces {
        /** Newtons. */
        NEWTONS,
        /** Kilograms on a scale. */
        KILOGRAMS
    }

    /** How masses are shown. */
    public enum Masses {
        /** Grams. */
        GRAMS,
        /** Ounces (avoirdupois). */
        OUNCES
    }

    /** Millimetres, newtons and grams: as everything is kept. */
    public static final ShownUnits METRIC = new ShownUnits(Lengths.MILLIMETRES, Forces.NEWTONS, Masses.GRAMS);

    /** Grams in an ounce, by its definition as a sixteenth of 0.45359237 kg. */
    public static final double GRAMS_PER_OUNCE = 28.349523125;

    /** Newtons that a kilogram presses with on a scale (standard gravity, ISO 80000-3). */
    public static final double NEWTONS_PER_KILOGRAM = 9.80665;

    private static final double MM_PER_INCH = Length.MM_PER_INCH;
    private static final double DECIMALS_FROM_INCHES = 0.1;
    private static final double FRACTIONS_FROM_INCHES = 0.125;
    private static final int FINEST_FRACTION = 64;

    /** Of an area or a volume below this, thousandths are counted: nobody reads 0.0000644 in³. */
    private static final double SMALL = 0.01;

    private static final String THOUSANDTHS = "thousandths ";

    /** A length so far from its fraction (mm) is said to be bare or full. */
    private static final double ON_THE_FRACTION_MM = 0.05;

    /** What is one number stays on one line. */
    private static final String NO_BREAK = "\u00a0";

    private static final String NUMBER = "-?\\d+(?:\\." + InWords.JOINER + "?\\d+)?";
    private static final String BETWEEN = "–|\\sto\\s|\\s×\\s";
    private static final Pattern QUANTITY = Pattern.compile(
            "(" + NUMBER + ")((?:(?:" + BETWEEN + ")" + NUMBER + ")*)" + InWords.GAP + "(mm³/s|mm³|mm²|g·mm|mm|N|g)");
    private static final Pattern MORE = Pattern.compile("(" + BETWEEN + ")(" + NUMBER + ")");

    /** A number with its unit, as it is shown. */
    private record Shown(String number, String unit) {}

    /** A sentence with its computed quantities in these units, common spaces before them and points for decimals. */
    public String sentence(String words) {
        return sentence(words, '.');
    }

    /** The same with another decimal sign in what was computed; what a person wrote keeps its own. */
    public String sentence(String words, char decimalSign) {
        String said = words.indexOf(InWords.GAP) < 0 ? words : inUnits(words);
        return said.indexOf(InWords.JOINER) < 0
                ? said
                : said.replace(InWords.POINT, String.valueOf(decimalSign)).replace(String.valueOf(InWords.JOINER), "");
    }

    private String inUnits(String words) {
        Matcher quantity = QUANTITY.matcher(words);
        StringBuilder out = new StringBuilder();
        while (quantity.find()) {
            quantity.appendReplacement(out, Matcher.quoteReplacement(InWords.figures(shown(quantity))));
        }
        return quantity.appendTail(out).toString().replace(InWords.GAP, ' ');
    }

    private String shown(Matcher quantity) {
        String unit = quantity.group(3);
        StringBuilder out = new StringBuilder();
        Shown before = shown(quantity.group(1), unit);
        out.append(before.number);
        Matcher more = MORE.matcher(quantity.group(2));
        while (more.find()) {
            Shown next = shown(more.group(2), unit);
            if (!next.unit.equals(before.unit)) {
                out.append(' ').append(before.unit);
            }
            out.append(more.group(1)).append(next.number);
            before = next;
        }
        return out.append(' ').append(before.unit).toString();
    }

    private Shown shown(String computed, String unit) {
        String number = computed.replace(InWords.POINT, ".");
        double value = Double.parseDouble(number);
        int point = number.indexOf('.');
        int digits = point < 0 ? 0 : number.length() - point - 1;
        boolean metric = lengths == Lengths.MILLIMETRES;
        return switch (unit) {
            case "mm" -> metric ? new Shown(number, unit) : inches(value, digits);
            case "mm²" -> metric ? new Shown(number, unit) : inches(value, 2, "in²");
            case "mm³" -> metric ? new Shown(number, unit) : inches(value, 3, "in³");
            case "mm³/s" -> metric ? new Shown(number, unit) : inches(value, 3, "in³/s");
            case "g·mm" ->
                masses == Masses.GRAMS
                        ? new Shown(number, unit)
                        : new Shown(figures(value / GRAMS_PER_OUNCE / MM_PER_INCH), "oz·in");
            case "N" ->
                forces == Forces.NEWTONS
                        ? new Shown(number, unit)
                        : new Shown(Numbers.plain(value / NEWTONS_PER_KILOGRAM, digits + 1), "kg");
            default ->
                masses == Masses.GRAMS
                        ? new Shown(number, unit)
                        : new Shown(Numbers.plain(value / GRAMS_PER_OUNCE, Math.min(3, digits + 2)), "oz");
        };
    }

    private static Shown inches(double value, int power, String unit) {
        double inches = value / Math.pow(MM_PER_INCH, power);
        return inches != 0 && Math.abs(inches) < SMALL
                ? new Shown(figures(inches * 1000), THOUSANDTHS + unit)
                : new Shown(figures(inches), unit);
    }

    private Shown inches(double mm, int digits) {
        double inches = mm / MM_PER_INCH;
        double from = lengths == Lengths.INCHES ? DECIMALS_FROM_INCHES : FRACTIONS_FROM_INCHES;
        if (mm == 0) {
            return new Shown("0", "in");
        }
        if (Math.abs(inches) < from) {
            double thou = inches * 1000;
            int kept = Math.max(0, Math.min(2, digits - (Math.abs(thou) >= 10 ? 2 : 1)));
            return new Shown(Numbers.plain(thou, kept), "thou");
        }
        return lengths == Lengths.INCHES
                ? new Shown(Numbers.plain(inches, Math.min(3, digits + 2)), "in")
                : fraction(inches, digits);
    }

    private static Shown fraction(double inches, int digits) {
        long parts = Math.round(Math.abs(inches) * FINEST_FRACTION);
        double off = (Math.abs(inches) - (double) parts / FINEST_FRACTION) * MM_PER_INCH;
        String side = digits == 0 || Math.abs(off) <= ON_THE_FRACTION_MM ? "" : off < 0 ? " bare" : " full";
        long whole = parts / FINEST_FRACTION;
        long over = parts % FINEST_FRACTION;
        long divisor = over == 0 ? 1 : Long.lowestOneBit(over);
        String fraction = over == 0 ? "" : over / divisor + "/" + FINEST_FRACTION / divisor;
        String number = whole == 0 ? fraction : over == 0 ? String.valueOf(whole) : whole + NO_BREAK + fraction;
        return new Shown((inches < 0 ? "-" : "") + number, "in" + side);
    }

    /** Three figures. */
    private static String figures(double value) {
        int places = value == 0 ? 0 : Math.max(0, 2 - (int) Math.floor(Math.log10(Math.abs(value))));
        return Numbers.plain(value, places);
    }
}
