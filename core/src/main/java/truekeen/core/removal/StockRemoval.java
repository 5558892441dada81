package truekeen.core.removal;

import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveClass;
import truekeen.core.steel.SteelClass;
import truekeen.core.table.Prior;

/**
 * Archard and Preston: a stroke takes {@code k·F·ℓ}. The specific wear k is a workshop prior, so every figure that
 * comes out of here is an estimate with a spread.
 */
public final class StockRemoval {
    /** The grain the priors were taken at (µm). */
    private static final double REFERENCE_GRAIN_UM = Prior.STOCK_REMOVAL_REFERENCE_GRAIN_UM.value();

    private static final double GRAIN_EXPONENT = Prior.STOCK_REMOVAL_GRAIN_EXPONENT.value();
    private static final double SCRATCH_SHARE = Prior.SCRATCH_SHARE.value();
    private static final double COARSEST_UM = Prior.STOCK_REMOVAL_COARSEST_UM.value();

    private StockRemoval() {}

    /**
     * Specific wear of an abrasive on a steel (mm²/N): {@code k₀·(min(d50, 100)/11.5)^0.7 / resistance}, less as it
     * wears out. Coarser cuts faster up to the critical size of grain, from which on it levels off.
     *
     * @throws IllegalArgumentException for one that is not worked in strokes or does not cut
     */
    public static double specificWear(Abrasive abrasive, SteelClass steel) {
        double k0 = abrasive.kind()
                .specificWear()
                .orElseThrow(() -> new IllegalArgumentException(abrasive.kind().key() + " goes by volume in time"));
        double bite = 1 - Prior.WORN_BITE.value() * abrasive.state().worn();
        double grains = Math.min(abrasive.d50Um(), COARSEST_UM) / REFERENCE_GRAIN_UM;
        return bite * k0 * Math.pow(grains, GRAIN_EXPONENT) / resistance(abrasive, steel);
    }

    /** Volume one stroke takes (mm³) under so much force (N). */
    public static double perStroke(Abrasive abrasive, SteelClass steel, double forceN) {
        return perStroke(abrasive, steel, forceN, abrasive.strokeMm());
    }

    /** Volume one stroke takes (mm³) under so much force (N) over a sliding distance (mm): {@code k·F·ℓ}. */
    public static double perStroke(Abrasive abrasive, SteelClass steel, double forceN, double slidingMm) {
        return specificWear(abrasive, steel) * forceN * slidingMm;
    }

    /** Strokes that a volume takes (mm³) under so much force (N), as the log taught of the hand; not whole. */
    public static double strokes(Abrasive abrasive, SteelClass steel, double forceN, double volumeMm3) {
        return volumeMm3
                / perStroke(abrasive, steel, forceN)
                * abrasive.effort().factor();
    }

    /**
     * Volume that goes until scratches of a depth (µm) are gone from an area (mm²), in mm³: only a share of the depth lies
     * between the mean plane of the face and its valleys.
     */
    public static double replacingMm3(double scratchUm, double areaMm2) {
        return SCRATCH_SHARE * scratchUm / 1000 * areaMm2;
    }

    /** Resistance of a steel to the grain of an abrasive. */
    public static double resistance(Abrasive abrasive, SteelClass steel) {
        return abrasive.grain() == AbrasiveClass.SUPER ? steel.resistanceSuper() : steel.resistanceOxide();
    }

    /**
     * The factor by which the next session's strokes spread either way while nothing has been learned: one standard
     * deviation, {@code exp √(0.6² + 0.35²)}, about 2.
     */
    public static double firstEstimateSpread() {
        return Abrasive.Effort.FIRST.spread();
    }
}
