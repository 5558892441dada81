package truekeen.core.condition;

import truekeen.core.table.Prior;

/**
 * What one sharpening takes off the length, repairs among them: the prior, worth five sharpenings, with the losses that
 * somebody measured on this very tool. A plan's own prediction is no measurement. Source: derived here; the prior and its
 * spread are workshop priors.
 *
 * @param mm mean loss of a sharpening along the back (mm)
 * @param spread factor by which it may be off either way
 * @param measured sharpenings whose loss was measured
 */
public record MeanLoss(double mm, double spread, int measured) {
    private static final double PRIOR_MM = Prior.LOSS_PRIOR_MM.value();
    private static final double PRIOR_WORTH = Prior.LOSS_PRIOR_WORTH.value();
    private static final double LOG_SPREAD = Prior.LOSS_LOG_SPREAD.value();
    private static final double SPREAD_HALVES_BY = Prior.LOSS_SPREAD_HALVES_BY.value();

    /** Nothing measured yet. */
    public static final MeanLoss FIRST = of(0, 0);

    /**
     * The mean loss of a tool: {@code (5·0.05 + Σ)/(5 + n)}, ×/÷ {@code exp(0.9/√(1 + n/3))}.
     *
     * @param lostMm what measured sharpenings took in all (mm), not negative
     * @param sharpenings how many they were
     */
    public static MeanLoss of(double lostMm, int sharpenings) {
        return new MeanLoss(
                (PRIOR_WORTH * PRIOR_MM + Math.max(0, lostMm)) / (PRIOR_WORTH + sharpenings),
                Math.exp(LOG_SPREAD / Math.sqrt(1 + sharpenings / SPREAD_HALVES_BY)),
                sharpenings);
    }

    /** Sharpenings that a recession lasts for (mm): likely, least and most. */
    public Sharpenings in(double recessionMm) {
        double likely = Math.max(0, recessionMm) / mm;
        return new Sharpenings(likely, likely / spread, likely * spread);
    }

    /**
     * A number of sharpenings, an estimate.
     *
     * @param likely the number
     * @param low least to be expected
     * @param high most to be expected
     */
    public record Sharpenings(double likely, double low, double high) {
        /** From this number on more is longer than anyone will need. */
        public static final int MANY = Prior.SHARPENINGS_MANY.whole();

        /** Whether the number is beyond what anyone will need, so that words say it better. */
        public boolean many() {
            return likely > MANY;
        }
    }
}
