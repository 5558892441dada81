package truekeen.core.keenness;

import truekeen.core.table.Prior;

/**
 * How the keenness index comes from the radius of the apex, and that from the scratches that reach it: index = 0.25 + 1.875ρ,
 * ρ = √(ρ_a² + ρ_g²), ρ_a = 0.05 + 0.3·s (µm). Plausible priors of the brief; real readings decide.
 */
public final class ApexKeenness {
    private static final double INDEX_AT_NONE = Prior.KEENNESS_INDEX_AT_NONE.value();
    private static final double INDEX_PER_UM = Prior.KEENNESS_INDEX_PER_UM.value();
    private static final double LEAST_RADIUS_UM = Prior.APEX_LEAST_RADIUS_UM.value();
    private static final double RADIUS_OF_SCRATCH = Prior.APEX_RADIUS_OF_SCRATCH.value();

    private ApexKeenness() {}

    /** Keenness index of an apex of a radius (µm); lower is keener. */
    public static double index(double radiusUm) {
        return INDEX_AT_NONE + INDEX_PER_UM * radiusUm;
    }

    /** Radius of an apex of a keenness index (µm); 0 for an index that none is as keen as. */
    public static double radiusUm(double index) {
        return Math.max(0, (index - INDEX_AT_NONE) / INDEX_PER_UM);
    }

    /** Radius of an apex that scratches of a depth reach, all else perfect (µm). */
    public static double scratchedUm(double scratchUm) {
        return LEAST_RADIUS_UM + RADIUS_OF_SCRATCH * scratchUm;
    }

    /** Depth of scratches that leave room for what else blunts an apex of a keenness index (µm). */
    public static double deepestScratchUm(double index) {
        double radius = Prior.SCRATCHES_SHARE_OF_APEX.value() * radiusUm(index);
        return Math.max(0, (radius - LEAST_RADIUS_UM) / RADIUS_OF_SCRATCH);
    }
}
