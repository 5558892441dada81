package truekeen.core.steel;

import java.util.OptionalDouble;
import truekeen.core.quantity.Angle;
import truekeen.core.table.Prior;

/**
 * A class of steel by standard designation.
 *
 * @param name the class, such as "low-alloy tool steel"; its key
 * @param examples designations in it
 * @param hardness usual hardness, as a range in HRC, or empty
 * @param resistanceOxide resistance to abrasion by oxide grain, plain carbon steel being 1
 * @param resistanceSuper the same by diamond and boron nitride
 * @param temperLimitC where its temper begins to be drawn (°C)
 * @param lowestPerSide lowest sound last bevel of a symmetric edge, from the mid-plane
 * @param lowestFromBack lowest sound last bevel of a flat-back tool, from the back
 * @param conductivityWmK thermal conductivity (W/m·K)
 * @param note what to know about it
 * @param rusting how soon it rusts
 */
public record SteelClass(
        String name,
        String examples,
        String hardness,
        double resistanceOxide,
        double resistanceSuper,
        double temperLimitC,
        Angle lowestPerSide,
        Angle lowestFromBack,
        double conductivityWmK,
        String note,
        Rusting rusting) {
    /** How soon a steel rusts. */
    public enum Rusting {
        /** Overnight, where it is wet. */
        FAST,
        /** Where water stays on it. */
        SLOW,
        /** Only where salt or acid dries on it. */
        STAINLESS
    }

    private static final double DEG_PER_HRC_ABOVE = Prior.STEEL_CLASS_DEG_PER_HRC_ABOVE.value();
    private static final double DEG_PER_HRC_BELOW = Prior.STEEL_CLASS_DEG_PER_HRC_BELOW.value();
    private static final double MOST_DEG = Prior.STEEL_CLASS_MOST_DEG.value();

    /** Least usual hardness (HRC), if the class has a range. */
    public OptionalDouble hardnessLow() {
        return hardness.isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(Double.parseDouble(hardness.split("-")[0]));
    }

    /** Greatest usual hardness (HRC), if the class has a range. */
    public OptionalDouble hardnessHigh() {
        return hardness.isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(Double.parseDouble(hardness.split("-")[1]));
    }

    /**
     * What a blade outside the usual hardness of its class asks for on top of the lowest sound bevel: one degree for each
     * HRC above, where it chips, half a degree for each below, where it rolls; four degrees at most. Source: workshop
     * prior.
     *
     * @param hrc hardness of the blade, if it is known
     */
    public Angle hardnessAllowance(OptionalDouble hrc) {
        if (hrc.isEmpty() || hardness.isEmpty()) {
            return Angle.ZERO;
        }
        double above = Math.max(0, hrc.getAsDouble() - hardnessHigh().getAsDouble()) * DEG_PER_HRC_ABOVE;
        double below = Math.max(0, hardnessLow().getAsDouble() - hrc.getAsDouble()) * DEG_PER_HRC_BELOW;
        return Angle.ofDegrees(Math.min(MOST_DEG, above + below));
    }
}
