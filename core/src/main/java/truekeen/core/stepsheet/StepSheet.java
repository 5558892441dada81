package truekeen.core.stepsheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.care.PrepAct;
import truekeen.core.care.Preparation;
import truekeen.core.job.BackFlat;
import truekeen.core.job.Job;
import truekeen.core.job.LiftedBack;
import truekeen.core.job.ThinRuleStrip;
import truekeen.core.job.Thinning;
import truekeen.core.keenness.Stretch;
import truekeen.core.progression.JobPath;
import truekeen.core.progression.Leg;
import truekeen.core.progression.PlanRules;
import truekeen.core.progression.PowerOffer;
import truekeen.core.progression.WorkPlan;
import truekeen.core.quantity.Angle;
import truekeen.core.repair.GrindPlan;
import truekeen.core.section.TargetBevel;
import truekeen.core.steel.SteelClass;
import truekeen.core.table.Prior;
import truekeen.core.tool.GeometryKind;

/** Writes a plan out as the steps of the bench. */
public final class StepSheet {
    private final WorkPlan plan;
    private final TargetBevel target;
    private final SteelClass steel;
    private final Stretch edge;
    private final WorkingMethod manner;
    private final StepWriter write;
    private final BurrSteps burr;
    private final MachineSteps machine;
    private final FaceSteps faces;
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
        this.burr = new BurrSteps(manner);
        this.machine = new MachineSteps(manner);
        this.faces = new FaceSteps(manner);
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
        for (Job job : plan.all()) {
            if (job instanceof Thinning) {
                // Cheeks are thinned to the edge as the machine leaves it.
                groundLater(job).ifPresent(later -> plan.grind().ifPresent(g -> grind(steps, later, g)));
            }
            if (ground(job) && !groundBeforeCheeks(job)) {
                plan.grind().ifPresent(g -> grind(steps, job, g));
            }
            plan.onWheel(job).ifPresent(offer -> steps.add(machine.onWheel(offer, job, firstOnWheel(steps), edge)));
            if (job instanceof ThinRuleStrip strip) {
                plan.finest().ifPresent(finest -> steps.add(faces.thinRule(strip, finest, edge)));
            }
            plan.path(job.kind()).ifPresent(path -> onStones(steps, job, path));
        }
        plan.finest().ifPresent(finest -> burrOff(steps, finest));
        // The burr of a single-bevel knife comes off once and late, on the stone.
        boolean late = manner.kind() == GeometryKind.SINGLE_BEVEL_KNIFE && plan.stropStrokes() > 0;
        if (plan.edgePath().isPresent() && plan.strops().isEmpty() && !late) {
            steps.add(burr.offTheStone(edge, plan.stropStrokes() == 0));
        }
        for (Abrasive strop : plan.strops()) {
            steps.add(burr.strop(strop, plan.stropNote(), edge, stropStrokes()));
        }
        return steps.stream().map(this::held).toList();
    }

    /** Where the strop is all there is to it, a long edge wants more strokes: each place of it sees less of a stroke. */
    private int stropStrokes() {
        boolean alone = plan.jobs().isEmpty() && plan.wheel().isEmpty();
        double times = alone ? Math.max(1, (edge.toMm() - edge.fromMm()) / Prior.STROPPED_EDGE_MM.value()) : 1;
        return (int) Math.round(plan.stropStrokes() * times);
    }

    /** A folding knife without a lock has its caution at every step that presses on it. */
    private Step held(Step step) {
        return manner.closes() && step.counted() ? step.warned(StepWords.MAY_CLOSE.words()) : step;
    }

    private boolean ground(Job job) {
        return plan.ground().filter(k -> k == job.kind()).isPresent();
    }

    private Optional<Job> groundLater(Job than) {
        return plan.all().stream()
                .skip(plan.all().indexOf(than) + 1L)
                .filter(this::ground)
                .findFirst();
    }

    private boolean groundBeforeCheeks(Job job) {
        return plan.all().stream().limit(plan.all().indexOf(job)).anyMatch(Thinning.class::isInstance);
    }

    private Step.Intent intent(Job job, Angle angle) {
        boolean ground = plan.all().stream().limit(plan.all().indexOf(job)).anyMatch(Job::covered);
        return manner.intent(job.kind(), angle, ground);
    }

    private static boolean firstOnWheel(List<Step> steps) {
        return steps.stream().noneMatch(s -> s.kind() == Step.Kind.GRIND);
    }

    private void grind(List<Step> steps, Job job, PowerOffer by) {
        Angle angle = job.angle().orElse(target.primary());
        grinding.ifPresentOrElse(
                acts -> steps.addAll(GrindSteps.of(acts, by, angle, edge)),
                () -> steps.add(
                        by.machine().kind() == AbrasiveKind.FILE
                                ? machine.file(by, job, angle, edge)
                                : machine.grind(by, angle, edge)));
    }

    private void onStones(List<Step> steps, Job job, JobPath path) {
        if (job instanceof BackFlat) {
            path.legs().forEach(leg -> steps.add(backLeg(path, leg)));
            return;
        }
        job.angle().ifPresent(angle -> steps.add(faces.hold(job, angle, intent(job, angle), edge)));
        boolean between = job.edge() && manner.habits().burrEachStone(manner.kind());
        for (int i = 0; i < path.legs().size(); i++) {
            boolean squares = manner.squares() && steps.stream().noneMatch(Step::squares);
            steps.add(
                    job.edge() || job.covered()
                            ? write.work(path, i, job, intent(job, job.angle().orElseThrow()), edge, squares)
                            : faces.face(path, i, job, edge));
            if (between && i < path.legs().size() - 1) {
                steps.add(burr.deburrBetween(path.legs().get(i).abrasive(), edge));
            }
        }
    }

    /** How the burr leaves: late and once on a single-bevel knife, under the rule where the back was laid over one. */
    private void burrOff(List<Step> steps, Abrasive finest) {
        Optional<LiftedBack> lifted = plan.all().stream()
                .filter(LiftedBack.class::isInstance)
                .map(LiftedBack.class::cast)
                .findFirst();
        boolean own = plan.all().stream().anyMatch(Job::backSide);
        if (manner.kind() == GeometryKind.SINGLE_BEVEL_KNIFE) {
            steps.add(burr.lateBack(finest, edge));
            return;
        }
        if (plan.wheel().isPresent() && manner.back()) {
            steps.add(burr.burrOffFlat(finest, edge));
            return;
        }
        if (manner.back() && !own) {
            steps.add(keepBack(end(plan.edgePath().orElseThrow())));
        }
        steps.add(
                lifted.isPresent()
                        ? burr.deburrLifted(lifted.get(), finest, edge)
                        : burr.deburr(finest, edge, StepWriter.DEBURR_STROKES));
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
        String title = first && path.job().shaping().depthMm() > 0
                ? StepWords.FLATTEN_THE_BACK.fill("stone", stone)
                : StepWords.POLISH_THE_BACK.fill("stone", stone);
        StepBuilder step = write.back(title, leg.abrasive(), edge, leg.forceN(), leg.wholeStrokes())
                .lasting(StepWriter.seconds(leg, leg.wholeStrokes()))
                .burr(StepWords.NO_BURR_YET.words())
                .because(StepWords.WHY_THE_BACK.words())
                .how(backHow(leg, first, last))
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

    private List<String> backHow(Leg leg, boolean first, boolean last) {
        List<String> lines = new ArrayList<>(manner.habits()
                .lines(new SheetHabits.LegAsked(
                        leg.abrasive(), first, last, false, leg.wholeStrokes(), SheetHabits.Grip.HAND)));
        if (manner.narrowBack()) {
            lines.add(StepWords.BACK_IN_AND_OUT.words());
        }
        return lines;
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
