package truekeen.core.tool;

import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/** Checks that blades with a spine share. */
final class Sides {
    private Sides() {}

    /** Notes a bevel that would reach the spine: {@code depth / tan β ≥ W}. */
    static void bevelBeforeSpine(double depthMm, Angle bevel, Length width, String field, Checks checks) {
        double reach = depthMm / bevel.tan();
        checks.require(reach < width.mm(), () -> Refusal.of(MessageCode.SHOULDER_PAST_SPINE, field, Length.ofMm(reach))
                .with("high", width));
    }
}
