package truekeen.core.stepsheet;

import java.util.List;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.job.BackBevel;
import truekeen.core.job.Job;
import truekeen.core.job.JobKind;
import truekeen.core.job.ThinRuleStrip;
import truekeen.core.keenness.Stretch;
import truekeen.core.message.Numbers;
import truekeen.core.progression.JobPath;
import truekeen.core.progression.Leg;
import truekeen.core.quantity.Angle;
import truekeen.core.table.Prior;

/** Steps on faces behind the edge, and those that find the angle of a job: words and figures. */
final class FaceSteps {
    /** Prior: strokes under the thin rule while its strip is new. */
    private static final int RULE_FRESH_STROKES = Prior.THIN_RULE_FRESH_STROKES.whole();
    /** Prior: the same once the strip is there. */
    private static final int RULE_LATER_STROKES = Prior.THIN_RULE_LATER_STROKES.whole();

    private static final double SECONDS_TO_LAY_RULE = Prior.THIN_RULE_LAID_S.value();

    private final WorkingMethod manner;
    private final HoldSteps hold;

    FaceSteps(WorkingMethod manner) {
        this.manner = manner;
        this.hold = new HoldSteps(manner);
    }

    /** Fingers, hand, rule or holder: what the angle of a job is found by. */
    Step hold(Job job, Angle angle, Step.Intent intent, Stretch edge) {
        return switch (job.hold()) {
            case HAND_LOWER -> lower(angle, edge);
            case STONE_IN_CIRCLES -> alongTheCurve(angle, edge);
            default ->
                job instanceof BackBevel bevel ? liftBack(bevel, edge) : hold.setGuide(job.kind(), angle, intent, edge);
        };
    }

    /** No setting of a holder: ink gone at one place only is what is wanted here, not evenly. */
    private static Step lower(Angle angle, Stretch edge) {
        return Step.of(Step.Kind.ADJUST, StepWords.LOWER_FOR_THE_CHEEKS.fill("angle", angle), edge)
                .at(angle)
                .lasting(StepWriter.SECONDS_TO_SET)
                .meaning(Step.Intent.THIN)
                .look(StepWords.LOWER_HOW.words())
                .gate(StepWords.LOWER_ASKED.words(), StepWords.LOWER_IF_NOT.words())
                .because(StepWords.WHY_THINNING.words())
                .done();
    }

    private static Step alongTheCurve(Angle angle, Stretch edge) {
        return Step.of(Step.Kind.SET_GUIDE, StepWords.FOLLOW_THE_CURVE.fill("angle", angle), edge)
                .at(angle)
                .lasting(StepWriter.SECONDS_TO_SET)
                .look(StepWords.CURVE_HOW.words())
                .gate(StepWords.CURVE_ASKED.words(), StepWords.CURVE_IF_NOT.words())
                .because(StepWords.WHY_CURVE.words())
                .caution(StepWords.CURVE_CAUTION.words())
                .done();
    }

    private Step liftBack(BackBevel bevel, Stretch edge) {
        Angle angle = bevel.lift();
        String lift = Numbers.plain(bevel.reach().mm() * angle.sin(), 1);
        return Step.of(Step.Kind.ADJUST, StepWords.LIFT_THE_BACK.fill("angle", angle), edge)
                .at(angle)
                .lasting(StepWriter.SECONDS_TO_SET)
                .meaning(Step.Intent.ADD)
                .look(StepWords.LIFT_HOW.fill(
                        "lift", lift, "reach", Numbers.plain(bevel.reach().mm(), 0)))
                .gate(StepWords.LIFT_ASKED.words(), StepWords.LIFT_IF_NOT.words())
                .because(StepWords.WHY_BACK_BEVEL.words())
                .caution(manner.brings()
                        .hardLayer()
                        .map(layer -> StepWords.HARD_LAYER_ENDS.fill("layer", layer))
                        .orElse(""))
                .done();
    }

