package truekeen.core.repair;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Finding;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Restorer;
import truekeen.core.condition.ShapeDeviations;
import truekeen.core.message.Numbers;
import truekeen.core.message.RefusedException;
import truekeen.core.progression.FinishWindow;
import truekeen.core.progression.Job;
import truekeen.core.progression.JobPath;
import truekeen.core.progression.PlanRules;
import truekeen.core.progression.ProgressionPlanner;
import truekeen.core.progression.WorkPlanner;
import truekeen.core.quantity.Angle;
import truekeen.core.removal.StockRemoval;
import truekeen.core.steel.SteelClass;
import truekeen.core.table.Prior;
import truekeen.core.tool.Blade;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.Operation;
import truekeen.core.tool.PlaneIron;
import truekeen.core.tool.ToolUse;

/**
 * The work on the back: how much of it, how deep, by which technique, and what else could be done about it, each with its
 * figures. Source: derived here; limits are workshop priors.
 *
 * @param stripMm how far from the edge it is kept flat (mm)
 * @param depthMm steel to go (mm); 0 where it is only polished
 * @param acts what to do, in order
 * @param options ways to deal with what is deep; empty where nothing is
 */
public record BackWork(double stripMm, double depthMm, List<String> acts, List<Option> options) {
    /** A tool narrower than this rocks on the stone when worked along it (mm). Source: workshop prior. */
    public static final double NARROW_MM = Prior.BACK_WORK_NARROW_MM.value();
    /** Width of a back bevel that saves a pitted back (mm). Source: workshop prior. */
    public static final double SAVING_BEVEL_MM = Prior.THIN_BACK_BEVEL_MM.value();

    /**
     * A way to deal with a damaged back.
     *
     * @param key FLATTEN, BACK_BEVEL, PAST_THE_PITS or RETIRE
     * @param words what it is
     * @param allowed whether it may be done
     * @param reason why not, or what to know
     * @param depthMm steel off the back (mm)
     * @param volumeMm3 steel to go (mm³)
     * @param lostMm off the length (mm)
     * @param angleDeg angle of a back bevel (°), where it is one
     * @param leastSeconds least time (s), an estimate, where it can be told
     * @param mostSeconds most time (s)
     */
    public record Option(
            String key,
            String words,
            boolean allowed,
            String reason,
            double depthMm,
            double volumeMm3,
            double lostMm,
            OptionalDouble angleDeg,
            OptionalDouble leastSeconds,
            OptionalDouble mostSeconds) {}

    /** Keeps the lists from changing. */
    public BackWork {
        acts = List.copyOf(acts);
        options = List.copyOf(options);
    }

    /**
     * The work on the back of a tool; empty on families that have none.
     *
     * @param trade its work, which says how fine the back is to end
     * @param thinRule whether the house takes a thin rule to irons
     */
    public static Optional<BackWork> of(
            Restoration restoration,
            EdgeSurvey survey,
            Blade blade,
            SteelClass steel,
            List<Abrasive> shelf,
            PlanRules rules,
            ToolUse trade,
            boolean thinRule) {
        if (!blade.kind().back()) {
            return Optional.empty();
        }
        double strip = Math.min(
                blade.kind().square() ? Restorer.BACK_ZONE_MM : Restorer.BACK_STRIP_MM,
                blade.usable().mm());
        double depth = survey.effectiveBackDepthMm();
        List<Option> options =
                depth > 0 ? options(restoration, survey, blade, steel, shelf, rules, strip, depth) : List.of();
        return Optional.of(new BackWork(
                strip,
                depth,
                acts(survey, blade, strip, depth, stones(restoration, blade, steel, shelf, rules, trade), thinRule),
                options));
    }

