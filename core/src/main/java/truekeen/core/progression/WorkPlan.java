package truekeen.core.progression;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.job.Job;
import truekeen.core.job.JobKind;
import truekeen.core.table.Prior;

/**
 * All jobs of a tool, with the abrasives that each is worked on.
 *
 * @param all every job in its order, those that no stones are chosen for among them
 * @param jobs paths of the jobs that are worked on stones, in the same order
 * @param offers wheels, belts and files that could do the big shaping
 * @param grind the one that was chosen for it
 * @param ground what it does; of a job that is covered nothing is then left for the stones, of another its scratches
 * @param strops what to strop on, coarse first, if the shelf has any
 * @param stropNote what to know about them, or empty
 * @param settings settings of what holds the tool
 * @param stropStrokes strokes a side on each strop; 0 where the house finishes off the stone
 * @param wheel what a slow wet wheel does where it is the whole job
 */
public record WorkPlan(
        List<Job> all,
        List<JobPath> jobs,
        List<PowerOffer> offers,
        Optional<PowerOffer> grind,
        Optional<JobKind> ground,
        List<Abrasive> strops,
        String stropNote,
        int settings,
        int stropStrokes,
        Optional<WheelWork> wheel) {

    /** Strokes a side on the strop after honing. Source: workshop prior, 5 to 10. */
    public static final int STROP_STROKES = Prior.WORK_PLAN_STROP_STROKES.whole();

    /** Nothing is done. */
    public static final WorkPlan NOTHING = new WorkPlan(
            List.of(), List.of(), List.of(), Optional.empty(), Optional.empty(), List.of(), "", 0, 0, Optional.empty());

    /** Keeps the lists from changing. */
    public WorkPlan {
        all = List.copyOf(all);
        jobs = List.copyOf(jobs);
        offers = List.copyOf(offers);
        strops = List.copyOf(strops);
    }

    /** Steel that goes in all, scratches included (mm³). */
    public double volumeMm3() {
        return jobs.stream().mapToDouble(JobPath::volumeMm3).sum()
                + powered().stream().mapToDouble(PowerOffer::volumeMm3).sum();
    }

    /** All that is done under power. */
    public List<PowerOffer> powered() {
        List<PowerOffer> all = new ArrayList<>(grind.stream().toList());
        wheel.ifPresent(w -> all.addAll(w.offers()));
        return List.copyOf(all);
    }

    /** The first strop, if there is one. */
    public Optional<Abrasive> strop() {
        return strops.stream().findFirst();
    }

    /** Sessions of the hand that the strokes rest on: those of the stone of which least is known. */
    public int fewestSessions() {
        return jobs.stream()
                .flatMap(j -> j.legs().stream())
                .mapToInt(l -> l.abrasive().effort().sessions())
                .min()
                .orElse(0);
    }

    /** The path of a job, if it is part of the plan. */
    public Optional<JobPath> path(JobKind kind) {
        return jobs.stream().filter(p -> p.job().kind() == kind).findFirst();
    }

    /** The path of the job at the very edge, if the edge is worked on stones. */
    public Optional<JobPath> edgePath() {
        return all.stream().filter(Job::edge).findFirst().flatMap(j -> path(j.kind()));
    }

    /** The finest stone that the edge comes to, if it comes to any. */
    public Optional<Abrasive> finest() {
        return edgePath()
                .map(p -> p.legs().get(p.legs().size() - 1).abrasive())
                .or(() -> wheel.flatMap(WheelWork::burrOn));
    }

    /** What a wheel does of a job where it is the whole job. */
    public Optional<PowerOffer> onWheel(Job job) {
        return wheel.flatMap(w -> Optional.ofNullable(w.jobs().get(job.kind())));
    }
}
