package truekeen.app.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.app.plan.PlanRecords.PieceView;
import truekeen.app.plan.PlanRecords.TooMuchView;
import truekeen.app.plan.PlanRecords.WayOutView;
import truekeen.core.job.Hold;
import truekeen.core.job.Job;
import truekeen.core.message.Numbers;
import truekeen.core.progression.JobPath;
import truekeen.core.progression.Leg;
import truekeen.core.progression.PowerOffer;
import truekeen.core.progression.WorkPlan;
import truekeen.core.quantity.Angle;
import truekeen.core.stepsheet.Step;
import truekeen.core.stepsheet.TooMuchByHand;

/** The jobs of a plan and what is said first of it, for the screens. */
final class PieceViews {
    private PieceViews() {}

    static TooMuchView tooMuch(TooMuchByHand t) {
        return new TooMuchView(
                t.tooMuch(),
                t.tooMuch()
                        ? PlanWords.TOO_MUCH_BY_HAND.fill(
                                "strokes", t.strokes(), "stone", t.stone(), "minutes", Numbers.plain(t.minutes(), 0))
                        : PlanWords.COULD_BE_SPARED.words(),
                t.strokes(),
                t.minutes(),
                t.ways().stream()
                        .map(w -> new WayOutView(w.way(), w.words(), w.savesMinutes(), w.strokes(), w.subject()))
                        .toList());
    }

    /** A job as it is done: on the machine that shapes it, on its stones, or under the rule. */
    static PieceView piece(Job job, WorkPlan plan, List<Step> steps) {
        List<String> by = new ArrayList<>();
        boolean ground = plan.ground().filter(k -> k == job.kind()).isPresent();
        if (ground) {
            plan.grind().ifPresent(g -> by.add(g.machine().name()));
        }
        Optional<PowerOffer> wheel = plan.onWheel(job);
        wheel.ifPresent(w -> by.add(w.machine().name()));
        Optional<JobPath> path = plan.path(job.kind());
        path.ifPresent(p -> p.legs().forEach(l -> by.add(l.abrasive().name())));
        if (job.hold() == Hold.RULE) {
            plan.finest().ifPresent(f -> by.add(f.name()));
        }
        double grinding = wheel.isPresent()
                ? onWheel(job, steps)
                : ground
                        ? steps.stream()
                                .filter(s -> s.kind() == Step.Kind.GRIND)
                                .mapToDouble(Step::seconds)
                                .sum()
                        : 0;
        return new PieceView(
                job.kind(),
                job.kind().words(),
                job.angle().map(Angle::degrees).orElse(null),
                job.shaping().volumeMm3(),
                by,
                path.map(p -> p.legs().stream().mapToInt(Leg::wholeStrokes).sum())
                        .orElse(0),
                grinding + path.map(JobPath::seconds).orElse(0.0));
    }

    private static double onWheel(Job job, List<Step> steps) {
        return steps.stream()
                .filter(s -> s.kind() == Step.Kind.GRIND
                        && s.angleDeg().equals(job.angle().map(Angle::degrees)))
                .mapToDouble(Step::seconds)
                .sum();
    }
}