    private static List<String> acts(
            EdgeSurvey survey, Blade blade, double strip, double depth, String stones, boolean thinRule) {
        List<String> acts = new ArrayList<>();
        boolean iron = blade instanceof PlaneIron;
        if (!survey.backWantsWork()) {
            acts.add(RepairWords.BACK_KEEPS_PACE.words());
        } else if (blade.kind() == GeometryKind.SINGLE_BEVEL_KNIFE) {
            acts.add(RepairWords.BACK_ONLY_KISSES.words());
        } else {
            String last = Numbers.plain(strip, 0);
            acts.add(
                    depth > 0
                            ? RepairWords.BACK_STRIP_UNTIL.fill(
                                    "last", last, "depth", Numbers.plain(depth, 2), "stones", stones)
                            : RepairWords.BACK_STRIP.fill("last", last, "stones", stones));
            acts.add(RepairWords.BACK_FINGERS.words());
            if (blade.edgeLengthMm() < NARROW_MM) {
                acts.add(RepairWords.BACK_NARROW.words());
            }
        }
        if (iron && thinRule) {
            acts.add(RepairWords.BACK_THIN_RULE.words());
        }
        if (survey.departures().oldBack().isPresent()) {
            acts.add(RepairWords.BACK_OLD_BEVEL.words());
        }
        survey.departures()
                .bend()
                .ifPresent(b -> acts.add(RepairWords.BACK_BENT.fill(
                        "gap",
                        b.gap(),
                        "missed",
                        Numbers.plain(b.missedUnder(200, Math.max(200, blade.edgeLengthMm())), 2))));
        return acts;
    }

    private static List<Option> options(
            Restoration restoration,
            EdgeSurvey survey,
            Blade blade,
            SteelClass steel,
            List<Abrasive> shelf,
            PlanRules rules,
            double strip,
            double depth) {
        List<Option> all = new ArrayList<>();
        double pits = survey.pitsAtEdgeMm();
        boolean tooDeep = pits > Restorer.DEEPEST_PITS_MM;
        Optional<JobPath> path = flatten(restoration, blade, steel, shelf, rules);
        double spread = StockRemoval.firstEstimateSpread();
        all.add(new Option(
                "FLATTEN",
                RepairWords.OPTION_FLATTEN.fill("strip", Numbers.plain(strip, 0)),
                path.isPresent(),
                path.isEmpty()
                        ? RepairWords.NOTHING_ALLOWED.words()
                        : tooDeep
                                ? RepairWords.PITS_TOO_DEAR.fill("deepest", Numbers.plain(Restorer.DEEPEST_PITS_MM, 2))
                                : RepairWords.STONE_FIRST.fill(
                                        "stone",
                                        path.get().legs().get(0).abrasive().name()),
                depth,
                restoration.back().volumeMm3(),
                0,
                OptionalDouble.empty(),
                path.map(p -> OptionalDouble.of(p.seconds() / spread)).orElse(OptionalDouble.empty()),
                path.map(p -> OptionalDouble.of(p.seconds() * spread)).orElse(OptionalDouble.empty())));
        if (pits > 0) {
            all.add(backBevel(blade, restoration, pits));
            pastThePits(survey, blade).ifPresent(all::add);
            boolean saved = blade.kind().allows(Operation.BACK_BEVEL);
            all.add(new Option(
                    "RETIRE",
                    RepairWords.OPTION_PUT_ASIDE.words(),
                    true,
                    tooDeep && !saved ? RepairWords.PUT_ASIDE_WHY.words() : RepairWords.PUT_ASIDE_NOT_YET.words(),
                    0,
                    0,
                    0,
                    OptionalDouble.empty(),
                    OptionalDouble.empty(),
                    OptionalDouble.empty()));
        }
        survey.departures()
                .oldBack()
                .filter(o -> o.goes() != ShapeDeviations.OldBackGoes.KEPT)
                .ifPresent(o -> all.add(new Option(
                        "PAST_THE_BEVEL",
                        RepairWords.OPTION_PAST_OLD_BEVEL.words(),
                        true,
                        RepairWords.INSTEAD_OF_FLATTENING.fill("depth", Numbers.plain(o.depthMm(), 2)),
                        0,
                        0,
                        o.recessionMm(),
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        OptionalDouble.empty())));
        return all;
    }

