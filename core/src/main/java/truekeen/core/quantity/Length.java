package truekeen.core.quantity;

import truekeen.core.message.Numbers;

/**
 * A length. Held in millimetres.
 *
 * @param mm the length (mm), finite; a negative length is an offset the other way
 */
public record Length(double mm) implements Comparable<Length> {
    /** Millimetres in an inch, by definition of the inch. */
    public static final double MM_PER_INCH = 25.4;

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

    @Override
    public int compareTo(Length other) {
        return Double.compare(mm, other.mm);
    }

    /** In millimetres to a thousandth, such as {@code 24 mm}. */
    @Override
    public String toString() {
        return Numbers.plain(mm, 3) + " mm";
    }
}
