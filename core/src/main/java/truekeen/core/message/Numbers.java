package truekeen.core.message;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Printing of numbers for people: no needless zeros, a point for the decimal sign. */
public final class Numbers {
    private Numbers() {}

    /** The number with at most so many digits after the point, trailing zeros dropped. */
    public static String plain(double value, int mostDigits) {
        if (!Double.isFinite(value)) {
            return "no number";
        }
        BigDecimal rounded = BigDecimal.valueOf(value).setScale(mostDigits, RoundingMode.HALF_UP);
        return rounded.signum() == 0 ? "0" : rounded.stripTrailingZeros().toPlainString();
    }
}
