package truekeen.core.progression;

/**
 * The grain a job is to end on. A preference: the best a shelf can do is always an answer.
 *
 * @param finestUm finest grain worth ending on (µm)
 * @param usualUm usual one (µm)
 * @param coarsestUm coarsest one (µm)
 */
public record FinishWindow(double finestUm, double usualUm, double coarsestUm) {
    /** Whether a grain lies within. */
    public boolean holds(double d50Um) {
        return d50Um >= finestUm && d50Um <= coarsestUm;
    }

    /** How far a grain is from the usual one, as a logarithm. */
    public double distance(double d50Um) {
        return Math.abs(Math.log(d50Um / usualUm));
    }
}
