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
                        act.until() + " Is it so?",
                        act.kind() == GrindAct.Kind.LOOK
                                ? "Back to light passes where it is not, and only there."
                                : "Go on, lighter toward the end; dip by count, before there is any steam.")
                .because("Thick steel takes heat; a thin edge is burnt before the finger feels anything.")
                .caution(String.join(
                        " ", act.cautions().stream().map(Caution::words).toList()))
                .lasting(StepWriter.SECONDS_TO_SET);
        if (cuts) {
            step.on(offer.machine())
                    .pressed(Optional.empty(), "light hand, always moving")
                    .burr("None yet.")
                    .lasting((act.leastSeconds().getAsDouble()
                                    + act.mostSeconds().getAsDouble())
                            / 2);
        }
        return angled ? step.at(primary).done() : step.done();
    }
}
