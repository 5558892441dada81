package truekeen.core.advice;

import java.util.List;
import truekeen.core.message.InWords;

/**
 * A number that a person acts on, with what it came from.
 *
 * @param label what it is
 * @param value the number, in {@code unit}
 * @param low least to be expected; the value itself where it is exact
 * @param high most to be expected
 * @param unit its unit
 * @param formula what stands behind it
 * @param given what it was computed from
 * @param evidence how good it is: "exact for these inputs", "first estimate"
 * @param changes what would change it
 */
public record Advice(
        String label,
        double value,
        double low,
        double high,
        String unit,
        Formula formula,
        List<Given> given,
        String evidence,
        String changes) {

    /**
     * One input.
     *
     * @param name what it is
     * @param value it, with its unit
     */
    public record Given(String name, String value) {
        /** Marks the decimals of a value that was computed, as {@link InWords} says. */
        public Given {
            value = InWords.value(value);
        }
    }

    /** An advice that is as exact as its inputs. */
    public static Advice exact(
            String label, double value, String unit, Formula formula, List<Given> given, String changes) {
        return new Advice(label, value, value, value, unit, formula, given, Evidence.EXACT.words(), changes);
    }

    /** An estimate that spreads by a factor either way, one standard deviation. */
    public static Advice estimate(
            String label,
            double value,
            double spread,
            String unit,
            Formula formula,
            List<Given> given,
            String changes) {
        return new Advice(
                label,
                value,
                value / spread,
                value * spread,
                unit,
                formula,
                given,
                Evidence.FIRST_ESTIMATE.words(),
                changes);
    }
}
