package truekeen.core.progression;

import java.util.OptionalDouble;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.keenness.ApexKeenness;
import truekeen.core.keenness.KeennessPurpose;
import truekeen.core.table.Prior;

/**
 * The grain a job is to end on. A preference: the best a shelf can do is always an answer.
 *
 * @param finestUm finest grain worth ending on (µm)
 * @param usualUm usual one (µm)
 * @param coarsestUm coarsest one (µm)
 * @param deepestUm depth of scratches at the apex (µm) up to which an edge can be as keen as its work wants; empty where that is
 *     not asked
 */
public record FinishWindow(double finestUm, double usualUm, double coarsestUm, OptionalDouble deepestUm) {
    private static final double COARSER = Prior.FINISH_BEHIND_EDGE.value();

    /** One that asks for no keenness. */
    public FinishWindow(double finestUm, double usualUm, double coarsestUm) {
        this(finestUm, usualUm, coarsestUm, OptionalDouble.empty());
    }

    /** The same, fine enough for what a purpose asks of the edge. */
    public FinishWindow fineEnoughFor(String purpose) {
        OptionalDouble index = KeennessPurpose.byName(purpose)
                .map(KeennessPurpose::indexTarget)
                .orElse(OptionalDouble.empty());
        return index.isEmpty()
                ? this
                : new FinishWindow(
                        finestUm,
                        usualUm,
                        coarsestUm,
                        OptionalDouble.of(ApexKeenness.deepestScratchUm(index.getAsDouble())));
    }

    /** Whether an edge can be as keen as its work wants with the scratches of a piece. */
    public boolean keen(Abrasive piece) {
        return deepestUm.isEmpty() || piece.scratchUm() <= deepestUm.getAsDouble();
    }

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
