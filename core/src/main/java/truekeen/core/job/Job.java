package truekeen.core.job;

import java.util.List;
import java.util.Optional;
import truekeen.core.quantity.Angle;
import truekeen.core.tool.Blade;

/**
 * One piece of work on one face of an edge. It knows its face, its angle, what holds it, what it takes off the blade as that
 * is when the job begins, and what the blade is afterwards. A plan is a fold of such jobs: the blade before, a job, the blade
 * after it, the next job.
 */
public sealed interface Job permits LaidFace, LiftedBack, GroundBevel, Thinning, CurvedFacet, EdgeBevel {

    /** What kind of work it is. */
    JobKind kind();

    /** What it takes off, on the blade as it is when the job begins. */
    Shaping shaping();

    /** The angle it is worked at, in the convention of the family; empty where the face lies on the stone by itself. */
    Optional<Angle> angle();

    /** What keeps it at that angle. */
    default Hold hold() {
        return Hold.SETTING;
    }

    /** The blade once the job is done. */
    Blade after(Blade before);

    /** Whether another bevel will cover the face, so that it may end on what shaped it. */
    default boolean covered() {
        return false;
    }

    /** Area that finer stones follow the first one over (mm²). */
    default double refinedMm2() {
        return shaping().workedAreaMm2();
    }

    /** Whether it works the very edge, so that it raises the burr and what it ends on is the finish of the edge. */
    default boolean edge() {
        return false;
    }

    /** Whether it works the side away from the bevel. */
    default boolean backSide() {
        return false;
    }

    /** Whether a wheel, a belt or a file may do it. */
    default boolean byMachine() {
        return false;
    }

    /** The blade after a list of jobs done one after the other. */
    static Blade after(Blade before, List<Job> jobs) {
        Blade blade = before;
        for (Job job : jobs) {
            blade = job.after(blade);
        }
        return blade;
    }
}
