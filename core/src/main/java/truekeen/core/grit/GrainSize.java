package truekeen.core.grit;

/**
 * The median grain of an abrasive.
 *
 * @param d50Um median grain size (µm), positive
 * @param evidence where the size comes from
 */
public record GrainSize(double d50Um, Evidence evidence) {
    /** How good the size is. */
    public enum Evidence {
        /** A row of the standard's table. */
        TABLE,
        /** Between two rows of the standard's table. */
        INTERPOLATED,
        /** Beyond the standard's first or last row: a guess until the maker's figure is entered. */
        EXTRAPOLATED,
        /** The maker's own figure, which wins over the table. */
        MAKER
    }

    /** Whether the size is a guess that a maker's figure should replace. */
    public boolean guessed() {
        return evidence == Evidence.EXTRAPOLATED;
    }
}
