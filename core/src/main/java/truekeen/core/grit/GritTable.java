package truekeen.core.grit;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.QuantityReader;
import truekeen.core.table.TableReader;

/**
 * From a grit name to micrometres. Between two rows of a standard the logarithm of the grain size is linear in the
 * logarithm of the number; a name beyond its standard's first or last row is carried on from the two end rows and
 * flagged as a guess. Rows that the table itself marks as extrapolated are not rows of the standard.
 */
public final class GritTable {
    private static final Pattern NAME = Pattern.compile("([P#F]?)\\s*(\\d{1,6}(?:\\.\\d{1,4})?)");
    private static final Pattern RANGE = Pattern.compile(
            "(\\d+(?:[.,]\\d+)?)\\s*(?:[-–—]|to)\\s*(\\d+(?:[.,]\\d+)?)\\s*(?:µm|um|microns?)?",
            Pattern.CASE_INSENSITIVE);
    private static final double SMALLEST_UM = 0.01;
    private static final double LARGEST_UM = 3000;
    private static final double FAR_OFF = 1.5;

    /**
     * One row.
     *
     * @param standard its standard
     * @param number the number in its name
     * @param d50Um its median grain (µm)
     */
    public record Entry(GritStandard standard, double number, double d50Um) {}

    private static final List<Entry> ENTRIES = TableReader.rows("grits").stream()
            .filter(row -> row.number("extrapolated") == 0)
            .map(row -> new Entry(
                    GritStandard.byKey(row.text("standard")).orElseThrow(),
                    Double.parseDouble(row.text("name").replaceAll("[P#F]", "")),
                    row.number("d50_um")))
            .sorted(Comparator.comparing(Entry::standard).thenComparing(Entry::number))
            .toList();

    private GritTable() {}

    /**
     * The grain size of a name.
     *
     * @param field the field the name was typed in
     * @param standard the naming standard
     * @param name the name, with or without its prefix: {@code P120}, {@code #1000}, {@code 400}
     * @throws RefusedException when the name does not read as a grade of the standard, or has the prefix of another
     */
    public static GrainSize grain(String field, GritStandard standard, String name) {
        if (standard == GritStandard.MICRON
                && name != null
                && RANGE.matcher(name.strip()).matches()) {
            return fromMaker(field, name);
        }
        Matcher match = NAME.matcher(name == null ? "" : name.strip().toUpperCase(Locale.ROOT));
        if (!match.matches() || !standard.takes(match.group(1)) || Double.parseDouble(match.group(2)) <= 0) {
            throw new RefusedException(
                    Refusal.of(MessageCode.GRIT_UNKNOWN, field, name).with("what", standard.key()));
        }
        double number = Double.parseDouble(match.group(2));
        if (standard == GritStandard.MICRON) {
            return sized(field, number, GrainSize.Evidence.MAKER);
        }
        List<Entry> rows = ENTRIES.stream().filter(e -> e.standard == standard).toList();
        for (Entry row : rows) {
            if (row.number == number) {
                return new GrainSize(row.d50Um, GrainSize.Evidence.TABLE);
            }
        }
        int above = 0;
        while (above < rows.size() && rows.get(above).number < number) {
            above++;
        }
        boolean beyond = above == 0 || above == rows.size();
        int upper = Math.min(Math.max(above, 1), rows.size() - 1);
        double size = logLinear(rows.get(upper - 1), rows.get(upper), number);
        return sized(field, size, beyond ? GrainSize.Evidence.EXTRAPOLATED : GrainSize.Evidence.INTERPOLATED);
    }

    /** The grade of a standard whose grain is nearest by ratio; none where it is more than half as far off again. */
    public static Optional<Entry> nearest(GritStandard standard, double d50Um) {
        return ENTRIES.stream()
                .filter(e -> e.standard == standard)
                .min(Comparator.comparingDouble(e -> Math.abs(Math.log(e.d50Um / d50Um))))
                .filter(e -> Math.abs(Math.log(e.d50Um / d50Um)) <= Math.log(FAR_OFF));
    }

    /**
     * The maker's own micrometres as typed: a number, or a range such as {@code 7–5 µm}, of which the middle counts.
     *
     * @throws RefusedException when it does not read as either, or is not believable
     */
    public static GrainSize fromMaker(String field, String typed) {
        Matcher range = RANGE.matcher(typed.strip());
        if (!range.matches()) {
            return fromMaker(field, QuantityReader.number(field, typed.replace("um", "µm"), "µm"));
        }
        double one = fromMaker(field, QuantityReader.number(field, range.group(1), "µm"))
                .d50Um();
        double other = fromMaker(field, QuantityReader.number(field, range.group(2), "µm"))
                .d50Um();
        return fromMaker(field, (one + other) / 2);
    }

    /** The maker's own micrometres, checked to be believable. */
    public static GrainSize fromMaker(String field, double d50Um) {
        return sized(field, d50Um, GrainSize.Evidence.MAKER);
    }

    private static GrainSize sized(String field, double d50Um, GrainSize.Evidence evidence) {
        if (!(d50Um >= SMALLEST_UM && d50Um <= LARGEST_UM)) {
            throw new RefusedException(Refusal.of(MessageCode.GRIT_BAD, field, d50Um + " µm")
                    .with("low", SMALLEST_UM + " µm")
                    .with("high", LARGEST_UM + " µm"));
        }
        return new GrainSize(d50Um, evidence);
    }

    private static double logLinear(Entry a, Entry b, double number) {
        double share = (Math.log(number) - Math.log(a.number)) / (Math.log(b.number) - Math.log(a.number));
        return Math.exp(Math.log(a.d50Um) + share * (Math.log(b.d50Um) - Math.log(a.d50Um)));
    }
}
