package truekeen.core.stepsheet;

import java.util.Optional;
import truekeen.core.holding.HolderKind;
import truekeen.core.holding.StoneHolder;
import truekeen.core.job.JobKind;
import truekeen.core.keenness.Stretch;
import truekeen.core.message.Numbers;
import truekeen.core.quantity.Angle;

/** The steps that find an angle: by what holds it, or by hand. */
final class HoldSteps {
    private final WorkingMethod manner;

    HoldSteps(WorkingMethod manner) {
        this.manner = manner;
    }

    /** The step that finds the angle of a bevel: by what holds it, or by hand. */
    Step setGuide(JobKind kind, Angle angle, Step.Intent intent, Stretch edge) {
        if (manner.kind().powered()) {
            return clamp(manner.bevelOf(kind), angle, intent, edge);
        }
        Optional<StoneHolder> holds = manner.holder().filter(h -> h.primary() || kind != JobKind.PRIMARY);
        if (holds.isEmpty()) {
            return holdByHand(kind, angle, intent, edge);
        }
        return holds.get().cam() && kind != JobKind.PRIMARY
                ? turnCam(angle, holds.get(), intent, edge)
                : setGuide(manner.bevelOf(kind), angle, holds.get(), intent, edge);
    }

    /** A blade of a machine is not laid on a stone: it is clamped, and the file comes to it. */
    private Step clamp(String bevel, Angle angle, Step.Intent intent, Stretch edge) {
        String title =
                StepWords.CLAMP_THE_BLADE.fill("angle", angle, "angleWords", manner.angleWords(), "bevel", bevel);
        return Step.of(Step.Kind.SET_GUIDE, title, edge)
                .at(angle)
                .lasting(StepWriter.SECONDS_TO_SET)
                .meaning(intent)
                .look(StepWords.CLAMP_HOW.words() + " " + ink(intent))
                .gate(
                        asked(intent),
                        notSo(
                                intent,
                                StepWords.RAISE_ITS_END.words(),
                                StepWords.LOWER_IT.words(),
                                StepWords.MOVE_ALONG.words()))
                .because(StepWords.WHY_SAME_ANGLE.words())
                .done();
    }

    private Step turnCam(Angle angle, StoneHolder guide, Step.Intent intent, Stretch edge) {
        String title = StepWords.TURN_THE_CAM.fill("guide", guide.name(), "bevel", manner.honed());
        return Step.of(Step.Kind.SET_GUIDE, title, edge)
                .at(angle)
                .lasting(StepWriter.SECONDS_TO_SET)
                .meaning(intent)
                .look(StepWords.CAM_HOW.words() + " " + ink(intent))
                .gate(
                        asked(intent),
                        intent.edgeFirst()
                                ? StepWords.CAM_IF_NOT.words()
                                : notSo(
                                        intent,
                                        guide.kind().toRaise(),
                                        guide.kind().toLower(),
                                        guide.kind().toEven()))
                .because(StepWords.WHY_CAM.words())
                .done();
    }

    private Step holdByHand(JobKind kind, Angle angle, Step.Intent intent, Stretch edge) {
        boolean narrow = manner.narrow() && kind == JobKind.SECONDARY;
        String title = StepWords.FIND_THE_ANGLE.fill(
                "angle", angle, "angleWords", manner.angleWords(), "bevel", manner.bevelOf(kind));
        return Step.of(Step.Kind.SET_GUIDE, title, edge)
                .at(angle)
                .lasting(StepWriter.SECONDS_TO_SET)
                .meaning(intent)
                .look(findBy(narrow, intent).words()
                        + manner.spineHeight(angle)
                                .map(h -> " " + StepWords.SPINE_STANDS.fill("height", Numbers.plain(h.mm(), 1)))
                                .orElse("")
                        + " " + ink(intent))
                .gate(
                        asked(intent),
                        notSo(intent, HolderKind.HAND.toRaise(), HolderKind.HAND.toLower(), HolderKind.HAND.toEven())
                                + " " + StepWords.ONE_PIECE.words())
                .because(StepWords.WHY_SAME_ANGLE.words())
                .done();
    }

    private Step setGuide(String bevel, Angle angle, StoneHolder holder, Step.Intent intent, Stretch edge) {
        HolderKind kind = holder.kind();
        String title = StepWords.SET_THE_GUIDE.fill("guideName", holder.name(), "bevel", bevel);
        return Step.of(Step.Kind.SET_GUIDE, title, edge)
                .at(angle)
                .lasting(StepWriter.SECONDS_TO_SET)
                .meaning(intent)
                .look(kind.seating() + " " + ink(intent))
                .gate(
                        asked(intent),
                        notSo(intent, kind.toRaise(), kind.toLower(), kind.toEven()) + " "
                                + StepWords.INK_SAYS_BY_HOW_MUCH.words())
                .because(StepWords.WHY_SAME_SETTING.words())
                .done();
    }

    /** A bevel that is met is found by touch or by the nail; another angle than it has is not. */
    private static StepWords findBy(boolean narrow, Step.Intent intent) {
        return intent == Step.Intent.MATCH
                ? narrow ? StepWords.FIND_BY_NAIL : StepWords.FIND_BY_HAND
                : intent.edgeFirst() ? StepWords.FIND_ABOVE : StepWords.FIND_BELOW;
    }

    private static String ink(Step.Intent intent) {
        StepWords right = intent == Step.Intent.MATCH
                ? StepWords.INK_GOES_EVENLY
                : intent.edgeFirst() ? StepWords.INK_GOES_AT_THE_EDGE : StepWords.INK_GOES_AT_THE_HEEL;
        return StepWords.INK_IT.fill("right", right.words());
    }

    private static String asked(Step.Intent intent) {
        return (intent == Step.Intent.MATCH
                        ? StepWords.INK_EVEN
                        : intent.edgeFirst() ? StepWords.CAM_ASKED : StepWords.INK_FROM_THE_HEEL)
                .words();
    }

    private static String notSo(Step.Intent intent, String raise, String lower, String even) {
        return switch (intent) {
            case MATCH -> StepWords.NOT_EVEN.fill("toRaise", raise, "toLower", lower, "toEven", even);
            case STEEPEN, ADD -> StepWords.NOT_AT_THE_EDGE.fill("toRaise", raise, "toEven", even);
            case LOWER, THIN -> StepWords.NOT_AT_THE_HEEL.fill("toLower", lower, "toEven", even);
        };
    }
}
