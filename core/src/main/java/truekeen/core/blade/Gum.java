package truekeen.core.blade;

import truekeen.core.table.Prior;

/** How a steel clings to its burr. Workshop prior. */
public enum Gum {
    /** From 60 HRC: the burr is brittle. */
    BRITTLE(0.5),
    /** Most steels. */
    USUAL(1),
    /** Soft stainless: the burr bends and stays. */
    GUMMY(2);

    private static final double BRITTLE_HRC = Prior.BURR_BRITTLE_HRC.value();

    private final double times;

    Gum(double times) {
        this.times = times;
    }

    /** How many times as much burr as usual grows. */
    double times() {
        return times;
    }

    /** By hardness, and whether it is a soft stainless steel. */
    public static Gum of(double hrc, boolean softStainless) {
        return softStainless ? GUMMY : hrc >= BRITTLE_HRC ? BRITTLE : USUAL;
    }
}
