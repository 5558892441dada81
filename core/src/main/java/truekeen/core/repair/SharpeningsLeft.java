package truekeen.core.repair;

import java.util.List;
import truekeen.core.condition.Dullness;
import truekeen.core.message.Numbers;
import truekeen.core.table.Prior;

/**
 * How many sharpenings the steel will last, down to the retire limit: steel left over what one takes. An estimate.
 * Source: derived here; what one takes is a workshop prior until the log knows.
 *
 * @param value sharpenings
 * @param low least to be expected
 * @param high most to be expected
 * @param eachMm what one takes (mm)
 * @param evidence where that comes from
 */
public record SharpeningsLeft(int value, int low, int high, double eachMm, String evidence) {
    /** One takes half or double what was thought, before anything is logged. */
    private static final double SPREAD = Prior.SHARPENINGS_LEFT_SPREAD.value();

    /**
     * The sharpenings left.
     *
     * @param steelLeftMm down to the retire limit (mm); nothing is left where it is not positive
     * @param loggedMm what past sharpenings took off the length (mm), repairs among them
     */
    public static SharpeningsLeft of(double steelLeftMm, List<Double> loggedMm) {
        List<Double> taken = loggedMm.stream().filter(mm -> mm > 0).sorted().toList();
        if (taken.isEmpty()) {
            double each = Dullness.DULL.recessionMm();
            return new SharpeningsLeft(
                    whole(steelLeftMm / each),
                    whole(steelLeftMm / each / SPREAD),
                    whole(steelLeftMm / each * SPREAD),
                    each,
                    RepairWords.LEFT_FIRST_ESTIMATE.fill("each", Numbers.plain(each * 1000, 0)));
        }
        // The middle one: a repair among them says little about what an ordinary sharpening takes.
        double each = taken.get((taken.size() - 1) / 2);
        double spread = taken.size() < 3 ? SPREAD : 1.5;
        return new SharpeningsLeft(
                whole(steelLeftMm / each),
                whole(steelLeftMm / each / spread),
                whole(steelLeftMm / each * spread),
                each,
                RepairWords.LEFT_FROM_ITS_OWN.fill(
                        "count", taken.size(), "sharpenings", (taken.size() == 1 ? " sharpening" : " sharpenings")));
    }

    private static int whole(double n) {
        return (int) Math.max(0, Math.floor(n + 1e-9));
    }
}
