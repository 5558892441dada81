package truekeen.core.stepsheet;

import java.util.List;
import java.util.Optional;
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

    /** The time of these steps, of which the grinding is what was offered. */
    public static SheetTime of(List<Step> steps, Optional<PowerOffer> grind) {
        double likely = steps.stream().mapToDouble(Step::seconds).sum();
        double less = 0;
        double more = 0;
        for (Step step : steps) {
            if (step.counted()) {
                less += (step.strokes() - step.strokesLow()) * step.sides().size() * SECONDS_PER_STROKE;
                more += (step.strokesHigh() - step.strokes()) * step.sides().size() * SECONDS_PER_STROKE;
            }
        }
        double middle = grind.map(g -> (g.leastClockSeconds() + g.mostClockSeconds()) / 2)
                .orElse(0.0);
        less += grind.map(g -> middle - g.leastClockSeconds()).orElse(0.0);
        more += grind.map(g -> g.mostClockSeconds() - middle).orElse(0.0);
        return new SheetTime(likely - less, likely, likely + more);
    }
}
