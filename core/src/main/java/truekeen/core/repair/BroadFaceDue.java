package truekeen.core.repair;

import truekeen.core.condition.MeanLoss;
import truekeen.core.table.Prior;

/**
 * When the broad face of a single-bevel knife is due: each sharpening moves the edge back along it, so that the edge bevel
 * grows until the face is worked too. Source: derived here; how far the edge may go back between is a workshop prior.
 *
 * @param left sharpenings until then, an estimate; none left where it is due
 */
public record BroadFaceDue(MeanLoss.Sharpenings left) {
    /** How far the edge goes back before the broad face is worked again (mm). */
    public static final double EVERY_MM = Prior.BROAD_FACE_EVERY_MM.value();

    /**
     * When it is due.
     *
     * @param since sharpenings since the face was last worked, or since the knife came
     * @param loss what one takes on this knife
     */
    public static BroadFaceDue of(int since, MeanLoss loss) {
        return new BroadFaceDue(loss.in(EVERY_MM - since * loss.mm()));
    }

    /** Whether it is to be worked with this sharpening: the one that takes the edge so far back. */
    public boolean due() {
        return left.likely() < 1;
    }
}
