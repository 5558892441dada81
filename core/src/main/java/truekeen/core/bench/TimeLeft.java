package truekeen.core.bench;

import java.util.Optional;
import java.util.OptionalDouble;
import truekeen.core.stepsheet.Step;
import truekeen.core.table.Prior;

/**
 * What is left of a step (s), as a range: by this hand's own pace once that is known, before that by the time planned and
 * as far off as a first estimate is. Derived here.
 *
 * @param lowSeconds least
 * @param highSeconds most
 */
public record TimeLeft(double lowSeconds, double highSeconds) {
    /** What is left; empty where nothing is counted. */
    public static Optional<TimeLeft> of(Step step, int counted, OptionalDouble pace) {
        int sides = step.sides().size();
        int planned = step.strokes() * sides;
        if (!step.counted() || planned == 0) {
            return Optional.empty();
        }
        int low = Math.max(0, step.strokesLow() * sides - counted);
        int high = Math.max(0, step.strokesHigh() * sides - counted);
        if (pace.isPresent()) {
            return Optional.of(new TimeLeft(low * pace.getAsDouble(), high * pace.getAsDouble()));
        }
        double each = step.seconds() / planned;
        double off = Prior.FIRST_PACE_SPREAD.value();
        return Optional.of(new TimeLeft(low * each / off, high * each * off));
    }
}
