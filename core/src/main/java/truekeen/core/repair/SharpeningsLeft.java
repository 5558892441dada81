package truekeen.core.repair;

import truekeen.core.condition.MeanLoss;
import truekeen.core.message.Numbers;

/**
 * How many sharpenings the steel will last, down to the retire limit: steel left over what one takes. An estimate.
 * Source: derived here; what one takes is a workshop prior until somebody measures.
 *
 * @param number sharpenings
 * @param eachMm what one takes (mm)
 * @param evidence where that comes from
 */
public record SharpeningsLeft(MeanLoss.Sharpenings number, double eachMm, String evidence) {

    /**
     * The sharpenings left.
     *
     * @param steelLeftMm down to the retire limit (mm); nothing is left where it is not positive
     * @param loss what one takes on this tool
     */
    public static SharpeningsLeft of(double steelLeftMm, MeanLoss loss) {
        return new SharpeningsLeft(
                loss.in(steelLeftMm),
                loss.mm(),
                loss.measured() == 0
                        ? RepairWords.LEFT_FIRST_ESTIMATE.fill("each", Numbers.plain(loss.mm() * 1000, 0))
                        : RepairWords.LEFT_FROM_ITS_OWN.fill(
                                "count",
                                loss.measured(),
                                "sharpenings",
                                loss.measured() == 1 ? " sharpening" : " sharpenings"));
    }
}
