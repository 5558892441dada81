package truekeen.core.stepsheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.care.PrepAct;
import truekeen.core.care.Preparation;
import truekeen.core.keenness.Stretch;
import truekeen.core.progression.Job;
import truekeen.core.progression.JobPath;
import truekeen.core.progression.Leg;
import truekeen.core.progression.PlanRules;
import truekeen.core.progression.WorkPlan;
import truekeen.core.quantity.Angle;
import truekeen.core.repair.GrindPlan;
import truekeen.core.section.TargetBevel;
import truekeen.core.steel.SteelClass;
import truekeen.core.tool.GeometryKind;

/** Writes a plan out as the steps of the bench. */
public final class StepSheet {
    private final WorkPlan plan;
    private final TargetBevel target;
    private final SteelClass steel;
    private final Stretch edge;
    private final WorkingMethod manner;
    private final StepWriter write;
    private final Optional<GrindPlan> grinding;

    private final List<Abrasive> kit;

    private StepSheet(
            WorkPlan plan,
            TargetBevel target,
            SteelClass steel,
            double edgeLengthMm,
            WorkingMethod manner,
            Optional<GrindPlan> grinding,
            List<Abrasive> kit) {
        this.grinding = grinding;
        this.kit = List.copyOf(kit);
        this.plan = plan;
        this.target = target;
        this.steel = steel;
        this.edge = new Stretch(0, edgeLengthMm);
        this.manner = manner;
        this.write = new StepWriter(manner);
    }

    /**
     * The steps of a plan.
     *
     * @param manner how the tool is worked
     * @param grinding the acts of the grinding, where there is one that is planned; else it is one step
     * @param kit everything owned, to make the stones ready with
     */
    public static List<Step> of(
            WorkPlan plan,
            TargetBevel target,
            SteelClass steel,
            double edgeLengthMm,
            WorkingMethod manner,
            Optional<GrindPlan> grinding,
            List<Abrasive> kit) {
        return new StepSheet(plan, target, steel, edgeLengthMm, manner, grinding, kit).steps();
    }

    /** The steps of a plan on a kit of which only the stones it uses are known. */
    public static List<Step> of(
            WorkPlan plan,
            TargetBevel target,
            SteelClass steel,
            double edgeLengthMm,
            WorkingMethod manner,
            Optional<GrindPlan> grinding) {
        return of(plan, target, steel, edgeLengthMm, manner, grinding, List.of());
    }

    /** The steps of a plan whose grinding, if any, is one step. */
    public static List<Step> of(
            WorkPlan plan, TargetBevel target, SteelClass steel, double edgeLengthMm, WorkingMethod manner) {
        return of(plan, target, steel, edgeLengthMm, manner, Optional.empty());
    }

    private List<Step> steps() {
        List<Step> steps = new ArrayList<>();
        prepare().ifPresent(steps::add);
        plan.path(Job.Kind.BACK).ifPresent(path -> path.legs().forEach(leg -> steps.add(backLeg(path, leg))));
        plan.grind()
                .ifPresent(g -> grinding.ifPresentOrElse(
                        acts -> acts.acts().forEach(a -> steps.add(GrindSteps.of(a, g, target.primary(), edge))),
                        () -> steps.add(write.grind(g, target.primary(), edge))));
        bevel(steps, Job.Kind.PRIMARY, target.primary());
        bevel(steps, Job.Kind.SECONDARY, target.last());
        Optional<JobPath> last = plan.path(Job.Kind.SECONDARY);
        if (last.isPresent()) {
            if (manner.back()
                    && manner.kind() != GeometryKind.SINGLE_BEVEL_KNIFE
                    && plan.path(Job.Kind.BACK).isEmpty()) {
                steps.add(keepBack(end(last.get())));
            }
            if (manner.kind() == GeometryKind.SINGLE_BEVEL_KNIFE) {
                steps.add(write.lateBack(end(last.get()).abrasive(), edge));
            } else {
                steps.add(write.deburr(end(last.get()).abrasive(), edge, StepWriter.DEBURR_STROKES));
            }
            if (plan.strop().isEmpty() && plan.stropStrokes() == 0) {
                steps.add(write.offTheStone(edge));
            }
        }
        plan.strop().ifPresent(s -> steps.add(write.strop(s, plan.stropNote(), edge, plan.stropStrokes())));
        return List.copyOf(steps);
    }

    private void bevel(List<Step> steps, Job.Kind kind, Angle angle) {
        plan.path(kind).ifPresent(path -> {
            steps.add(write.setGuide(kind, angle, edge));
            boolean between = kind == Job.Kind.SECONDARY && manner.habits().burrEachStone(manner.kind());
            for (int i = 0; i < path.legs().size(); i++) {
                steps.add(write.work(path, i, angle, edge));
                if (between && i < path.legs().size() - 1) {
                    steps.add(write.deburrBetween(path.legs().get(i).abrasive(), edge));
                }
            }
        });
    }

    /** What is made ready, in its order. Wetting is said at each stone. */
    private Optional<Step> prepare() {
        List<PrepAct> acts = Preparation.of(plan, kit, PlanRules.USUAL).stream()
                .filter(a -> a.kind() != PrepAct.Kind.WET)
                .toList();
        boolean only = acts.stream().allMatch(a -> a.kind() == PrepAct.Kind.LAY_OUT);
        return only ? Optional.empty() : Optional.of(write.prepare(acts, edge));
    }

    private Step backLeg(JobPath path, Leg leg) {
        boolean first = leg == path.legs().get(0);
        boolean last = leg == end(path);
        String stone = leg.abrasive().name();
        String title = first
                ? StepWords.FLATTEN_THE_BACK.fill("stone", stone)
                : StepWords.POLISH_THE_BACK.fill("stone", stone);
        StepBuilder step = write.back(title, leg.abrasive(), edge, leg.forceN(), leg.wholeStrokes())
                .lasting(leg.seconds())
                .burr(StepWords.NO_BURR_YET.words())
                .because(StepWords.WHY_THE_BACK.words())
                .how(manner.habits().lines(leg.abrasive(), first, last, false, leg.wholeStrokes()))
                .learned(leg.abrasive().effort().factor());
        String otherwise = StepWords.STAY_ON_THE_BACK.words();
        if (first) {
            return step.look(StepWords.BACK_EVENLY_SCRATCHED.words())
                    .gate(StepWords.BACK_EVEN_ASKED.words(), otherwise)
                    .caution(StepWords.BACK_CAUTION.words())
                    .done();
        }
        return step.look(StepWords.SCRATCHES_GONE_EVERYWHERE.words())
                .gate(StepWords.SCRATCHES_GONE.words(), otherwise)
                .done();
    }

    private Step keepBack(Leg finest) {
        String title =
                StepWords.KEEP_THE_BACK.fill("abrasive", finest.abrasive().name());
        return write.back(title, finest.abrasive(), edge, finest.forceN(), StepWriter.BACK_STROKES)
                .look(StepWords.BACK_TURNS_THE_BURR.words())
                .burr(Step.BurrTask.TURN, StepWords.BURR_TURNED.words())
                .because(StepWords.WHY_KEEP_THE_BACK.words())
                .done();
    }

    private static Leg end(JobPath path) {
        return path.legs().get(path.legs().size() - 1);
    }
}
