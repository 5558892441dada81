package truekeen.core.repair;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
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
import truekeen.core.progression.JobPath;
import truekeen.core.progression.PlanRules;
import truekeen.core.quantity.Angle;
import truekeen.core.removal.StockRemoval;
import truekeen.core.section.EdgeShape;
import truekeen.core.section.TargetBevel;
import truekeen.core.steel.SteelClass;
import truekeen.core.table.Prior;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Operation;
import truekeen.core.tool.PlaneIron;

/** The ways to deal with a damaged back, the same edge worked out with each. */
final class BackOptions {
    private BackOptions() {}

    /** Every way to deal with what is deep, each with what it comes to. */
    static List<BackWork.Option> of(
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
        List<BackWork.Option> all = new ArrayList<>();
        double pits = survey.pitsAtEdgeMm();
        boolean tooDeep = pits > Restorer.DEEPEST_PITS_MM;
        Optional<JobPath> path = BackWork.flatten(restoration, blade, steel, shelf, rules);
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
            all.add(new BackWork.Option(
                    BackWork.Way.RETIRE,
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
                .ifPresent(o -> all.add(new BackWork.Option(
                        BackWork.Way.PAST_THE_BEVEL,
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
        BackWork.Option option(
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
            return new BackWork.Option(
                    BackWork.Way.of(what),
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

    private static BackWork.Option backBevel(Choice choice, Blade blade, TargetBevel target, double pits) {
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
            refused = RepairWords.PITS_WANT_MORE.fill(
                    "most", SavingBackBevel.steepest(), "width", Numbers.plain(width, 0));
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
