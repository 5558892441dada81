package truekeen.core.care;

import truekeen.core.message.Checks;
import truekeen.core.message.InWords;
import truekeen.core.quantity.Angle;

/** What a hollow in a stone does to the angle. Source: derived here. */
public final class Dish {
    private Dish() {}

    /**
     * The most that a dished stone is off at its ends: its face taken as a parabola, {@code atan(4h/L)}.
     *
     * @param depthMm hollow in the middle under a straightedge (mm), 0 to 10
     * @param lengthMm length of the stone (mm), 20 to 600
     */
    public static Angle error(double depthMm, double lengthMm) {
        Checks checks = new Checks();
        checks.within("dish", CareWords.A_HOLLOW.words(), depthMm, 0, 10, InWords.MM);
        checks.within("length", CareWords.A_LENGTH.words(), lengthMm, 20, 600, InWords.MM);
        checks.orThrow();
        return Angle.ofRadians(Math.atan(4 * depthMm / lengthMm));
    }
}
