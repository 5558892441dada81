package truekeen.core.repair;

import java.util.OptionalDouble;
import truekeen.core.message.Numbers;
import truekeen.core.table.Prior;

/**
 * When to dip, as a count that a hand can keep: passes between two dips. On a short edge a pass is a second on the wheel;
 * on a long one it is once along the edge, in which each place is in contact only as long as it takes to go by. Source:
 * derived here; how fast a hand goes along is a workshop prior.
 *
 * @param passes passes between dips; 0 where even one is too long
 * @param passSeconds how long one pass is (s)
 * @param words the rhythm in one line
 */
public record DipRhythm(int passes, double passSeconds, String words) {
    /** How fast a blade is drawn along a wheel or belt (mm/s). */
    public static final double FEED_MM_S = Prior.DIP_RHYTHM_FEED_MM_S.value();
    /** Length of an edge that touches at once (mm). */
    public static final double CONTACT_MM = Prior.CONTACT_WIDTH_MM.value();
    /** More passes than this between dips nobody counts. */
    private static final int MOST = Prior.DIP_RHYTHM_MOST.whole();

    /**
     * The rhythm.
     *
     * @param contactSeconds how long a place may be in contact (s); empty where half a minute is not enough to harm it
     * @param edgeMm length of the edge (mm)
     */
    public static DipRhythm of(OptionalDouble contactSeconds, double edgeMm) {
        boolean along = edgeMm > CONTACT_MM;
        double pass = along ? edgeMm / FEED_MM_S : 1;
        double touched = along ? CONTACT_MM / FEED_MM_S : 1;
        if (contactSeconds.isEmpty()) {
            return new DipRhythm(MOST, pass, RepairWords.DIP_WARM.words());
        }
        int passes = (int) Math.min(MOST, Math.floor(contactSeconds.getAsDouble() / touched));
        String words;
        if (passes < 1) {
            words = along ? RepairWords.DIP_LONG_PASS_TOO_LONG.words() : RepairWords.DIP_PASS_TOO_LONG.words();
        } else if (passes == 1) {
            words = along ? RepairWords.DIP_ONE_LONG_PASS.words() : RepairWords.DIP_ONE_PASS.words();
        } else {
            words = along
                    ? RepairWords.DIP_LONG_PASSES.fill("passes", passes)
                    : RepairWords.DIP_PASSES.fill("passes", passes);
        }
        return new DipRhythm(passes, pass, words);
    }

    /** The rhythm after it steamed: half as many. */
    public DipRhythm halved() {
        int fewer = passes / 2;
        return new DipRhythm(
                fewer,
                passSeconds,
                fewer < 1
                        ? RepairWords.DIP_TOUCH.words()
                        : RepairWords.DIP_FEWER.fill(
                                "fewer",
                                fewer,
                                "unit",
                                (fewer == 1 ? " pass" : " passes"),
                                "before",
                                Numbers.plain(passes, 0)));
    }
}
