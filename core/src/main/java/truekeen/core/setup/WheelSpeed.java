package truekeen.core.setup;

import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Length;

/** Surface speed of a wheel, {@code v = π·D·n/60}. Source: derived here. */
public final class WheelSpeed {
    private WheelSpeed() {}

    /**
     * The surface speed (m/s).
     *
     * @param perMinute n, turns a minute, not negative
     */
    public static double metresPerSecond(Length diameter, double perMinute) {
        return Math.PI * diameter.mm() / 1000 * perMinute / 60;
    }

    /**
     * Makes sure that a wheel runs within its marking.
     *
     * @param markedMetresPerSecond speed marked on the wheel (m/s)
     * @throws RefusedException above it
     */
    public static void requireWithin(Length diameter, double perMinute, double markedMetresPerSecond) {
        double speed = metresPerSecond(diameter, perMinute);
        if (speed > markedMetresPerSecond) {
            throw new RefusedException(Refusal.of(MessageCode.WHEEL_TOO_FAST, "perMinute", round(speed))
                    .with("high", round(markedMetresPerSecond)));
        }
    }

    private static String round(double speed) {
        return truekeen.core.message.Numbers.plain(speed, 1) + " m/s";
    }
}
