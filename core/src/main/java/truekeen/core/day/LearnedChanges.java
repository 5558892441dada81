package truekeen.core.day;

import java.util.List;
import truekeen.core.table.Prior;

/**
 * How long changing over takes at this bench, against what is usual: learned from planned days that were worked.
 *
 * <p>The mean of the logarithms of took over planned, drawn toward "as usual" by as much as a few changes weigh, so that one
 * odd change teaches little. A gap that is far longer or shorter than planned is a break, or strokes that were put down late,
 * and teaches nothing. Derived here; the weights are workshop priors.
 *
 * @param factor how many times as long as usual
 * @param low the same at the lower end of the 80 % band
 * @param high the same at the upper end
 * @param changes how many changes taught it
 */
public record LearnedChanges(double factor, double low, double high, int changes) {
    private static final double WEIGHT_OF_THE_USUAL = Prior.CHANGES_USUAL_WEIGHT.value();
    private static final double SPREAD = Prior.CHANGES_SPREAD.value();
    private static final double NO_CHANGE = Prior.CHANGES_NO_CHANGE.value();
    /** Half the 80 % band of a normal distribution, in standard deviations. */
    private static final double BAND_80 = 1.2816;

    /** One change: as planned, and as it was (s). */
    public record Taken(double plannedSeconds, double tookSeconds) {
        /** Whether it can be a change at all. */
        boolean believable() {
            return plannedSeconds > 0
                    && tookSeconds * NO_CHANGE >= plannedSeconds
                    && tookSeconds <= plannedSeconds * NO_CHANGE;
        }
    }

    /** What changes teach; nothing where there are none. */
    public static LearnedChanges of(List<Taken> taken) {
        double[] logs = taken.stream()
                .filter(Taken::believable)
                .mapToDouble(t -> Math.log(t.tookSeconds / t.plannedSeconds))
                .toArray();
        double sum = 0;
        for (double log : logs) {
            sum += log;
        }
        double weight = logs.length + WEIGHT_OF_THE_USUAL;
        double mean = sum / weight;
        double band = BAND_80 * SPREAD / Math.sqrt(weight);
        return new LearnedChanges(Math.exp(mean), Math.exp(mean - band), Math.exp(mean + band), logs.length);
    }
}
