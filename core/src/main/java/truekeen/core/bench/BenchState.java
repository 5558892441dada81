package truekeen.core.bench;

import java.util.List;
import java.util.Map;
import truekeen.core.stepsheet.Step;

/**
 * Where a session stands.
 *
 * @param current index of the step in hand; the number of steps when all are done
 * @param steps each step as it stands
 * @param late strokes that came from a displaced device and wait to be added or left out
 * @param undoable whether there is something to take back
 */
public record BenchState(int current, List<StepState> steps, int late, boolean undoable) {

    /** How a step stands. */
    public enum Status {
        WAITING,
        HERE,
        DONE,
        SKIPPED
    }

    /**
     * One step.
     *
     * @param status how it stands
     * @param counts strokes so far, by side
     * @param gateFailures times its gate was answered with no
     */
    public record StepState(Status status, Map<Step.Side, Integer> counts, int gateFailures) {
        /** Strokes of all sides together. */
        public int total() {
            return counts.values().stream().mapToInt(Integer::intValue).sum();
        }
    }

    /** Whether every step is done or skipped. */
    public boolean allDone() {
        return current >= steps.size();
    }
}
