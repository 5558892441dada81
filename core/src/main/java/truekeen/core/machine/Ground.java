package truekeen.core.machine;

/**
 * What a machine is run over: the same hours wear an edge differently. Shares are workshop priors.
 */
public enum Ground {
    CLEAN("clean", 1),
    STONY("stony", 1.7),
    SANDY("sandy", 2.5);

    private final String words;
    private final double wear;

    Ground(String words, double wear) {
        this.words = words;
        this.wear = wear;
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
