package truekeen.core.progression;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Shaping;
import truekeen.core.message.Numbers;
import truekeen.core.removal.PowerRate;
import truekeen.core.steel.SteelClass;
import truekeen.core.table.Prior;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;

/**
 * Plans all jobs of a tool one after the other: what one job does to the stones (strokes since lapping,
 * soaking under way) and to the tool (oil, scratches on the same face) is where the next begins.
 */
public final class WorkPlanner {
    /** Scratch taken where nothing is known (µm). Source: workshop prior. */
    public static final double UNKNOWN_SCRATCH_UM = Prior.WORK_PLANNER_UNKNOWN_SCRATCH_UM.value();
    /** A strop finer than the last stone by more than this takes off the burr but replaces no scratches. */
    private static final double STROP_STEP = Prior.WORK_PLANNER_STROP_STEP.value();

    private static final Set<Abrasive.Shape> FLAT_SHAPES =
            Set.of(Abrasive.Shape.BENCH, Abrasive.Shape.NARROW, Abrasive.Shape.POCKET, Abrasive.Shape.STRIP);
    /** A small round stone in circles follows a curve, and spoils a flat. */
    private static final Set<Abrasive.Shape> FREE_SHAPES = Set.of(
            Abrasive.Shape.BENCH,
            Abrasive.Shape.NARROW,
            Abrasive.Shape.POCKET,
            Abrasive.Shape.ROUND,
            Abrasive.Shape.STRIP);
    /** What reaches into a hollow edge. */
    private static final Set<Abrasive.Shape> NARROW_SHAPES =
            Set.of(Abrasive.Shape.NARROW, Abrasive.Shape.POCKET, Abrasive.Shape.ROD, Abrasive.Shape.STRIP);

    private final List<Abrasive> shelf;
    private final SteelClass steel;
    private final PlanRules rules;
    private final FinishWindow window;
    private final GeometryKind kind;

    private WorkPlanner(List<Abrasive> shelf, SteelClass steel, PlanRules rules, ToolUse trade) {
        this.shelf = new ArrayList<>(shelf);
        this.steel = steel;
        this.rules = rules;
        this.kind = trade.geometry();
        this.window = rules.habits()
                .finish()
                .of(new FinishWindow(trade.finishFinestUm(), trade.finishUsualUm(), trade.finishCoarsestUm()));
    }

    /**
     * Plans the work.
     *
     * @param restoration what must go
     * @param survey what was found
     * @param loggedScratchUm scratch the last session left on the bevel (µm), if one is logged
     * @param grindOn id of the wheel or belt chosen to shape the primary; ignored where none is wanted
     */
    public static WorkPlan plan(
            Restoration restoration,
            EdgeSurvey survey,
            ToolUse trade,
            SteelClass steel,
            List<Abrasive> shelf,
            PlanRules rules,
            OptionalDouble loggedScratchUm,
            Optional<String> grindOn) {
        return plan(restoration, survey, trade, steel, shelf, rules, new PlanAsk(loggedScratchUm, grindOn));
    }

    /**
     * Plans the work as it is asked for.
     *
     * @param restoration what must go
     * @param survey what was found
     */
    public static WorkPlan plan(
            Restoration restoration,
            EdgeSurvey survey,
            ToolUse trade,
            SteelClass steel,
            List<Abrasive> shelf,
            PlanRules rules,
            PlanAsk ask) {
        return new WorkPlanner(shelf, steel, rules, trade).plan(restoration, survey, ask);
    }

    /** The jobs that stones are asked for, each with its volume, area, depth and finish. */
    public static List<Job> jobs(
            Restoration restoration, EdgeSurvey survey, ToolUse trade, SteelClass steel, PlanRules rules, PlanAsk ask) {
        return new WorkPlanner(List.of(), steel, rules, trade)
                .jobs(restoration, survey, ask.loggedScratchUm().orElse(UNKNOWN_SCRATCH_UM), false, ask);
    }

    /** Shapes of abrasives that can work the edge of a family. */
    public static Set<Abrasive.Shape> shapes(GeometryKind kind) {
        boolean hollowEdge = kind == GeometryKind.RECURVE || kind == GeometryKind.HOOK_KNIFE;
        return hollowEdge ? NARROW_SHAPES : kind.square() || kind.back() ? FLAT_SHAPES : FREE_SHAPES;
    }

    /** The stone of a shelf nearest the finish a trade wants, for a touch-up that a strop could not do. */
    public static Optional<Abrasive> finishingStone(List<Abrasive> shelf, ToolUse trade, SteelClass steel) {
        WorkPlanner planner = new WorkPlanner(shelf, steel, PlanRules.USUAL, trade);
        Job touchUp = planner.job(Job.Kind.SECONDARY, Shaping.none(1), 0, true);
        List<Abrasive> usable = ShelfRule.allowed(shelf, touchUp, steel);
        return usable.isEmpty() ? Optional.empty() : Optional.of(ProgressionPlanner.finishing(usable, planner.window));
    }

