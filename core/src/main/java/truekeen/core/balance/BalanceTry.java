package truekeen.core.balance;

import truekeen.core.message.Checks;
import truekeen.core.message.InWords;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Length;

/**
 * One reading of a blade's balance. Places are numbered from 1: the two ends of a bar, or the edges round a disc.
 *
 * @param heavy the heavy place; 0 where it stays level
 * @param unbalanceGmm unbalance (g·mm), not negative
 * @param removedG mass that was then taken off (g); 0 where nothing was
 * @param removedAt the place it was taken from; 0 where nothing was
 * @param removedRadiusMm radius of the middle of what was taken (mm)
 */
public record BalanceTry(int heavy, double unbalanceGmm, double removedG, int removedAt, double removedRadiusMm) {
    private static final double MOST_G = 2000;

    /** A blade that stays level as it is hung. */
    public static BalanceTry level() {
        return new BalanceTry(0, 0, 0, 0, 0);
    }

    /**
     * From a trial mass that keeps it level.
     *
     * @param hungOn the light place, where it hangs
     * @param places how many places there are
     * @param massG its mass (g), more than zero
     * @param radius where it hangs, from the middle
     * @throws RefusedException where mass or radius cannot be
     */
    public static BalanceTry hung(int hungOn, int places, double massG, Length radius, Length tip) {
        Checks checks = new Checks();
        checks.within("trial", BalanceWords.TRIAL_MASS.words(), massG, 0.05, MOST_G, InWords.G);
        checks.within("radius", BalanceWords.TRIAL_RADIUS.words(), radius.mm(), 1, tip.mm(), InWords.MM);
        checks.orThrow();
        return new BalanceTry(opposite(hungOn, places), RotaryBlade.unbalance(massG, radius), 0, 0, 0);
    }

    /**
     * From both ends weighed in turn: the bar lies on two edges at one radius either side of its middle, a scale under
     * one of them. The two loads differ by the unbalance over that radius. Source: derived here.
     *
     * @param firstG load under the first end (g)
     * @param secondG load under the second end (g)
     */
    public static BalanceTry weighed(double firstG, double secondG, Length radius, Length tip) {
        Checks checks = new Checks();
        checks.within("firstEnd", BalanceWords.FIRST_LOAD.words(), firstG, 1, 50_000, InWords.G);
        checks.within("secondEnd", BalanceWords.SECOND_LOAD.words(), secondG, 1, 50_000, InWords.G);
        checks.within("radius", BalanceWords.SUPPORT_RADIUS.words(), radius.mm(), 1, tip.mm(), InWords.MM);
        checks.orThrow();
        double difference = firstG - secondG;
        return new BalanceTry(
                difference == 0 ? 0 : difference > 0 ? 1 : 2, Math.abs(difference) * radius.mm(), 0, 0, 0);
    }

    /** The same, with what was taken off after it. */
    public BalanceTry removing(double massG, int at, double radiusMm) {
        return new BalanceTry(heavy, unbalanceGmm, massG, at, radiusMm);
    }

    /** The place across from another; on an odd number of places the one after the middle. */
    public static int opposite(int place, int places) {
        return (place - 1 + (places + 1) / 2) % places + 1;
    }
}
