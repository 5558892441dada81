package truekeen.core.progression;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.condition.Demand;
import truekeen.core.condition.Restoration;
import truekeen.core.job.Job;
import truekeen.core.job.JobKind;
import truekeen.core.job.Shaping;
import truekeen.core.removal.Filing;
import truekeen.core.setup.Camber;
import truekeen.core.steel.SteelClass;
import truekeen.core.table.Prior;
import truekeen.core.tool.GeometryKind;

/**
 * What the jobs of a tool ask of the stones.
 *
 * @param shelf everything owned, as it stands when a job begins
 * @param steel of the tool
 * @param kind its family
 * @param window grains that its work is content to end on
 * @param ask what is asked of the plan
 */
record StoneAsked(List<Abrasive> shelf, SteelClass steel, GeometryKind kind, FinishWindow window, PlanAsk ask) {
    /** What a job asks of the stones; of one that a machine has shaped only its scratches are left, where stones follow it. */
    StoneWork of(Job job, Restoration restoration, double scratchUm, boolean shaped) {
        StoneWork.Bevel bevel = job.edge() && ask.target().isPresent()
                ? new StoneWork.Bevel(
                        ask.target().get().last().degrees(), restoration.honedWidthMm(), thinAndHard(restoration))
                : StoneWork.Bevel.UNKNOWN;
        return new StoneWork(
                job.kind(),
                shaped ? Shaping.none(job.refinedMm2()) : job.shaping(),
                scratchUm,
                finish(job),
                StoneWork.Forces.of(kind, restoration.edgeLengthMm()),
                job.kind() == JobKind.BACK && kind == GeometryKind.SINGLE_BEVEL_KNIFE,
                WorkPlanner.shapes(kind, job.hold(), shelf),
                job.edge() && kind.spined() && kind.bothSides() ? Set.of(Abrasive.Shape.ROD) : Set.of(),
                bevel,
                leastStrokes(job, restoration),
                job.refinedMm2());
    }

    /** A hard knife that is thin behind its edge and chipped in use chips anew on coarse grain. */
    private boolean thinAndHard(Restoration restoration) {
        Double behind = restoration.measuresAfter().values().get("behindEdge");
        boolean chipped =
                restoration.demands().stream().anyMatch(d -> d.subject().kind() == Demand.Kind.FINDING);
        return behind != null
                && chipped
                && behind <= Prior.THIN_BEHIND_EDGE_MM.value()
                && Filing.hardness(ask.hardnessHrc(), steel) >= Prior.HARD_EDGE_HRC.value();
    }

    /** What a face ends on: one that another covers, and a broad face, on what shaped it; the cheeks need not be as fine. */
    private Optional<FinishWindow> finish(Job job) {
        return job.covered() || job.kind() == JobKind.BROAD_FACE
                ? Optional.empty()
                : Optional.of(job.kind() == JobKind.THINNING ? window.coarser() : window);
    }

    /** The fewest strokes in all that are set down for: so many a side, or at each station of a cambered edge. */
    private int leastStrokes(Job job, Restoration restoration) {
        boolean cambered = restoration.measuresAfter().values().containsKey("camber");
        boolean alongBevel = !job.backSide() && job.kind() != JobKind.BROAD_FACE;
        return alongBevel && cambered
                ? Prior.LEAST_STROKES_STATION.whole() * Camber.STATIONS
                : StoneWork.LEAST_STROKES * (alongBevel && kind.bothSides() ? 2 : 1);
    }
}
