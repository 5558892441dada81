package truekeen.core.progression;

import truekeen.core.abrasive.Abrasive;
import truekeen.core.table.Prior;

/**
 * A wheel, a belt or a file that could do the shaping.
 *
 * @param machine the piece
 * @param leastSeconds least time of contact (s), an estimate
 * @param mostSeconds most time of contact (s)
 * @param volumeMm3 steel it takes (mm³)
 */
public record PowerOffer(Abrasive machine, double leastSeconds, double mostSeconds, double volumeMm3) {
    private static final double CLOCK = Prior.MACHINE_CLOCK.value();
    private static final double SET_UP_S = Prior.MACHINE_SET_UP_S.value();

    /** What the clock shows at least (s): setting up, and for each second of contact some of dipping, looking and turning. */
    public double leastClockSeconds() {
        return clockSeconds(leastSeconds);
    }

    /** What the clock shows at most (s). */
    public double mostClockSeconds() {
        return clockSeconds(mostSeconds);
    }

    /** What the clock shows for so much contact (s), setting up included. */
    public static double clockSeconds(double contactSeconds) {
        return SET_UP_S + CLOCK * contactSeconds;
    }
}