    /** The back of an iron over a thin rule on the finest stone. */
    Step thinRule(ThinRuleStrip strip, Abrasive finest, Stretch edge) {
        int strokes = strip.fresh() ? RULE_FRESH_STROKES : RULE_LATER_STROKES;
        double force = StepWriter.TOOL_WEIGHT_N;
        return StepWriter.onStone(Step.Kind.WORK, StepWords.THIN_RULE_ON.fill("finest", finest.name()), finest, edge)
                .at(strip.lift())
                .pressed(Optional.of(force), StepWriter.pressure(force))
                .counting(List.of(Step.Side.BACK), strokes)
                .lasting(SECONDS_TO_LAY_RULE + strokes * StepWriter.SECONDS_PER_STROKE)
                .look(StepWords.THIN_RULE_LOOK.words())
                .gate(StepWords.THIN_RULE_ASKED.words(), StepWords.THIN_RULE_IF_NOT.words())
                .burr(StepWords.NO_BURR_YET.words())
                .because(strip.fresh() ? StepWords.WHY_THIN_RULE_FRESH.words() : StepWords.WHY_THIN_RULE_LATER.words())
                .how(List.of(StepWords.THIN_RULE_HOW.words()))
                .done();
    }

    /** Work on a face that is neither the edge nor covered by one: evenly, with no burr to feel for. */
    Step face(JobPath path, int index, Job job, Stretch edge) {
        Leg leg = path.legs().get(index);
        boolean first = index == 0;
        List<Step.Side> sides = job.backSide()
                ? List.of(Step.Side.BACK)
                : job.kind() == JobKind.BROAD_FACE ? List.of(Step.Side.BEVEL) : manner.worked();
        int each = (leg.wholeStrokes() + sides.size() - 1) / sides.size();
        String face = faceOf(job.kind());
        String stone = leg.abrasive().name();
        StepBuilder step = StepWriter.onStone(
                        Step.Kind.WORK,
                        (first ? StepWords.WORK_THE_FACE : StepWords.FINER_ON_THE_FACE)
                                .fill("face", face, "stone", stone),
                        leg.abrasive(),
                        edge)
                .at(job.angle().map(Angle::degrees))
                .pressed(Optional.of(leg.forceN()), StepWriter.pressure(leg.forceN()))
                .lasting(StepWriter.seconds(leg, each * sides.size()))
                .burr(StepWords.NOT_FELT_FOR_HERE.words())
                .because(whyFace(job.kind()))
                .how(manner.habits()
                        .lines(new SheetHabits.LegAsked(
                                leg.abrasive(),
                                first,
                                index == path.legs().size() - 1,
                                sides.size() == 2,
                                each,
                                SheetHabits.Grip.HAND,
                                false)))
                .learned(StepWriter.learns(leg))
                .inSetsOf(sides.size() == 2 ? manner.setOf() : 1);
        StepWriter.learnedCount(step, leg.abrasive(), sides, each);
        job.angle().ifPresent(a -> step.meaning(manner.intent(job.kind(), a, false)));
        return step.look(first ? StepWords.FACE_EVENLY_SCRATCHED.words() : StepWords.SCRATCHES_GONE_EVERYWHERE.words())
                .gate(
                        first ? StepWords.FACE_EVEN_ASKED.words() : StepWords.SCRATCHES_GONE.words(),
                        StepWords.STAY_ON_THE_FACE.words())
                .done();
    }

    private static String faceOf(JobKind kind) {
        return switch (kind) {
            case BACK_BEVEL -> StepWords.THE_BACK_BEVEL.words();
            case THINNING -> StepWords.THE_CHEEKS.words();
            default -> StepWords.BROAD_FACE.words();
        };
    }

    private static String whyFace(JobKind kind) {
        return switch (kind) {
            case BACK_BEVEL -> StepWords.WHY_BACK_BEVEL.words();
            case THINNING -> StepWords.WHY_THINNING.words();
            default -> StepWords.WHY_BROAD_FACE.words();
        };
    }
}
