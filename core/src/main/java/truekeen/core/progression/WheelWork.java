package truekeen.core.progression;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.job.Job;
import truekeen.core.job.JobKind;
import truekeen.core.removal.PowerRate;
import truekeen.core.table.Prior;

/**
 * The whole edge done on a slow wet wheel, however little there is to do: ground at its angle, the burr off flat, leather
 * last. Source: workshop prior.
 *
 * @param wheel the wheel
 * @param jobs each job that it does by itself, with the contact it asks for
 * @param burrOn what the burr comes off on, laid flat; empty where no stone is owned
 */
public record WheelWork(Abrasive wheel, Map<JobKind, PowerOffer> jobs, Optional<Abrasive> burrOn) {
    /** Keeps the jobs from changing. */
    public WheelWork {
        jobs = Map.copyOf(jobs);
    }

    /** The wheel of a shelf that would do it. */
    public static Optional<Abrasive> wheel(List<Abrasive> shelf) {
        return shelf.stream()
                .filter(a ->
                        a.kind() == AbrasiveKind.SLOW_WET_WHEEL && !a.state().retired())
                .findFirst();
    }

    /**
     * The work of a wheel on the jobs of an edge.
     *
     * @param all the jobs of the tool
     * @param ground a big one that is planned act by act and not counted here
     * @param sides sides of the edge that are worked
     * @param burrOn what the burr comes off on
     */
    static WheelWork of(Abrasive wheel, List<Job> all, Optional<Job> ground, int sides, Optional<Abrasive> burrOn) {
        PowerRate rate = PowerRate.of(wheel.kind()).orElseThrow();
        double least = sides * Prior.WHEEL_SIDE_LEAST_SECONDS.value();
        double most = sides * Prior.WHEEL_SIDE_MOST_SECONDS.value();
        Map<JobKind, PowerOffer> jobs = new EnumMap<>(JobKind.class);
        for (Job job : all) {
            if (takes(job) && ground.filter(g -> g == job).isEmpty()) {
                double volume = job.shaping().volumeMm3();
                jobs.put(
                        job.kind(),
                        new PowerOffer(
                                wheel,
                                Math.max(least, rate.leastSeconds(volume)),
                                Math.max(most, rate.mostSeconds(volume)),
                                volume));
            }
        }
        return new WheelWork(wheel, jobs, burrOn);
    }

    /** Whether a wheel does a job: the bevels of the edge, not a back, a face or the cheeks. */
    static boolean takes(Job job) {
        return !job.backSide() && (job.edge() || job.covered());
    }

    /** What it does, in no order. */
    List<PowerOffer> offers() {
        return new ArrayList<>(jobs.values());
    }
}
