package truekeen.core.setup;

import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/** What an ink check says about the angle. Source: derived here. */
public final class InkBand {
    private InkBand() {}

    /**
     * How far the setting is off the bevel: {@code δ = atan(2a/w²)}, the strokes having removed a wedge.
     *
     * @param areaMm2 a, steel that the strokes taken remove from a millimetre of edge (mm²)
     * @param width w of the clean band, more than zero
     */
    public static Angle off(double areaMm2, Length width) {
        if (!(width.mm() > 0)) {
            throw new RefusedException(Refusal.of(MessageCode.NOT_POSITIVE, "bandWidth", width)
                    .with("what", SetupWords.CLEAN_BAND.words()));
        }
        return Angle.ofRadians(Math.atan(2 * areaMm2 / (width.mm() * width.mm())));
    }
}
