package truekeen.core.quantity;

import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;

/**
 * A length. Held in millimetres.
 *
 * @param mm the length (mm), finite; a negative length is an offset the other way
 */
public record Length(double mm) implements Comparable<Length> {
    /** Millimetres in an inch, by definition of the inch. */
    public static final double MM_PER_INCH = 25.4;

    /** No length. */
    public static final Length ZERO = new Length(0);

    /** Checks that the value is a number. */
    public Length {
        if (!Double.isFinite(mm)) {
            throw new IllegalArgumentException("a length must be finite: " + mm);
        }
    }

    /** The length of so many millimetres. */
    public static Length ofMm(double mm) {
        return new Length(mm);
    }

    /** The length of so many micrometres. */
    public static Length ofMicrometres(double micrometres) {
        return new Length(micrometres / 1000);
    }

    /** The length of so many inches. */
    public static Length ofInches(double inches) {
        return new Length(inches * MM_PER_INCH);
    }

    /** This length in micrometres. */
    public double micrometres() {
        return mm * 1000;
    }

    /** The sum of both. */
    public Length plus(Length other) {
        return new Length(mm + other.mm);
    }

    /** The difference of both; negative where the other is longer. */
    public Length minus(Length other) {
        return new Length(mm - other.mm);
    }

    /** So many times this length. */
    public Length times(double factor) {
        return new Length(mm * factor);
    }

    /** This length in so many parts; the divisor must not be zero. */
    public Length dividedBy(double parts) {
        return new Length(mm / parts);
    }

    /** How many times the other length this one is; the other must not be zero. */
    public double over(Length other) {
        return mm / other.mm;
    }

    /** The shorter of two lengths. */
    public static Length min(Length a, Length b) {
        return a.mm <= b.mm ? a : b;
    }

    /** The longer of two lengths. */
    public static Length max(Length a, Length b) {
        return a.mm >= b.mm ? a : b;
    }

    @Override
    public int compareTo(Length other) {
        return Double.compare(mm, other.mm);
    }

    /** In millimetres to a thousandth, such as {@code 24 mm}. */
    @Override
    public String toString() {
        return Numbers.plain(mm, 3) + InWords.MM;
    }
}
