package truekeen.core.stepsheet;

import java.util.List;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.job.LiftedBack;
import truekeen.core.job.ThinRuleStrip;
import truekeen.core.keenness.Stretch;
import truekeen.core.table.Prior;

/** The steps that take the burr off, and what ends the work: strop or soft wood. */
final class BurrSteps {
    /** Prior: light strokes a side to take it off between stones. */
    private static final int BETWEEN_STROKES = Prior.STEP_WRITER_BETWEEN_STROKES.whole();
    /** Prior: strokes of a single-bevel knife's back, and of its bevel after it. */
    private static final int LATE_BACK_STROKES = Prior.STEP_WRITER_LATE_BACK_STROKES.whole();

    private static final double SECONDS_TO_CHANGE = Prior.CHANGE_SECONDS.value();
    private static final double SECONDS_OFF_STONE = Prior.STEP_WRITER_SECONDS_OFF_STONE.value();

    private final WorkingMethod manner;

    BurrSteps(WorkingMethod manner) {
        this.manner = manner;
    }

    /** Light strokes the way the house has them; on what a leading edge cuts into, trailing whatever the house says. */
    private List<String> lastStrokes(Abrasive on, boolean otherWay) {
        SheetHabits habits = manner.habits();
        return List.of(
                on.kind().trailingOnly()
                        ? StepWords.TRAILING_ONLY.words()
                        : otherWay ? habits.otherWay() : habits.lastLightStrokes());
    }

    /** The burr off with the back lifted as it was worked: over the same rule, or over what lifted it for its bevel. */
    Step deburrLifted(LiftedBack back, Abrasive finest, Stretch edge) {
        boolean ruled = back instanceof ThinRuleStrip;
        String title = (ruled ? StepWords.DEBURR_UNDER_RULE : StepWords.DEBURR_LIFTED).fill("finest", finest.name());
        return light(Step.Kind.DEBURR, title, finest, edge, StepWriter.DEBURR_STROKES)
                .look(StepWords.CLOTH_CATCHES_NOTHING.words())
                .gate(StepWords.NAIL_SLIDES_OFF_ASKED.words(), StepWords.STUBBORN_BURR.words())
                .burr(Step.BurrTask.TAKE_OFF, StepWords.BURR_OFF.words())
                .because(StepWords.WHY_DEBURR.words())
                .caution((ruled ? StepWords.RULE_AGAIN : StepWords.LIFT_AGAIN).fill("angle", back.lift()))
                .how(lastStrokes(finest, false))
                .done();
    }

    /** The burr off on a stone that is not the last, where the house does so at each. */
    Step deburrBetween(Abrasive stone, Stretch edge) {
        return light(Step.Kind.DEBURR, StepWords.DEBURR_BETWEEN.words(), stone, edge, BETWEEN_STROKES)
                .look(StepWords.NAIL_SLIDES_OFF.words())
                .gate(StepWords.BURR_GONE.words(), StepWords.A_FEW_MORE_LIGHTER.words())
                .burr(Step.BurrTask.TAKE_OFF_BETWEEN, StepWords.BURR_GONE_BETWEEN.words())
                .because(StepWords.WHY_DEBURR_BETWEEN.words())
                .how(lastStrokes(stone, false))
                .done();
    }

    /** The back of a single-bevel knife, late and once. */
    Step lateBack(Abrasive finest, Stretch edge) {
        String title = StepWords.TURN_OVER_ONCE.fill("finest", finest.name());
        return light(Step.Kind.DEBURR, title, finest, edge, LATE_BACK_STROKES)
                .counting(List.of(Step.Side.BACK, Step.Side.BEVEL), LATE_BACK_STROKES)
                .look(StepWords.LATE_BACK_FLAT.words())
                .gate(StepWords.NAIL_SLIDES_OFF_ASKED.words(), StepWords.LATE_BACK_MORE.words())
                .burr(Step.BurrTask.TAKE_OFF, StepWords.BURR_OFF.words())
                .because(StepWords.WHY_LATE_BACK.words())
                .caution(StepWords.LATE_BACK_CAUTION.words())
                .how(List.of(
                        (finest.kind().trailingOnly() ? StepWords.LATE_BACK_TRAILING : StepWords.LATE_BACK_HOLD)
                                .words(),
                        StepWords.LATE_BACK_THEN.words()))
                .done();
    }

