package truekeen.core.repair;

import java.util.ArrayList;
import java.util.Arrays;
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
import truekeen.core.condition.ShapeDeviations;
import truekeen.core.job.JobKind;
import truekeen.core.message.Numbers;
import truekeen.core.message.RefusedException;
import truekeen.core.progression.FinishWindow;
import truekeen.core.progression.JobPath;
import truekeen.core.progression.PlanRules;
import truekeen.core.progression.ProgressionPlanner;
import truekeen.core.progression.StoneWork;
import truekeen.core.progression.WorkPlanner;
import truekeen.core.section.TargetBevel;
import truekeen.core.steel.SteelClass;
import truekeen.core.table.Prior;
import truekeen.core.tool.Blade;
import truekeen.core.tool.GeometryKind;
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

    /** The ways to deal with a damaged back. */
    public enum Way {
        FLATTEN(BackDecision.FLATTEN),
        BACK_BEVEL(BackDecision.BACK_BEVEL),
        PAST_THE_PITS(BackDecision.PAST_THE_PITS),
        LEAVE(BackDecision.LEAVE),
        /** The edge goes back past an old back bevel: said with what leaves that, never by itself. */
        PAST_THE_BEVEL(null),
        /** The tool is put aside: nothing that a plan could do. */
        RETIRE(null);

        private final BackDecision decision;

        Way(BackDecision decision) {
            this.decision = decision;
        }

        /** What to decide for the plan to go this way; empty where that cannot be decided. */
        public Optional<BackDecision> decision() {
            return Optional.ofNullable(decision);
        }

        static Way of(BackDecision decision) {
            return Arrays.stream(values())
                    .filter(w -> w.decision == decision)
                    .findFirst()
                    .orElseThrow();
        }
    }

    /**
     * A way to deal with a damaged back.
     *
     * @param way which way it is
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
            Way way,
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
                ? BackOptions.of(restoration, survey, blade, steel, shelf, rules, strip, depth, target, occasion)
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
                        "stone",
                        ShapeDeviations.Bend.stone(),
                        "missed",
                        Numbers.plain(
                                b.missed(blade.edgeLengthMm())
                                        .map(ShapeDeviations.Missed::depthMm)
                                        .orElse(0.0),
                                2))));
        return acts;
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

    /** The stones that would flatten the back; empty where none may be used for it. */
    static Optional<JobPath> flatten(
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
}
