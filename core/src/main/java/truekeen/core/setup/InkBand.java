package truekeen.core.setup;

import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/** What an ink check and a dished stone say about the angle. Source: derived here. */
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
                    .with("what", "The width of the clean band"));
        }
        return Angle.ofRadians(Math.atan(2 * areaMm2 / (width.mm() * width.mm())));
    }

    /**
     * How much a dished stone may spoil an angle: up to {@code 4q/Lₛ}.
     *
     * @param depth q, of the hollow under a straightedge
     * @param length Lₛ of the stone, more than zero
     */
    public static Angle dished(Length depth, Length length) {
        if (!(length.mm() > 0)) {
            throw new RefusedException(
                    Refusal.of(MessageCode.NOT_POSITIVE, "length", length).with("what", "The length of the stone"));
        }
        return Angle.ofRadians(4 * depth.mm() / length.mm());
    }
}
