package truekeen.core.section;

import truekeen.core.quantity.Angle;

/**
 * One facet of an edge as it is cut, wherever along the blade the apex is to lie.
 *
 * @param facet what the fresh side is
 * @param upper whether it lies on the upper side; else it is the mirror image on the lower one
 * @param angle of the facet at the apex, from the line y = 0; of a hollow one its chord
 * @param form flat, hollow or convex
 */
public record BevelCut(Facet facet, boolean upper, Angle angle, Form form) {

    /** How the facet runs. */
    public sealed interface Form {}

    /**
     * A flat facet that ends above or below the line y = 0.
     *
     * @param riseMm how far (mm); zero at an apex
     */
    public record Flat(double riseMm) implements Form {}

    /**
     * A facet left hollow by a wheel, from the apex to a heel at that depth.
     *
     * @param radiusMm of the wheel
     * @param depthMm of the bevel through the thickness
     */
    public record Hollow(double radiusMm, double depthMm) implements Form {}

    /**
     * A facet that curves from the apex up to a place of the cheek which stays where it is.
     *
     * @param joinX place of the cheek along the blade (mm)
     * @param joinY its height over the mid-plane (mm)
     */
    public record Convex(double joinX, double joinY) implements Form {}

    /**
     * A flat facet on the far side that begins behind the edge and rises toward it: a back bevel.
     *
     * @param widthMm how far behind the edge it begins
     */
    public record Behind(double widthMm) implements Form {}

    static BevelCut flat(Facet facet, boolean upper, Angle angle) {
        return new BevelCut(facet, upper, angle, new Flat(0));
    }

    /** The cut that puts the apex at {@code apexX}. */
    public Cutter at(double apexX) {
        Cutter cut;
        if (form instanceof Hollow h) {
            double turn = Math.asin(h.depthMm / angle.sin() / 2 / h.radiusMm);
            cut = Cutter.bevel(apexX, 0, angle.minus(Angle.ofRadians(turn)), -1 / h.radiusMm);
        } else if (form instanceof Convex c) {
            double along = c.joinX - apexX;
            double chord = Math.atan2(c.joinY, along);
            // Once the edge has come so far back that the chord is as steep as the bevel, the bevel is flat.
            double bend = chord < angle.radians() && along > 0
                    ? 2 * Math.sin(angle.radians() - chord) / Math.hypot(along, c.joinY)
                    : 0;
            cut = Cutter.bevel(apexX, 0, angle, bend);
        } else if (form instanceof Behind b) {
            cut = Cutter.bevel(apexX + b.widthMm, angle);
        } else {
            cut = Cutter.bevel(apexX, ((Flat) form).riseMm, angle, 0);
        }
        return upper ? cut : cut.mirrored();
    }

    /** The flat line of the facet, without its hollow or round, for measuring depths from. */
    public Cutter chordAt(double apexX) {
        return form instanceof Hollow
                ? flat(facet, upper, angle).at(apexX)
                : form instanceof Convex ? new BevelCut(facet, upper, angle, new Flat(0)).at(apexX) : at(apexX);
    }
}
