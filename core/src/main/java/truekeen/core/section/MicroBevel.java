package truekeen.core.section;

import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * The secondary bevel of a flat-back tool in closed form. Recession is counted along the back from where primary and
 * back would meet. Source: derived here.
 */
public final class MicroBevel {
    private MicroBevel() {}

    /**
     * Width of the secondary along its face: {@code m = e·sin β₁ / sin(β₂ − β₁)}.
     *
     * @param recession e, not negative
     * @param thickness T of the blade: the secondary may not pass the heel
     * @throws RefusedException when β₂ ≤ β₁, or e > T(cot β₁ − cot β₂)
     */
    public static Length width(Length recession, Angle primary, Angle secondary, Length thickness) {
        requireSteeper(primary, secondary);
        double most = thickness.mm() * (primary.cot() - secondary.cot());
        if (recession.mm() > most) {
            throw new RefusedException(Refusal.of(MessageCode.MICRO_BEVEL_PAST_HEEL, "secondaryWidth", recession)
                    .with("high", Length.ofMm(most)));
        }
        return Length.ofMm(
                recession.mm() * primary.sin() / secondary.minus(primary).sin());
    }

    /** Recession that belongs to a secondary of that width: {@code e = m·sin(β₂ − β₁) / sin β₁}. */
    public static Length recession(Length width, Angle primary, Angle secondary) {
        requireSteeper(primary, secondary);
        return width.times(secondary.minus(primary).sin() / primary.sin());
    }

    /** Area of steel that making it takes (mm²): {@code ½·e·m·sin β₂}. */
    public static double area(Length width, Angle primary, Angle secondary) {
        return recession(width, primary, secondary).mm() * width.mm() * secondary.sin() / 2;
    }

    private static void requireSteeper(Angle primary, Angle secondary) {
        if (secondary.compareTo(primary) <= 0) {
            throw new RefusedException(
                    Refusal.of(MessageCode.BEVEL_ORDER, "secondary", secondary).with("low", primary));
        }
    }
}
