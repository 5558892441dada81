package truekeen.core.holding;

import java.util.List;
import java.util.function.DoubleUnaryOperator;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;
import truekeen.core.quantity.Angle;

/**
 * What the hand sets to hold an angle.
 *
 * @param name what is set: projection, gap, tilt below level…
 * @param unit mm or degrees
 * @param value the number to set
 * @param angle the angle it holds, in the convention of the tool
 * @param degreesPerUnit change of angle for one unit more (°)
 * @param where where to measure it, in words
 * @param formula what stands behind it
 * @param given what it was computed from
 * @param changes what would change it
 * @param asides further figures that go with it
 * @param checks what to look at before the first stroke
 * @param scheme the drawing
 */
public record Setting(
        String name,
        Unit unit,
        double value,
        Angle angle,
        double degreesPerUnit,
        String where,
        Formula formula,
        List<Advice.Given> given,
        String changes,
        List<Aside> asides,
        List<String> checks,
        Scheme scheme) {
    private static final double STEP = 1e-6;

    /** What a setting is measured in, and how finely a hand sets it (workshop prior). */
    public enum Unit {
        MM("mm", 0.5, "Half a millimetre"),
        DEGREES("°", 0.5, "Half a degree");

        private final String symbol;
        private final double step;
        private final String stepWords;

        Unit(String symbol, double step, String stepWords) {
            this.symbol = symbol;
            this.step = step;
            this.stepWords = stepWords;
        }

        /** Its symbol. */
        public String symbol() {
            return symbol;
        }

        /** The unit as it stands behind a number in a sentence. */
        public String behindANumber() {
            return this == MM ? InWords.MM : symbol;
        }

        /** How finely a hand sets it, in the unit. */
        public double step() {
            return step;
        }
    }

    /** A figure beside the setting. */
    public record Aside(String label, double value, String unit, Formula formula, String words) {}

    /** Keeps the lists from changing. */
    public Setting {
        given = List.copyOf(given);
        asides = List.copyOf(asides);
        checks = List.copyOf(checks);
    }

    /** The same angle with the number left as it stands, by what is done instead. */
    Setting leftAt(double standing, String instead, Scheme drawn) {
        return new Setting(
                name, unit, standing, angle, degreesPerUnit, instead, formula, given, changes, asides, checks, drawn);
    }

    /** What an error of the hand does to the angle (°). */
    public double degreesPerStep() {
        return Math.abs(degreesPerUnit) * unit.step();
    }

    /** That in words. */
    public String tolerance() {
        return HoldingWords.STEP_AT_THE_EDGE.fill(
                "step", unit.stepWords, "degrees", Numbers.plain(degreesPerStep(), 2));
    }

    /** The number with its unit, as it is set. */
    public String words() {
        return Numbers.plain(value, unit == Unit.MM ? 2 : 1) + unit.behindANumber();
    }

    /** Degrees for one unit of a setting whose value is a function of the angle (rad). */
    static double slope(DoubleUnaryOperator valueOfRadians, Angle at) {
        double up = valueOfRadians.applyAsDouble(at.radians() + STEP);
        double down = valueOfRadians.applyAsDouble(at.radians() - STEP);
        return Math.toDegrees(2 * STEP) / (up - down);
    }
}
