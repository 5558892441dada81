package truekeen.core.stepsheet;

import java.util.Optional;
import truekeen.core.keenness.Stretch;
import truekeen.core.progression.PowerOffer;
import truekeen.core.quantity.Angle;
import truekeen.core.repair.Caution;
import truekeen.core.repair.GrindAct;

/** The acts of a planned grinding as steps of the bench. */
final class GrindSteps {
    private GrindSteps() {}

    /** One act as a step; what takes steel off is done on the machine, the rest beside it. */
    static Step of(GrindAct act, PowerOffer offer, Angle primary, Stretch edge) {
        boolean cuts = act.leastSeconds().isPresent();
        boolean angled = act.kind() == GrindAct.Kind.SET
                || act.kind() == GrindAct.Kind.BEVEL
                || act.kind() == GrindAct.Kind.LIGHT;
        StepBuilder step = Step.of(Step.Kind.GRIND, act.title(), edge)
                .look((act.words() + " " + act.dip()).strip())
                .gate(
                        StepWords.IS_IT_SO.fill("until", act.until()),
                        act.kind() == GrindAct.Kind.LOOK
                                ? StepWords.GRIND_BACK_TO_LIGHT.words()
                                : StepWords.GRIND_GO_ON.words())
                .because(StepWords.WHY_NOT_HOT.words())
                .caution(String.join(
                        " ", act.cautions().stream().map(Caution::words).toList()))
                .lasting(StepWriter.SECONDS_TO_SET);
        if (cuts) {
            step.on(offer.machine())
                    .pressed(Optional.empty(), StepWords.LIGHT_HAND.words())
                    .burr(StepWords.NO_BURR_YET.words())
                    .lasting((act.leastSeconds().getAsDouble()
                                    + act.mostSeconds().getAsDouble())
                            / 2);
        }
        return angled ? step.at(primary).done() : step.done();
    }
}
