package truekeen.core.machine;

import truekeen.core.table.Prior;

/**
 * What a machine is run over: the same hours wear an edge differently. Shares are workshop priors.
 */
public enum Ground {
    CLEAN("clean", Prior.GROUND_CLEAN),
    STONY("stony", Prior.GROUND_STONY),
    SANDY("sandy", Prior.GROUND_SANDY);

    private final String words;
    private final double wear;

    Ground(String words, Prior wear) {
        this.words = words;
        this.wear = wear.value();
    }

    /** What it is called. */
    public String words() {
        return words;
    }

    /** Wear of an hour on it, in hours on clean ground. */
    public double wear() {
        return wear;
    }
}
