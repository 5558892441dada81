package truekeen.core.stepsheet;

import java.util.Optional;
import truekeen.core.holding.HolderKind;
import truekeen.core.holding.StoneHolder;
import truekeen.core.job.JobKind;
import truekeen.core.keenness.Stretch;
import truekeen.core.quantity.Angle;

/** The steps that find an angle: by what holds it, or by hand. */
final class HoldSteps {
    private final WorkingMethod manner;

    HoldSteps(WorkingMethod manner) {
        this.manner = manner;
    }

    /** The step that finds the angle of a bevel: by what holds it, or by hand. */
    Step setGuide(JobKind kind, Angle angle, Stretch edge) {
        if (manner.kind().powered()) {
            return clamp(manner.bevelOf(kind), angle, edge);
        }
        Optional<StoneHolder> holds = manner.holder().filter(h -> h.primary() || kind != JobKind.PRIMARY);
        if (holds.isEmpty()) {
            return holdByHand(kind, angle, edge);
        }
        return holds.get().cam() && kind != JobKind.PRIMARY
                ? turnCam(angle, holds.get(), edge)
                : setGuide(manner.bevelOf(kind), angle, holds.get(), edge);
    }

    /** A blade of a machine is not laid on a stone: it is clamped, and the file comes to it. */
    private Step clamp(String bevel, Angle angle, Stretch edge) {
        String title =
                StepWords.CLAMP_THE_BLADE.fill("angle", angle, "angleWords", manner.angleWords(), "bevel", bevel);
        return Step.of(Step.Kind.SET_GUIDE, title, edge)
                .at(angle)
                .lasting(StepWriter.SECONDS_TO_SET)
                .look(StepWords.CLAMP_HOW.words())
                .gate(StepWords.INK_EVEN.words(), StepWords.CLAMP_NOT_EVEN.words())
                .because(StepWords.WHY_SAME_ANGLE.words())
                .done();
    }

    private Step turnCam(Angle angle, StoneHolder guide, Stretch edge) {
        String title = StepWords.TURN_THE_CAM.fill("guide", guide.name(), "bevel", manner.honed());
        return Step.of(Step.Kind.SET_GUIDE, title, edge)
                .at(angle)
                .lasting(StepWriter.SECONDS_TO_SET)
                .look(StepWords.CAM_HOW.words())
                .gate(StepWords.CAM_ASKED.words(), StepWords.CAM_IF_NOT.words())
                .because(StepWords.WHY_CAM.words())
                .done();
    }

    private Step holdByHand(JobKind kind, Angle angle, Stretch edge) {
        boolean narrow = manner.narrow() && kind == JobKind.SECONDARY;
        String title = StepWords.FIND_THE_ANGLE.fill(
                "angle", angle, "angleWords", manner.angleWords(), "bevel", manner.bevelOf(kind));
        return Step.of(Step.Kind.SET_GUIDE, title, edge)
                .at(angle)
                .lasting(StepWriter.SECONDS_TO_SET)
                .look((narrow ? StepWords.FIND_BY_NAIL : StepWords.FIND_BY_HAND).words())
                .gate(StepWords.INK_EVEN.words(), StepWords.HAND_NOT_EVEN.words())
                .because(StepWords.WHY_SAME_ANGLE.words())
                .done();
    }

    private Step setGuide(String bevel, Angle angle, StoneHolder holder, Stretch edge) {
        HolderKind kind = holder.kind();
        String title = StepWords.SET_THE_GUIDE.fill("guideName", holder.name(), "bevel", bevel);
        return Step.of(Step.Kind.SET_GUIDE, title, edge)
                .at(angle)
                .lasting(StepWriter.SECONDS_TO_SET)
                .look(StepWords.SEAT_AND_INK.fill("seating", kind.seating()))
                .gate(
                        StepWords.INK_EVEN.words(),
                        StepWords.GUIDE_NOT_EVEN.fill(
                                "toRaise", kind.toRaise(), "toLower", kind.toLower(), "toEven", kind.toEven()))
                .because(StepWords.WHY_SAME_SETTING.words())
                .done();
    }
}