    /** The stones for it by name, in order, ending on the finish that its work wants. */
    private static String stones(
            Restoration restoration,
            Blade blade,
            SteelClass steel,
            List<Abrasive> shelf,
            PlanRules rules,
            ToolUse trade) {
        FinishWindow finish = new FinishWindow(trade.finishFinestUm(), trade.finishUsualUm(), trade.finishCoarsestUm());
        return path(restoration, blade, steel, shelf, rules, Optional.of(finish))
                .map(p -> p.legs().stream()
                        .map(l -> "the " + l.abrasive().name())
                        .collect(Collectors.joining(RepairWords.THEN.words())))
                .orElse(RepairWords.NO_STONE_ALLOWED.words());
    }

    private static Optional<JobPath> flatten(
            Restoration restoration, Blade blade, SteelClass steel, List<Abrasive> shelf, PlanRules rules) {
        return path(restoration, blade, steel, shelf, rules, Optional.empty());
    }

    private static Optional<JobPath> path(
            Restoration restoration,
            Blade blade,
            SteelClass steel,
            List<Abrasive> shelf,
            PlanRules rules,
            Optional<FinishWindow> finish) {
        Job job = new Job(
                Job.Kind.BACK,
                restoration.back(),
                WorkPlanner.UNKNOWN_SCRATCH_UM,
                finish,
                Job.Forces.of(blade.kind()),
                blade.kind() == GeometryKind.SINGLE_BEVEL_KNIFE,
                WorkPlanner.shapes(blade.kind()));
        try {
            return Optional.of(ProgressionPlanner.plan(shelf, job, steel, rules, false));
        } catch (RefusedException none) {
            return Optional.empty();
        }
    }

    private static Option backBevel(Blade blade, Restoration restoration, double pits) {
        double sin = pits / SAVING_BEVEL_MM;
        boolean fits = sin < Math.sin(Math.toRadians(30));
        Angle angle = fits ? Angle.ofRadians(Math.asin(sin)) : Angle.ofDegrees(30);
        String refused = blade.kind().refused().getOrDefault(Operation.BACK_BEVEL, "");
        String clearance = "";
        if (blade instanceof PlaneIron iron && refused.isEmpty()) {
            double left = iron.clearance(iron.lastBevel(), angle).degrees();
            clearance = iron.bevelUp()
                    ? RepairWords.LEAVES_CLEARANCE.fill("left", Numbers.plain(left, 1))
                    : RepairWords.RAISES_CUTTING_ANGLE.fill("angle", iron.cutting(iron.lastBevel(), angle));
            refused = iron.bevelUp() && left <= 0 ? RepairWords.NO_CLEARANCE_LEFT.words() : "";
        }
        if (!fits && refused.isEmpty()) {
            refused = RepairWords.PITS_WANT_MORE.fill("width", Numbers.plain(SAVING_BEVEL_MM, 0));
        }
        return new Option(
                "BACK_BEVEL",
                RepairWords.OPTION_BACK_BEVEL.fill("angle", angle, "width", Numbers.plain(SAVING_BEVEL_MM, 0)),
                refused.isEmpty(),
                refused.isEmpty() ? clearance : refused,
                pits,
                SAVING_BEVEL_MM * SAVING_BEVEL_MM * angle.sin() * angle.cos() / 2 * blade.edgeLengthMm(),
                0,
                OptionalDouble.of(angle.degrees()),
                OptionalDouble.empty(),
                OptionalDouble.empty());
    }

    /** Pits that were marked are taken as round: they reach as far back as they are wide. */
    private static Optional<Option> pastThePits(EdgeSurvey survey, Blade blade) {
        double reach = survey.findings().stream()
                .filter(f -> f.kind() == Finding.Kind.PIT_BACK && !f.leave() && f.behindMm() <= 0)
                .mapToDouble(f -> f.toMm() - f.fromMm())
                .max()
                .orElse(0);
        if (reach <= 0) {
            return Optional.empty();
        }
        double left = blade.steelLeftMm() - reach;
        return Optional.of(new Option(
                "PAST_THE_PITS",
                RepairWords.OPTION_PAST_PITS.words(),
                left > 0,
                left > 0
                        ? RepairWords.PAST_PITS_WHY.fill("left", Numbers.plain(left, 1))
                        : RepairWords.PAST_RETIRE_LIMIT.words(),
                0,
                0,
                reach,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty()));
    }
}
