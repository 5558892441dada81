package truekeen.core.repair;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Occasion;
import truekeen.core.condition.Occasion.BackDecision;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Restorer;
import truekeen.core.condition.SavingBackBevel;
import truekeen.core.condition.ShapeDeviations;
import truekeen.core.job.Job;
import truekeen.core.job.JobKind;
import truekeen.core.message.Numbers;
import truekeen.core.message.RefusedException;
import truekeen.core.progression.FinishWindow;
import truekeen.core.progression.JobPath;
import truekeen.core.progression.PlanRules;
import truekeen.core.progression.ProgressionPlanner;
import truekeen.core.progression.StoneWork;
import truekeen.core.progression.WorkPlanner;
import truekeen.core.quantity.Angle;
import truekeen.core.removal.StockRemoval;
import truekeen.core.section.EdgeShape;
import truekeen.core.section.TargetBevel;
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

    /**
     * A way to deal with a damaged back.
     *
     * @param key FLATTEN, BACK_BEVEL, PAST_THE_PITS, LEAVE, PAST_THE_BEVEL or RETIRE
     * @param words what it is
     * @param allowed whether it may be done
     * @param reason why not, or what to know
     * @param depthMm steel off the back (mm)
     * @param volumeMm3 steel to go in all (mm³)
     * @param lostMm off the length in all (mm)
     * @param angleDeg angle of a back bevel (°), where it is one
     * @param leastSeconds least time (s), an estimate, where it can be told
     * @param mostSeconds most time (s)
     * @param decided whether the plan goes this way
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
            OptionalDouble mostSeconds,
            boolean decided) {}

    /** Keeps the lists from changing. */
    public BackWork {
        acts = List.copyOf(acts);
        options = List.copyOf(options);
    }

    /**
     * The work on the back of a tool; empty on families that have none.
     *
     * @param target bevels it is to have
     * @param trade its work, which says how fine the back is to end
     * @param occasion what decides which jobs are done
     */
    public static Optional<BackWork> of(
            Restoration restoration,
            EdgeSurvey survey,
            Blade blade,
            SteelClass steel,
            List<Abrasive> shelf,
            PlanRules rules,
            ToolUse trade,
            TargetBevel target,
            Occasion occasion) {
        if (!blade.kind().back()) {
            return Optional.empty();
        }
        double strip = Math.min(
                blade.kind().square() ? Restorer.BACK_ZONE_MM : Restorer.BACK_STRIP_MM,
                blade.usable().mm());
        double depth = survey.effectiveBackDepthMm();
        List<Option> options = depth > 0 || survey.pitsAtEdgeMm() > 0
                ? options(restoration, survey, blade, steel, shelf, rules, strip, depth, target, occasion)
                : List.of();
        return Optional.of(new BackWork(
                strip,
                depth,
                acts(survey, blade, strip, depth, stones(restoration, blade, steel, shelf, rules, trade), occasion),
                options));
    }

    private static List<String> acts(
            EdgeSurvey survey, Blade blade, double strip, double depth, String stones, Occasion occasion) {
        List<String> acts = new ArrayList<>();
        boolean iron = blade instanceof PlaneIron;
        if (!survey.backWantsWork()) {
            acts.add(RepairWords.BACK_KEEPS_PACE.words());
        } else if (occasion.back() != BackDecision.FLATTEN) {
            acts.add(RepairWords.BACK_NOT_FLATTENED.words());
        } else if (iron && occasion.thinRule() && survey.pitsAtEdgeMm() <= 0) {
            acts.add(RepairWords.BACK_LIES_STILL.words());
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
        if (iron && occasion.thinRule()) {
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
                        Numbers.plain(
                                b.missed(blade.edgeLengthMm())
                                        .map(ShapeDeviations.Missed::depthMm)
                                        .orElse(0.0),
                                2))));
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
            double depth,
            TargetBevel target,
            Occasion occasion) {
        List<Option> all = new ArrayList<>();
        double pits = survey.pitsAtEdgeMm();
        boolean tooDeep = pits > Restorer.DEEPEST_PITS_MM;
        Optional<JobPath> path = flatten(restoration, blade, steel, shelf, rules);
        double spread = StockRemoval.firstEstimateSpread();
        BackDecision decided = occasion.back();
        Choice choice = new Choice(survey, blade, target, occasion);
        all.add(choice.option(
                BackDecision.FLATTEN,
                RepairWords.OPTION_FLATTEN.fill("strip", Numbers.plain(strip, 0)),
                path.isEmpty() ? RepairWords.NOTHING_ALLOWED.words() : "",
                path.isEmpty()
                        ? ""
                        : tooDeep
                                ? RepairWords.PITS_TOO_DEAR.fill("deepest", Numbers.plain(Restorer.DEEPEST_PITS_MM, 2))
                                : RepairWords.STONE_FIRST.fill(
                                        "stone",
                                        path.get().legs().get(0).abrasive().name()),
                depth,
                path.map(p -> OptionalDouble.of(p.seconds() / spread)).orElse(OptionalDouble.empty()),
                path.map(p -> OptionalDouble.of(p.seconds() * spread)).orElse(OptionalDouble.empty())));
        if (pits > 0) {
            all.add(backBevel(choice, blade, target, pits));
            all.add(choice.option(
                    BackDecision.PAST_THE_PITS,
                    RepairWords.OPTION_PAST_PITS.words(),
                    "",
                    blade.steelLeftMm() > pits
                            ? RepairWords.PAST_PITS_WHY.fill("left", Numbers.plain(blade.steelLeftMm() - pits, 1))
                            : RepairWords.PAST_RETIRE_LIMIT.words(),
                    pits,
                    OptionalDouble.empty(),
                    OptionalDouble.empty()));
            all.add(choice.option(
                    BackDecision.LEAVE,
                    RepairWords.OPTION_LEAVE_PITS.words(),
                    "",
                    RepairWords.LEAVE_PITS_WHY.words(),
                    0,
                    OptionalDouble.empty(),
                    OptionalDouble.empty()));
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
                    OptionalDouble.empty(),
                    false));
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
                        OptionalDouble.empty(),
                        o.goes() == ShapeDeviations.OldBackGoes.BY_THE_EDGE && decided == BackDecision.FLATTEN)));
        return all;
    }

    /** What each decision really comes to: the same edge worked out with it. */
    private record Choice(EdgeSurvey survey, Blade blade, TargetBevel target, Occasion occasion) {
        Option option(
                BackDecision what,
                String words,
                String bar,
                String reason,
                double depth,
                OptionalDouble least,
                OptionalDouble most) {
            Optional<Restoration> then = Optional.empty();
            String refused = bar;
            try {
                then = Optional.of(Restorer.restore(blade, survey, target, occasion.deciding(what)));
            } catch (RefusedException cannot) {
                refused = cannot.getMessage();
            }
            return new Option(
                    what.name(),
                    words,
                    refused.isEmpty(),
                    refused.isEmpty() ? (reason + hardLayer(what, depth, occasion)).strip() : refused,
                    depth,
                    then.map(Restoration::volumeMm3).orElse(0.0),
                    then.map(Restoration::lostMm).orElse(0.0),
                    then.flatMap(r -> r.job(JobKind.BACK_BEVEL))
                            .flatMap(Job::angle)
                            .map(back -> OptionalDouble.of(back.degrees()))
                            .orElse(OptionalDouble.empty()),
                    least,
                    most,
                    occasion.back() == what);
        }
    }

    /** What a laminated tool keeps of its hard layer: below it the edge would stand on soft steel. */
    private static String hardLayer(BackDecision what, double depthMm, Occasion occasion) {
        boolean offTheBack = what == BackDecision.FLATTEN || what == BackDecision.BACK_BEVEL;
        return occasion.hardLayer()
                .filter(layer -> offTheBack && depthMm > 0)
                .map(layer -> " "
                        + (depthMm < layer.mm() * Prior.HARD_LAYER_KEPT.value()
                                ? RepairWords.HARD_LAYER_LEAVES.fill(
                                        "left", Numbers.plain(layer.mm() - depthMm, 2), "layer", layer)
                                : RepairWords.HARD_LAYER_ENDS.fill("layer", layer)))
                .orElse("");
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
        StoneWork job = new StoneWork(
                JobKind.BACK,
                restoration.back(),
                WorkPlanner.UNKNOWN_SCRATCH_UM,
                finish,
                StoneWork.Forces.of(blade.kind(), blade.edgeLengthMm()),
                blade.kind() == GeometryKind.SINGLE_BEVEL_KNIFE,
                WorkPlanner.shapes(blade.kind()));
        try {
            return Optional.of(ProgressionPlanner.plan(shelf, job, steel, rules, false));
        } catch (RefusedException none) {
            return Optional.empty();
        }
    }

    private static Option backBevel(Choice choice, Blade blade, TargetBevel target, double pits) {
        Angle angle = SavingBackBevel.angle(pits);
        double width = EdgeShape.backBevelWidthMm(angle);
        String refused = blade.kind().refused().getOrDefault(Operation.BACK_BEVEL, "");
        String clearance = RepairWords.NARROWER_IS_STEEPER.fill(
                "narrower", Numbers.plain(width / 2, 0), "angle", Angle.ofRadians(Math.atan(2 * pits / width)));
        if (blade instanceof PlaneIron iron && refused.isEmpty()) {
            double left = iron.clearance(target.last(), angle).degrees();
            clearance = iron.bevelUp()
                    ? RepairWords.LEAVES_CLEARANCE.fill("left", Numbers.plain(left, 1))
                    : RepairWords.RAISES_CUTTING_ANGLE.fill("angle", iron.cutting(target.last(), angle));
            refused = iron.bevelUp() && left <= 0 ? RepairWords.NO_CLEARANCE_LEFT.words() : "";
        }
        if (!SavingBackBevel.fits(pits) && refused.isEmpty()) {
            refused = RepairWords.PITS_WANT_MORE.fill("width", Numbers.plain(width, 0));
        }
        return choice.option(
                BackDecision.BACK_BEVEL,
                RepairWords.OPTION_BACK_BEVEL.fill("angle", angle, "width", Numbers.plain(width, 0)),
                refused,
                clearance,
                pits,
                OptionalDouble.empty(),
                OptionalDouble.empty());
    }
}
