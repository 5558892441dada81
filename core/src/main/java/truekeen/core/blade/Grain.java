package truekeen.core.blade;

import truekeen.core.table.Prior;

/**
 * What an abrasive does to an edge.
 *
 * @param wear area it takes for each N of force and mm of way, over a mm of edge (mm²/N)
 * @param d50Um median size of its grain (µm)
 * @param scratchUm how deep its scratches are (µm)
 * @param strop whether it is a strop: it leads no burr on
 */
public record Grain(double wear, double d50Um, double scratchUm, boolean strop) {
    private static final double LEAST_ROOT_UM = Prior.BURR_LEAST_ROOT_UM.value();
    private static final double ROOT_OF_GRAIN = Prior.BURR_ROOT_OF_GRAIN.value();
    private static final double STROP_ROOT_UM = Prior.BURR_STROP_ROOT_UM.value();

    /** Refuses what wears or scratches by less than nothing. */
    public Grain {
        if (wear < 0 || d50Um <= 0 || scratchUm < 0) {
            throw new IllegalArgumentException("an abrasive of less than nothing");
        }
    }

    /** How thick the root of a burr is that it draws (µm). */
    double rootUm() {
        return strop ? STROP_ROOT_UM : Math.max(LEAST_ROOT_UM, ROOT_OF_GRAIN * d50Um);
    }
}
