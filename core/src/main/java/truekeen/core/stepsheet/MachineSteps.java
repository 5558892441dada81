package truekeen.core.stepsheet;

import java.util.List;
import java.util.Optional;
import truekeen.core.job.Hold;
import truekeen.core.job.Job;
import truekeen.core.keenness.Stretch;
import truekeen.core.progression.PowerOffer;
import truekeen.core.quantity.Angle;

/** The steps done on a wheel, a belt or with a file, where they are one step each. */
final class MachineSteps {
    private final WorkingMethod manner;

    MachineSteps(WorkingMethod manner) {
        this.manner = manner;
    }

    Step grind(PowerOffer offer, Angle primary, Stretch edge) {
        String title = StepWords.GRIND_THE_BEVEL.fill(
                "ground", manner.ground(), "machine", offer.machine().name());
        return Step.of(Step.Kind.GRIND, title, edge)
                .on(offer.machine())
                .at(primary)
                .pressed(Optional.empty(), StepWords.LIGHT_HAND.words())
                .lasting(PowerOffer.clockSeconds((offer.leastSeconds() + offer.mostSeconds()) / 2))
                .look(StepWords.GRIND_TO_THE_LAND.words())
                .gate(StepWords.LAND_GONE.words(), StepWords.LIGHT_PASSES_ONLY.words())
                .burr(StepWords.NO_BURR_YET.words())
                .because(StepWords.WHY_NOT_HOT.words())
                .caution(StepWords.GRIND_CAUTION.words())
                .done();
    }

    /** The edge done on a slow wet wheel, however little there is to do. */
    Step onWheel(PowerOffer offer, Job job, boolean first, Stretch edge) {
        double contact = (offer.leastSeconds() + offer.mostSeconds()) / 2;
        double clock = PowerOffer.clockSeconds(contact);
        // The jig is clamped once: for the next bevel it is only set anew.
        double seconds = first ? clock : clock - PowerOffer.clockSeconds(0) + StepWriter.SECONDS_TO_SET;
        String bevel = manner.bevelOf(job.kind());
        String wheel = offer.machine().name();
        return Step.of(Step.Kind.GRIND, StepWords.SHAPE_THE_BEVEL.fill("bevel", bevel, "stone", wheel), edge)
                .on(offer.machine())
                .at(job.angle().orElseThrow())
                .pressed(Optional.empty(), StepWords.LIGHT_HAND.words())
                .lasting(seconds)
                .look(StepWords.WHEEL_LOOK.fill("other", manner.other()))
                .gate(StepWords.BURR_END_TO_END.words(), StepWords.WHEEL_STAY.words())
                .burr(Step.BurrTask.RAISE, StepWords.BURR_RAISED.fill("other", manner.other()))
                .because(StepWords.WHY_WHEEL.words())
                .caution(StepWords.WHEEL_CAUTION.words())
                .how(manner.worked().size() == 2 ? List.of(StepWords.WHEEL_SIDES.words()) : List.of())
                .done();
    }

    Step file(PowerOffer offer, Job job, Angle angle, Stretch edge) {
        String face = job.hold() == Hold.STONE_IN_CIRCLES ? StepWords.THE_CURVE.words() : manner.ground();
        String title = StepWords.FILE_THE_FACE.fill(
                "face", face, "file", offer.machine().name());
        return Step.of(Step.Kind.GRIND, title, edge)
                .on(offer.machine())
                .at(angle)
                .pressed(Optional.empty(), StepWords.FORCE_FIRM.words())
                .lasting(PowerOffer.clockSeconds((offer.leastSeconds() + offer.mostSeconds()) / 2))
                .look(StepWords.FILE_LOOK.words())
                .gate(StepWords.FILE_ASKED.words(), StepWords.FILE_IF_NOT.words())
                .burr(StepWords.NO_BURR_YET.words())
                .because(StepWords.WHY_FILE.words())
                .caution(StepWords.FILE_CAUTION.words())
                .done();
    }
}
