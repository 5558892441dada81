package truekeen.core.stepsheet;

import java.util.List;
import truekeen.core.progression.PowerOffer;
import truekeen.core.table.Prior;

/**
 * The time of a step sheet (s): the sum of its steps, low and high where every count and every grinding is as far off as
 * their ranges leave open. What is fixed (changes, flattening, soaking, settings) stays.
 *
 * @param low least to be expected
 * @param likely the sum of the steps shown
 * @param high most to be expected
 */
public record SheetTime(double low, double likely, double high) {
    private static final double SECONDS_PER_STROKE = Prior.STROKE_SECONDS.value();

    /** The time of these steps, of which the grinding is what is done under power. */
    public static SheetTime of(List<Step> steps, List<PowerOffer> powered) {
        double likely = steps.stream().mapToDouble(Step::seconds).sum();
        double less = 0;
        double more = 0;
        for (Step step : steps) {
            if (step.counted()) {
                less += (step.strokes() - step.strokesLow()) * step.sides().size() * SECONDS_PER_STROKE;
                more += (step.strokesHigh() - step.strokes()) * step.sides().size() * SECONDS_PER_STROKE;
            }
        }
        for (PowerOffer g : powered) {
            double half = (g.mostClockSeconds() - g.leastClockSeconds()) / 2;
            less += half;
            more += half;
        }
        return new SheetTime(likely - less, likely, likely + more);
    }
}