    /** The burr of a wheel comes off with the back flat: the bevel is hollow, and is not laid on a stone for it. */
    Step burrOffFlat(Abrasive finest, Stretch edge) {
        String title = StepWords.KEEP_THE_BACK.fill("abrasive", finest.name());
        return light(Step.Kind.DEBURR, title, finest, edge, StepWriter.BACK_STROKES)
                .counting(List.of(Step.Side.BACK), StepWriter.BACK_STROKES)
                .lasting(SECONDS_TO_CHANGE + StepWriter.BACK_STROKES * StepWriter.SECONDS_PER_STROKE)
                .look(StepWords.CLOTH_CATCHES_NOTHING.words())
                .gate(StepWords.NAIL_SLIDES_OFF_ASKED.words(), StepWords.A_FEW_MORE_FLAT.words())
                .burr(Step.BurrTask.TAKE_OFF, StepWords.BURR_OFF.words())
                .because(StepWords.WHY_BURR_FLAT.words())
                .caution(StepWords.BACK_SLID_ON.words())
                .done();
    }

    Step deburr(Abrasive finest, Stretch edge, int strokes) {
        return deburr(finest, edge, strokes, false);
    }

    /** The burr off on the finest, with the strokes the other way than the house has them where that is asked for. */
    Step deburr(Abrasive finest, Stretch edge, int strokes, boolean otherWay) {
        return light(Step.Kind.DEBURR, StepWords.DEBURR_ON.fill("finest", finest.name()), finest, edge, strokes)
                .look(StepWords.CLOTH_CATCHES_NOTHING.words())
                .gate(StepWords.NAIL_SLIDES_OFF_ASKED.words(), StepWords.STUBBORN_BURR.words())
                .burr(Step.BurrTask.TAKE_OFF, StepWords.BURR_OFF.words())
                .because(StepWords.WHY_DEBURR.words())
                .caution(manner.worked().size() == 2 ? "" : StepWords.BACK_SLID_ON.words())
                .how(lastStrokes(finest, otherWay))
                .done();
    }

    /**
     * The edge finished off the stone.
     *
     * @param house whether the house does not strop; else there is no strop
     */
    Step offTheStone(Stretch edge, boolean house) {
        return Step.of(Step.Kind.ADJUST, StepWords.DRAW_ALONG_WOOD.words(), edge)
                .lasting(SECONDS_OFF_STONE)
                .look(StepWords.NOTHING_CLINGS.words())
                .burr(Step.BurrTask.SHED, StepWords.BURR_OFF.words())
                .because((house ? StepWords.WHY_OFF_THE_STONE : StepWords.WHY_NO_STROP).words())
                .done();
    }

    Step strop(Abrasive strop, String note, Stretch edge, int strokes) {
        boolean turns = strop.shape() == Abrasive.Shape.WHEEL;
        StepBuilder step = light(Step.Kind.STROP, StepWords.STROP_ON.fill("strop", strop.name()), strop, edge, strokes);
        if (turns) {
            step.counting(manner.worked(), strokes);
        }
        return step.lasting(SECONDS_TO_CHANGE + 2 * strokes * StepWriter.SECONDS_PER_STROKE)
                .look(StepWords.STROP_FEW.words())
                .burr(Step.BurrTask.SHED, StepWords.BURR_OFF.words())
                .because(note.isEmpty() ? StepWords.WHY_STROP.words() : note)
                .caution((turns ? StepWords.LEATHER_WHEEL : StepWords.STROP_TRAILING).words())
                .done();
    }

    /** A few light strokes a side under the weight of the tool; how many goes by rule. */
    private StepBuilder light(Step.Kind kind, String title, Abrasive on, Stretch where, int strokes) {
        return StepWriter.onStone(kind, title, on, where)
                .pressed(Optional.of(StepWriter.TOOL_WEIGHT_N), StepWriter.pressure(StepWriter.TOOL_WEIGHT_N))
                .counting(manner.burrSides(), strokes)
                .lasting(2 * strokes * StepWriter.SECONDS_PER_STROKE);
    }
}
