package truekeen.core.progression;

import java.util.OptionalDouble;
import truekeen.core.job.BackFlat;
import truekeen.core.job.Job;
import truekeen.core.table.Prior;

/** What is on the faces while the jobs go on: each begins on what the one before left on the face under it. */
final class Scratches {
    private static final double LAPPED_UM = Prior.LAPPED_SCRATCH_UM.value();

    private final double atEdge;
    private OptionalDouble under = OptionalDouble.empty();

    Scratches(OptionalDouble logged, double otherwiseUm) {
        this.atEdge = logged.orElse(otherwiseUm);
    }

    double on(Job job) {
        if (job instanceof BackFlat back && back.shaping().depthMm() <= 0) {
            return LAPPED_UM;
        }
        return job.edge()
                ? under.orElse(atEdge)
                : job.byMachine() ? under.orElse(WorkPlanner.UNKNOWN_SCRATCH_UM) : WorkPlanner.UNKNOWN_SCRATCH_UM;
    }

    void left(Job job, double um) {
        if (!job.backSide() && (job.covered() || job.edge())) {
            under = OptionalDouble.of(um);
        }
    }
}
