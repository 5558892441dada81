package truekeen.core.steel;

import truekeen.core.quantity.Angle;

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
        String note) {}
