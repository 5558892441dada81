package truekeen.core.holding;

import java.util.Locale;
import java.util.Optional;
import truekeen.core.message.Numbers;
import truekeen.core.quantity.Angle;

/**
 * A setting as a set-up remembers it.
 *
 * @param bevel the bevel it is for
 * @param angle the angle it holds, in the convention of the tool
 * @param label what is set: projection, gap, tilt
 * @param unit millimetres or degrees
 * @param value the number to set, in that unit
 * @param where where to measure it; empty on old ones
 * @param scheme the drawing; none on old ones
 */
public record SavedSetting(
        SetBevel bevel,
        Angle angle,
        String label,
        Setting.Unit unit,
        double value,
        String where,
        Optional<Scheme> scheme) {
    private static final double SAME_DEG = 1e-6;

    /** The setting of a bevel, to be remembered. */
    public static SavedSetting of(SetBevel bevel, Angle angle, Setting s) {
        return new SavedSetting(bevel, angle, s.name(), s.unit(), s.value(), s.where(), Optional.of(s.scheme()));
    }

    /** The angle and the number that gives it, such as "30°, projection 30.2 mm". */
    public String inWords() {
        return HoldingWords.ANGLE_AND_NUMBER.fill(
                "angle",
                Numbers.plain(angle.degrees(), 1),
                "label",
                label.toLowerCase(Locale.ROOT),
                "number",
                Numbers.plain(value, 1) + unit.behindANumber());
    }

    /** Whether it holds that angle. */
    public boolean holds(Angle wanted) {
        return Math.abs(angle.degrees() - wanted.degrees()) < SAME_DEG;
    }
}
