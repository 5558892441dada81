package truekeen.core.progression;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Scope;
import truekeen.core.job.Hold;
import truekeen.core.job.Job;
import truekeen.core.job.JobKind;
import truekeen.core.job.Shaping;
import truekeen.core.removal.Filing;
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

    private static final double TOUCHED_UP_RATIO = Prior.TOUCHED_UP_SCRATCH_RATIO.value();

    private static final Set<Abrasive.Shape> FLAT_SHAPES =
            Set.of(Abrasive.Shape.BENCH, Abrasive.Shape.NARROW, Abrasive.Shape.POCKET, Abrasive.Shape.STRIP);
    /** A small round stone in circles follows a curve, and spoils a flat. */
    /** What is held in the hand and moved over a tool that lies still. */
    private static final Set<Abrasive.Shape> HAND_SHAPES =
            Set.of(Abrasive.Shape.ROUND, Abrasive.Shape.POCKET, Abrasive.Shape.STRIP);

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
    private OptionalDouble hardness = OptionalDouble.empty();

    private WorkPlanner(List<Abrasive> shelf, SteelClass steel, PlanRules rules, ToolUse trade) {
        this.shelf = new ArrayList<>(shelf);
        this.steel = steel;
        this.rules = rules;
        this.kind = trade.geometry();
        this.window = rules.habits()
                .finish()
                .of(new FinishWindow(trade.finishFinestUm(), trade.finishUsualUm(), trade.finishCoarsestUm())
                        .fineEnoughFor(trade.keennessPurpose()));
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
    public static List<StoneWork> jobs(
            Restoration restoration, EdgeSurvey survey, ToolUse trade, SteelClass steel, PlanRules rules, PlanAsk ask) {
        return new WorkPlanner(List.of(), steel, rules, trade).works(restoration, ask);
    }

    /** Shapes of abrasives that can work the edge of a family. */
    public static Set<Abrasive.Shape> shapes(GeometryKind kind) {
        boolean hollowEdge = kind == GeometryKind.RECURVE || kind == GeometryKind.HOOK_KNIFE;
        return hollowEdge ? NARROW_SHAPES : kind.square() || kind.back() ? FLAT_SHAPES : FREE_SHAPES;
    }

    /**
     * Shapes of abrasives that can work a face of a family. A curve is followed by a small stone in the hand; only a shelf that has
     * none does it on what lies on the bench.
     *
     * @param hold how the tool is held to it
     */
    public static Set<Abrasive.Shape> shapes(GeometryKind kind, Hold hold, List<Abrasive> shelf) {
        boolean inHand = hold == Hold.STONE_IN_CIRCLES
                && shelf.stream()
                        .anyMatch(a -> HAND_SHAPES.contains(a.shape())
                                && a.kind().cutsInStrokes()
                                && !a.state().retired());
        return inHand ? HAND_SHAPES : shapes(kind);
    }

    /** The stone of a shelf nearest the finish a trade wants, for a touch-up that a strop could not do. */
    public static Optional<Abrasive> finishingStone(List<Abrasive> shelf, ToolUse trade, SteelClass steel) {
        WorkPlanner planner = new WorkPlanner(shelf, steel, PlanRules.USUAL, trade);
        StoneWork touchUp = new StoneWork(
                JobKind.SECONDARY,
                Shaping.none(1),
                0,
                Optional.of(planner.window),
                StoneWork.Forces.of(1),
                false,
                shapes(trade.geometry()));
        List<Abrasive> usable = ShelfRule.allowed(shelf, touchUp, steel);
        return usable.isEmpty() ? Optional.empty() : Optional.of(ProgressionPlanner.finishing(usable, planner.window));
    }

    private WorkPlan plan(Restoration restoration, EdgeSurvey survey, PlanAsk ask) {
        hardness = ask.hardnessHrc();
        List<PowerOffer> offers = big(restoration).map(j -> offers(j.shaping())).orElse(List.of());
        Optional<String> on = ask.grindOn()
                .or(() -> rules.habits().onWheel() ? WheelWork.wheel(shelf).map(Abrasive::id) : Optional.empty());
        Optional<PowerOffer> grind = offers.stream()
                .filter(o -> on.filter(o.machine().id()::equals).isPresent())
                .findFirst();
        Optional<Job> ground = grind.flatMap(g -> big(restoration));
        Optional<WheelWork> wheel = wheelWork(restoration, ground);
        List<JobPath> paths = new ArrayList<>();
        boolean oil = false;
        Scratches scratches = new Scratches(ask.loggedScratchUm(), lastFinish(restoration));
        for (Job job : restoration.jobs()) {
            boolean byMachine = ground.filter(g -> g == job).isPresent();
            if (byMachine) {
                scratches.left(job, grind.get().machine().scratchUm());
            }
            if (wheel.isPresent() && WheelWork.takes(job)) {
                scratches.left(job, wheel.get().wheel().scratchUm());
                continue;
            }
            if (job.hold() == Hold.RULE || byMachine && job.covered()) {
                continue;
            }
            StoneWork work = asked(ask).of(job, restoration, scratches.on(job), byMachine);
            JobPath path = ProgressionPlanner.plan(
                    shelf, work, steel, rules, oil, ask.wishes().getOrDefault(job.kind(), Wish.NONE));
            paths.add(path);
            oil = path.oilOnTool();
            scratches.left(job, path.scratchLeftUm());
            ShelfAfter.leave(shelf, path);
        }
        double last = wheel.map(w -> w.burrOn().orElse(w.wheel()).d50Um()).orElseGet(() -> lastGrainUm(paths));
        boolean house = rules.habits().strop();
        List<Abrasive> strops = house ? Strops.after(last, shelf, steel, ask.strop()) : List.of();
        return new WorkPlan(
                restoration.jobs(),
                paths,
                offers,
                grind,
                ground.map(Job::kind),
                strops,
                house
                        ? Strops.note(strops.stream().findFirst(), last, shelf, steel, ask.strop())
                        : ProgressionWords.OFF_THE_STONE.words(),
                (int) restoration.jobs().stream()
                        .filter(j -> j.hold() == Hold.SETTING)
                        .count(),
                house && ask.strop().filter(StropWish::none).isEmpty()
                        ? rules.habits().stropStrokes()
                        : 0,
                wheel);
    }

    private static double lastGrainUm(List<JobPath> paths) {
        if (paths.isEmpty()) {
            return 0;
        }
        List<Leg> legs = paths.get(paths.size() - 1).legs();
        return legs.get(legs.size() - 1).abrasive().d50Um();
    }

    /** The wheel as the whole job, where the house does so and owns one. */
    private Optional<WheelWork> wheelWork(Restoration restoration, Optional<Job> ground) {
        if (!rules.habits().onWheel() || restoration.jobs().stream().noneMatch(WheelWork::takes)) {
            return Optional.empty();
        }
        List<Abrasive> stones = shelf.stream()
                .filter(a -> a.kind().cutsInStrokes()
                        && FLAT_SHAPES.contains(a.shape())
                        && !a.state().retired())
                .toList();
        Optional<Abrasive> burrOn =
                stones.isEmpty() ? Optional.empty() : Optional.of(ProgressionPlanner.finishing(stones, window));
        return WheelWork.wheel(shelf)
                .map(w -> WheelWork.of(w, restoration.jobs(), ground, kind.bothSides() ? 2 : 1, burrOn));
    }

    /**
     * Scratch taken to be on the edge where none is logged (µm): on a touch-up that of the stone it would be finished on here,
     * since it still has its finish.
     */
    private double lastFinish(Restoration restoration) {
        boolean touchUp = restoration.scope() == Scope.FINE_STONE_ONLY;
        List<Abrasive> stones = shelf.stream()
                .filter(a -> a.kind().cutsInStrokes()
                        && a.kind().use() == AbrasiveKind.Use.STROKES
                        && !a.state().retired())
                .toList();
        return touchUp && !stones.isEmpty()
                ? ProgressionPlanner.finishing(stones, window).scratchUm()
                : touchUp ? TOUCHED_UP_RATIO * window.usualUm() : UNKNOWN_SCRATCH_UM;
    }

    /** The job that a machine would do: the one that takes most, where it takes more than the house does by hand. */
    private Optional<Job> big(Restoration restoration) {
        double above = rules.habits().onWheel() ? Prior.BY_MACHINE_ABOVE_MM3.value() : rules.offerPowerAboveMm3();
        return restoration.byMachine().filter(j -> j.shaping().volumeMm3() > above);
    }

    private StoneAsked asked(PlanAsk ask) {
        return new StoneAsked(shelf, steel, kind, window, ask);
    }

    private List<StoneWork> works(Restoration restoration, PlanAsk ask) {
        Scratches scratches = new Scratches(ask.loggedScratchUm(), lastFinish(restoration));
        return restoration.jobs().stream()
                .filter(j -> j.hold() != Hold.RULE)
                .map(j -> asked(ask).of(j, restoration, scratches.on(j), false))
                .toList();
    }

    private List<PowerOffer> offers(Shaping shaping) {
        return shelf.stream()
                .filter(a -> !a.state().retired())
                .flatMap(a -> offer(a, shaping).stream())
                .toList();
    }

    private Optional<PowerOffer> offer(Abrasive a, Shaping shaping) {
        double volume = shaping.volumeMm3();
        if (a.kind() == AbrasiveKind.FILE) {
            return Filing.bites(Filing.hardness(hardness, steel))
                    ? Optional.of(new PowerOffer(a, Filing.leastSeconds(volume), Filing.mostSeconds(volume), volume))
                    : Optional.empty();
        }
        return PowerRate.of(a.kind())
                .map(rate -> new PowerOffer(a, rate.leastSeconds(volume), rate.mostSeconds(volume), volume));
    }
}
