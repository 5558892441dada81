package truekeen.core.fault;

import truekeen.core.table.Prior;

/**
 * How often a remedy was tried here and how often the next test said that it worked.
 *
 * @param remedy its name
 * @param tried times that a test followed it
 * @param worked times that the fault was gone then
 */
public record RemedyRecord(String remedy, int tried, int worked) {
    /** Trials that the order of the table is worth: two, one of them a success. Prior. */
    private static final double PRIOR_TRIED = Prior.REMEDY_RECORD_PRIOR_TRIED.value();

    private static final double PRIOR_WORKED = Prior.REMEDY_RECORD_PRIOR_WORKED.value();

    /** A remedy that was never tried here. */
    public static RemedyRecord none(String remedy) {
        return new RemedyRecord(remedy, 0, 0);
    }

    /** Share of successes to be expected next time, the prior counted in; 0 to 1. Derived here. */
    public double expected() {
        return (worked + PRIOR_WORKED) / (tried + PRIOR_TRIED);
    }
}
