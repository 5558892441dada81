package truekeen.core.progression;

import truekeen.core.table.Prior;

/**
 * The grain a job is to end on. A preference: the best a shelf can do is always an answer.
 *
 * @param finestUm finest grain worth ending on (µm)
 * @param usualUm usual one (µm)
 * @param coarsestUm coarsest one (µm)
 */
public record FinishWindow(double finestUm, double usualUm, double coarsestUm) {
    private static final double COARSER = Prior.FINISH_BEHIND_EDGE.value();

    /** Whether a grain lies within. */
    public boolean holds(double d50Um) {
        return d50Um >= finestUm && d50Um <= coarsestUm;
    }

    /** A window for a face behind the edge, that need not end as fine: up to the coarsest of this one and half as much again. */
    public FinishWindow coarser() {
        return new FinishWindow(usualUm, coarsestUm, COARSER * coarsestUm);
    }

    /** How far a grain is from the usual one, as a logarithm. */
    public double distance(double d50Um) {
        return Math.abs(Math.log(d50Um / usualUm));
    }
}
