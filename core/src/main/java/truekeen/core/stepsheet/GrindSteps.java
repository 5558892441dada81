package truekeen.core.stepsheet;

import java.util.List;
import java.util.Optional;
import truekeen.core.keenness.Stretch;
import truekeen.core.progression.PowerOffer;
import truekeen.core.quantity.Angle;
import truekeen.core.repair.Caution;
import truekeen.core.repair.GrindAct;
import truekeen.core.repair.GrindPlan;

/** The acts of a planned grinding as steps of the bench, with the time that the clock shows for them. */
final class GrindSteps {
    private GrindSteps() {}

    /** All acts of a grinding. What is done beside the machine shares the time of setting up. */
    static List<Step> of(GrindPlan plan, PowerOffer offer, Angle angle, Stretch edge) {
        long beside = plan.acts().stream().filter(a -> !cuts(a)).count();
        double settingUp = PowerOffer.clockSeconds(0);
        double contact = plan.acts().stream().mapToDouble(GrindSteps::middle).sum();
        double clock = PowerOffer.clockSeconds(contact) - settingUp;
        return plan.acts().stream()
                .map(a -> of(
                        a,
                        offer,
                        angle,
                        edge,
                        cuts(a) ? (contact > 0 ? clock * middle(a) / contact : 0) : settingUp / beside))
                .toList();
    }

    private static boolean cuts(GrindAct act) {
        return act.leastSeconds().isPresent();
    }

    /** Contact of an act (s), the middle of its range. */
    private static double middle(GrindAct act) {
        return cuts(act) ? (act.leastSeconds().getAsDouble() + act.mostSeconds().getAsDouble()) / 2 : 0;
    }

    /** One act as a step; what takes steel off is done on the machine, the rest beside it. */
    private static Step of(GrindAct act, PowerOffer offer, Angle angle, Stretch edge, double seconds) {
        boolean angled = act.kind() == GrindAct.Kind.SET
                || act.kind() == GrindAct.Kind.BEVEL
                || act.kind() == GrindAct.Kind.LIGHT;
        StepBuilder step = Step.of(Step.Kind.GRIND, act.title(), edge)
                .look((act.words() + " " + act.dip()).strip())
                .gate(act.asked(), act.otherwise())
                .because(act.why())
                .grinding(Optional.of(act.kind()))
                .squaring(act.squares())
                .caution(String.join(
                        " ", act.cautions().stream().map(Caution::words).toList()))
                .lasting(seconds);
        if (cuts(act)) {
            step.on(offer.machine())
                    .pressed(Optional.empty(), StepWords.LIGHT_HAND.words())
                    .burr(StepWords.NO_BURR_YET.words());
        }
        return angled ? step.at(angle).done() : step.done();
    }
}
