package truekeen.core.condition;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import truekeen.core.job.Job;
import truekeen.core.job.JobKind;
import truekeen.core.job.Shaping;
import truekeen.core.section.Section;
import truekeen.core.tool.Measures;

/**
 * What mending an edge comes to.
 *
 * @param scope how much work
 * @param reasons why, in words, the deciding one first
 * @param newEdgeMm the new edge line, behind the foremost point of the present edge (mm), before a fresh secondary
 * @param lostMm length the tool loses in all, a fresh secondary included (mm)
 * @param jobs what it is made of, in order; none where a strop will do
 * @param back what working the back flat takes or would take
 * @param honedWidthMm width of the honed facet afterwards, on one side (mm)
 * @param usableAfterMm usable length afterwards (mm)
 * @param steelLeftMm length down to the retire limit afterwards (mm); negative when it is past it
 * @param honingRecessionMm how far the edge can be honed back before the secondary is too wide or the hollow gone (mm); 0
 *     where the one bevel is honed whole
 * @param measuresAfter dimensions of the tool afterwards
 * @param stations the new edge place by place
 * @param bluntMm3 steel ahead of the new edge line (mm³), where anything is ground: what grinding blunt to it takes
 * @param landMm thickness of the land that leaves (mm)
 * @param demands what each thing found asks of the new edge
 * @param regions steel that goes by region, the back not counted
 * @param before section at the deepest place before
 * @param after the same section afterwards
 * @param removed what goes from it
 */
public record Restoration(
        Scope scope,
        List<String> reasons,
        double newEdgeMm,
        double lostMm,
        List<Job> jobs,
        Shaping back,
        double honedWidthMm,
        double usableAfterMm,
        double steelLeftMm,
        double honingRecessionMm,
        Measures measuresAfter,
        List<StationCut> stations,
        double bluntMm3,
        double landMm,
        List<Demand> demands,
        List<Region> regions,
        List<Section> before,
        List<Section> after,
        List<Section> removed) {

    /** Length of the edge (mm). */
    public double edgeLengthMm() {
        return stations.get(stations.size() - 1).xMm();
    }

    /** Keeps the list from changing. */
    public Restoration {
        jobs = List.copyOf(jobs);
    }

    /** All steel that goes, by all its jobs (mm³). */
    public double volumeMm3() {
        return jobs.stream().mapToDouble(j -> j.shaping().volumeMm3()).sum();
    }

    /** A job of that kind, if it is one of them. */
    public Optional<Job> job(JobKind kind) {
        return jobs.stream().filter(j -> j.kind() == kind).findFirst();
    }

    /** The grinding of the primary, where it is needed. */
    public Optional<Shaping> primary() {
        return job(JobKind.PRIMARY).map(Job::shaping);
    }

    /** The job that a machine would do: of those it may do the one that takes most. */
    public Optional<Job> byMachine() {
        return jobs.stream().filter(Job::byMachine).max(Comparator.comparingDouble(j -> j.shaping()
                .volumeMm3()));
    }

    /** The work on the very edge: the secondary, the one bevel or the curve there is; empty where a strop will do. */
    public Optional<Shaping> secondary() {
        return edge().map(Job::shaping);
    }

    /** The job on the very edge; empty where a strop will do. */
    public Optional<Job> edge() {
        return jobs.stream().filter(Job::edge).findFirst();
    }
}