    private WorkPlan plan(Restoration restoration, EdgeSurvey survey, PlanAsk ask) {
        List<JobPath> paths = new ArrayList<>();
        List<PowerOffer> offers = restoration.primary().map(this::offers).orElse(List.of());
        Optional<PowerOffer> grind = offers.stream()
                .filter(o -> ask.grindOn().filter(o.machine().id()::equals).isPresent())
                .findFirst();
        double clock = 0;
        boolean oil = false;
        double start = ask.loggedScratchUm()
                .orElse(grind.map(g -> g.machine().scratchUm()).orElse(UNKNOWN_SCRATCH_UM));
        for (Job job : jobs(restoration, survey, start, grind.isPresent(), ask)) {
            Wish wish = ask.wishes().getOrDefault(job.kind(), Wish.NONE);
            JobPath path = ProgressionPlanner.plan(shelf, job, steel, rules, oil, wish);
            paths.add(path);
            clock += path.seconds();
            oil = path.oilOnTool();
            carryOn(path);
        }
        int guided = (int)
                paths.stream().filter(p -> p.job().kind() != Job.Kind.BACK).count();
        int resets = Math.max(0, guided - 1);
        double last = paths.isEmpty()
                ? 0
                : paths.get(paths.size() - 1)
                        .legs()
                        .get(paths.get(paths.size() - 1).legs().size() - 1)
                        .abrasive()
                        .d50Um();
        Optional<Abrasive> strop = rules.habits().strop() ? strop(last) : Optional.empty();
        double grinding =
                grind.map(g -> (g.leastSeconds() + g.mostSeconds()) / 2).orElse(0.0);
        double stropping = strop.isEmpty()
                ? 0
                : rules.changeSeconds() + 2 * rules.habits().stropStrokes() * rules.secondsPerStroke();
        return new WorkPlan(
                paths,
                offers,
                grind,
                strop,
                rules.habits().strop() ? stropNote(strop, last) : ProgressionWords.OFF_THE_STONE.words(),
                resets,
                rules.habits().strop() ? rules.habits().stropStrokes() : 0,
                clock + grinding + stropping + resets * rules.resetSeconds());
    }

    private List<Job> jobs(Restoration restoration, EdgeSurvey survey, double startUm, boolean ground, PlanAsk ask) {
        List<Job> jobs = new ArrayList<>();
        if (kind.back() && restoration.secondary().isPresent() && survey.backWantsWork()) {
            jobs.add(job(Job.Kind.BACK, restoration.back(), UNKNOWN_SCRATCH_UM, true));
        }
        if (restoration.primary().isPresent() && !ground) {
            jobs.add(job(Job.Kind.PRIMARY, restoration.primary().get(), startUm, false));
        }
        Job.Bevel honed = ask.target()
                .map(t -> new Job.Bevel(t.last().degrees(), restoration.honedWidthMm()))
                .orElse(Job.Bevel.UNKNOWN);
        restoration
                .secondary()
                .ifPresent(
                        s -> jobs.add(job(Job.Kind.SECONDARY, s, startUm, true).on(honed)));
        return jobs;
    }

    private Job job(Job.Kind kind, Shaping shaping, double startUm, boolean finished) {
        return new Job(
                kind,
                shaping,
                startUm,
                finished ? Optional.of(window) : Optional.empty(),
                Job.Forces.of(this.kind),
                kind == Job.Kind.BACK && this.kind == GeometryKind.SINGLE_BEVEL_KNIFE,
                shapes(this.kind));
    }

    private List<PowerOffer> offers(Shaping shaping) {
        if (shaping.volumeMm3() <= rules.offerPowerAboveMm3()) {
            return List.of();
        }
        return shelf.stream()
                .filter(a -> !a.state().retired())
                .flatMap(a -> PowerRate.of(a.kind()).stream()
                        .map(rate -> new PowerOffer(
                                a,
                                rate.leastSeconds(shaping.volumeMm3()),
                                rate.mostSeconds(shaping.volumeMm3()),
                                shaping.volumeMm3())))
                .toList();
    }

    /** Leaves the shelf as the job leaves it: strokes counted, flattened where due, soaking under way. */
    private void carryOn(JobPath path) {
        for (int i = 0; i < shelf.size(); i++) {
            Abrasive a = shelf.get(i);
            Abrasive.State s = a.state();
            double since = s.strokesSinceLapped();
            boolean flat = s.flat();
            boolean worked = false;
            for (Leg leg : path.legs()) {
                if (leg.abrasive() == a) {
                    double all = (flat ? since : 0) + leg.strokes();
                    since = a.kind().flattenAfterStrokes().isPresent()
                            ? all % a.kind().flattenAfterStrokes().getAsDouble()
                            : all;
                    flat = true;
                    worked = true;
                }
            }
            double soak = Math.max(0, s.soakLeftSeconds() - path.seconds());
            shelf.set(
                    i,
                    a.with(new Abrasive.State(
                            flat,
                            since,
                            s.lappable(),
                            soak,
                            s.retired(),
                            s.frozen(),
                            s.glazed() && !worked,
                            s.oilInside() || worked && a.oiled(),
                            s.worn())));
        }
    }

    /** The strop nearest below the last stone: one with compound before a bare one. */
    private Optional<Abrasive> strop(double lastUm) {
        return shelf.stream()
                .filter(a ->
                        a.kind().use() == AbrasiveKind.Use.STROP && !a.state().retired())
                .min(Comparator.comparingDouble(a ->
                        a.d50Um() <= 0 ? Double.MAX_VALUE : Math.abs(Math.log(a.d50Um() / Math.max(lastUm, 0.1)))));
    }

    private static String stropNote(Optional<Abrasive> strop, double lastUm) {
        if (strop.isEmpty()) {
            return ProgressionWords.NO_STROP.words();
        }
        if (strop.get().d50Um() <= 0) {
            return ProgressionWords.BARE_STROP.words();
        }
        if (lastUm > STROP_STEP * strop.get().d50Um()) {
            return ProgressionWords.STROP_TOO_FINE.fill("times", Numbers.plain(STROP_STEP, 1));
        }
        return "";
    }
}
