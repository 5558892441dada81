package truekeen.core.quantity;

import truekeen.core.message.Numbers;

/**
 * A plane angle. Held in radians, spoken in degrees.
 *
 * @param radians the angle (rad), finite
 */
public record Angle(double radians) implements Comparable<Angle> {
    /** No angle at all. */
    public static final Angle ZERO = new Angle(0);

    /** Checks that the value is a number. */
    public Angle {
        if (!Double.isFinite(radians)) {
            throw new IllegalArgumentException("an angle must be finite: " + radians);
        }
    }

    /** The angle of so many degrees; {@code degrees} must be finite. */
    public static Angle ofDegrees(double degrees) {
        return new Angle(Math.toRadians(degrees));
    }

    /** The angle of so many radians; {@code radians} must be finite. */
    public static Angle ofRadians(double radians) {
        return new Angle(radians);
    }

    /** This angle in degrees. */
    public double degrees() {
        return Math.toDegrees(radians);
    }

    /** Sine of this angle. */
    public double sin() {
        return Math.sin(radians);
    }

    /** Cosine of this angle. */
    public double cos() {
        return Math.cos(radians);
    }

    /** Tangent of this angle. */
    public double tan() {
        return Math.tan(radians);
    }

    /** Cotangent of this angle; the angle must not be zero. */
    public double cot() {
        return 1 / Math.tan(radians);
    }

    /** The sum of both. */
    public Angle plus(Angle other) {
        return new Angle(radians + other.radians);
    }

    /** The difference of both. */
    public Angle minus(Angle other) {
        return new Angle(radians - other.radians);
    }

    /** So many times this angle. */
    public Angle times(double factor) {
        return new Angle(radians * factor);
    }

    /** This angle in so many parts; the divisor must not be zero. */
    public Angle dividedBy(double parts) {
        return new Angle(radians / parts);
    }

    /** The angle whose sine is this; ±90° beyond ±1. */
    public static Angle asin(double sine) {
        return new Angle(Math.asin(Math.max(-1, Math.min(1, sine))));
    }

    /** The angle whose tangent is this. */
    public static Angle atan(double tangent) {
        return new Angle(Math.atan(tangent));
    }

    @Override
    public int compareTo(Angle other) {
        return Double.compare(radians, other.radians);
    }

    /** In degrees to a hundredth, such as {@code 25°} or {@code 22.35°}. */
    @Override
    public String toString() {
        return Numbers.plain(degrees(), 2) + "°";
    }

    /** The larger of two angles. */
    public static Angle max(Angle a, Angle b) {
        return a.radians >= b.radians ? a : b;
    }

    /** The smaller of two angles. */
    public static Angle min(Angle a, Angle b) {
        return a.radians <= b.radians ? a : b;
    }
}
