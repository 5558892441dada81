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
    public static final double SAVING_BEVEL_MM = Prior.BACK_WORK_SAVING_BEVEL_MM.value();

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
            acts.add("A few strokes of the back on the finest stone at every honing: the polished strip keeps pace with"
                    + " the edge.");
        } else if (blade.kind() == GeometryKind.SINGLE_BEVEL_KNIFE) {
            acts.add("The hollow back only kisses the fine stone: flat, a few strokes, the rim and no more.");
        } else {
            acts.add("Only the last " + Numbers.plain(strip, 0) + " mm matter"
                    + (depth > 0 ? ", until " + Numbers.plain(depth, 2) + " mm are gone" : "") + ": " + stones + ".");
            acts.add(
                    "Fingers low and close to the edge. Break a clinging back free with the handle going down: a raised"
                            + " handle rounds it.");
            if (blade.edgeLengthMm() < NARROW_MM) {
                acts.add("It is narrow: work it in and out over the stone's edge rather than along, or it rocks.");
            }
        }
        if (iron && thinRule) {
            acts.add("On the finest stone lay a thin rule along its far side, the iron's back across it: a strip at the"
                    + " edge comes up in a few strokes where the whole face would take an age.");
        }
        if (survey.departures().oldBack().isPresent()) {
            acts.add("The old back bevel must go before the back guides a cut again.");
        }
        survey.departures()
                .bend()
                .ifPresent(b -> acts.add("It is bent by " + b.gap() + ": a stone of 200 mm misses up to "
                        + Numbers.plain(b.missedUnder(200, Math.max(200, blade.edgeLengthMm())), 2)
                        + " mm in its hollow side. Work across it, not along."));
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
                "Flatten the last " + Numbers.plain(strip, 0) + " mm",
                path.isPresent(),
                path.isEmpty()
                        ? "nothing on the shelf may be used for it"
                        : tooDeep
                                ? "past " + Numbers.plain(Restorer.DEEPEST_PITS_MM, 2)
                                        + " mm it costs more than most tools are worth"
                                : "on the "
                                        + path.get().legs().get(0).abrasive().name() + " first",
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
                    "Put it aside",
                    true,
                    tooDeep && !saved
                            ? "deep pits at the edge end its life as what it is"
                            : "not yet: there are ways to save it",
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
                        "Move the edge back past the old back bevel",
                        true,
                        "instead of flattening " + Numbers.plain(o.depthMm(), 2) + " mm off the back",
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
                .map(p ->
                        p.legs().stream().map(l -> "the " + l.abrasive().name()).collect(Collectors.joining(", then ")))
                .orElse("no stone on the shelf may be used for it");
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
                    ? "leaves " + Numbers.plain(left, 1) + "° of clearance"
                    : "raises the cutting angle to " + iron.cutting(iron.lastBevel(), angle);
            refused = iron.bevelUp() && left <= 0 ? "it would leave no clearance" : "";
        }
        if (!fits && refused.isEmpty()) {
            refused = "pits this deep want more than 30° over " + Numbers.plain(SAVING_BEVEL_MM, 0) + " mm";
        }
        return new Option(
                "BACK_BEVEL",
                "A back bevel of " + angle + ", " + Numbers.plain(SAVING_BEVEL_MM, 0) + " mm wide",
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
                "Move the edge back past the pits",
                left > 0,
                left > 0
                        ? "as far as they are wide, if they are round; leaves " + Numbers.plain(left, 1)
                                + " mm to the retire limit"
                        : "it would carry the edge past the retire limit",
                0,
                0,
                reach,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty()));
    }
}
