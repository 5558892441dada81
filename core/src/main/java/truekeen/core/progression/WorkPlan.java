package truekeen.core.progression;

import java.util.List;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.table.Prior;

/**
 * All jobs of a tool, each with its path.
 *
 * @param jobs in order: back, primary, secondary
 * @param offers wheels and belts that could shape the primary, where there is enough to shape
 * @param grind the wheel or belt that was chosen for it; the primary then has no path of its own
 * @param strop what to strop on, if the shelf has one
 * @param stropNote what to know about that strop, or empty
 * @param resets settings of the guide between jobs
 * @param stropStrokes strokes a side on the strop; 0 where the house finishes off the stone
 * @param seconds time in all (s), strop included, grinding at the middle of its range
 */
public record WorkPlan(
        List<JobPath> jobs,
        List<PowerOffer> offers,
        Optional<PowerOffer> grind,
        Optional<Abrasive> strop,
        String stropNote,
        int resets,
        int stropStrokes,
        double seconds) {

    /** Strokes a side on the strop after honing. Source: workshop prior, 5 to 10. */
    public static final int STROP_STROKES = Prior.WORK_PLAN_STROP_STROKES.whole();

    /** Keeps the lists from changing. */
    public WorkPlan {
        jobs = List.copyOf(jobs);
        offers = List.copyOf(offers);
    }

    /** Steel that goes in all, scratches included (mm³). */
    public double volumeMm3() {
        return jobs.stream().mapToDouble(JobPath::volumeMm3).sum()
                + grind.map(PowerOffer::volumeMm3).orElse(0.0);
    }

    /**
     * Time in all (s) if every stroke count were as far off as the log leaves open, one standard deviation each, as it
     * would be for one hand: what is fixed (changes, flattening, soaking) stays.
     *
     * @param more whether it takes more strokes, else fewer
     */
    public double secondsAtWorst(boolean more, double secondsPerStroke) {
        double off = 0;
        for (JobPath job : jobs) {
            for (Leg leg : job.legs()) {
                double spread = leg.abrasive().effort().spread();
                off += leg.strokes() * ((more ? spread : 1 / spread) - 1);
            }
        }
        double grinding = grind.map(g -> (more ? g.mostSeconds() : g.leastSeconds()) - middle(g))
                .orElse(0.0);
        return seconds + off * secondsPerStroke + grinding;
    }

    /** Sessions of the hand that the strokes rest on: those of the stone of which least is known. */
    public int fewestSessions() {
        return jobs.stream()
                .flatMap(j -> j.legs().stream())
                .mapToInt(l -> l.abrasive().effort().sessions())
                .min()
                .orElse(0);
    }

    private static double middle(PowerOffer g) {
        return (g.leastSeconds() + g.mostSeconds()) / 2;
    }

    /** The path of a job, if it is part of the plan. */
    public Optional<JobPath> path(Job.Kind kind) {
        return jobs.stream().filter(p -> p.job().kind() == kind).findFirst();
    }
}
