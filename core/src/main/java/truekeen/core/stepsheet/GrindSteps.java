package truekeen.core.stepsheet;

import java.util.List;
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
        return new Step(
                Step.Kind.GRIND,
                act.title(),
                cuts ? offer.machine().id() : "",
                cuts ? offer.machine().name() : "",
                edge,
                angled ? Optional.of(primary.degrees()) : Optional.empty(),
                Optional.empty(),
                cuts ? "light hand, always moving" : "",
                List.of(),
                0,
                0,
                0,
                cuts
                        ? (act.leastSeconds().getAsDouble() + act.mostSeconds().getAsDouble()) / 2
                        : StepWriter.SECONDS_TO_SET,
                cuts ? offer.machine().lubricant().key() : "",
                (act.words() + " " + act.dip()).strip(),
                act.until() + " Is it so?",
                act.kind() == GrindAct.Kind.LOOK
                        ? "Back to light passes where it is not, and only there."
                        : "Go on, lighter toward the end; dip by count, before there is any steam.",
                cuts ? "None yet." : "",
                "Thick steel takes heat; a thin edge is burnt before the finger feels anything.",
                String.join(" ", act.cautions().stream().map(Caution::words).toList()));
    }
}
