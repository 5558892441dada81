package truekeen.core.bench;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import truekeen.core.fault.Observation;
import truekeen.core.fault.Sign;
import truekeen.core.stepsheet.Step;
import truekeen.core.table.Prior;

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
     * @param stations strokes so far at each station, by side; empty lists where they are not dealt to stations
     * @param lastSide the side last worked
     * @param seen what was seen, oldest first
     * @param readings what instruments read, oldest first
     * @param leftOut edges of a row that are broken and left out of the count, by side, from 1
     * @param skippedBecause the reason it was skipped with; empty where it was not
     */
    public record StepState(
            Status status,
            Map<Step.Side, Integer> counts,
            int gateFailures,
            Map<Step.Side, List<Integer>> stations,
            Optional<Step.Side> lastSide,
            List<Seen> seen,
            List<ReadingTaken> readings,
            Map<Step.Side, Set<Integer>> leftOut,
            String skippedBecause) {
        /** Keeps lists from changing. */
        public StepState {
            seen = List.copyOf(seen);
            readings = List.copyOf(readings);
            leftOut = Map.copyOf(leftOut);
        }

        /** The newest reading of an instrument at a place. */
        public OptionalDouble newest(Instrument instrument, Step.Side side, int station) {
            return readings.stream()
                    .filter(r -> r.instrument().equals(instrument.name())
                            && r.side().equals(Optional.ofNullable(side))
                            && r.station() == station)
                    .mapToDouble(ReadingTaken::value)
                    .reduce((a, b) -> b);
        }

        /** What stands: of each group all that was seen since its last good word, that word included. */
        public List<Seen> standing() {
            Map<Sign.Group, List<Seen>> byGroup = new EnumMap<>(Sign.Group.class);
            for (Seen s : seen) {
                List<Seen> group =
                        byGroup.computeIfAbsent(s.observation().sign().group(), g -> new ArrayList<>());
                boolean good = s.observation().sign().says() == Sign.Says.GOOD;
                if (good
                        || !group.isEmpty() && group.get(0).observation().sign().says() == Sign.Says.GOOD) {
                    group.clear();
                }
                group.add(s);
            }
            return byGroup.values().stream().flatMap(List::stream).toList();
        }

        /**
         * Whether a step that is passed was worked: strokes are counted, and not far fewer than were planned at least. One
         * that asks for no strokes needs none.
         */
        public boolean counted(Step step) {
            double least = Prior.COUNTED_FROM_SHARE.value()
                    * step.strokesLow()
                    * step.sides().size();
            return step.strokes() == 0 || total() > 0 && total() >= least;
        }

        /** Whether it was passed and not skipped, and nobody can tell that it was worked. */
        public boolean notCounted(Step step) {
            return status == Status.DONE && !counted(step);
        }

        /** Strokes of all sides together. */
        public int total() {
            return counts.values().stream().mapToInt(Integer::intValue).sum();
        }
    }

    /**
     * Something seen.
     *
     * @param strokesBefore strokes counted at the step until then, all sides together
     */
    public record Seen(Observation observation, int strokesBefore) {}

    /**
     * What an instrument read.
     *
     * @param instrument its kind
     * @param value in its own unit (°, °C, mm)
     * @param side where it was read; empty where there is but one place
     * @param station mark or edge, from 1; 0 for none
     */
    public record ReadingTaken(String instrument, double value, Optional<Step.Side> side, int station) {}

    /** Whether every step is done or skipped. */
    public boolean allDone() {
        return current >= steps.size();
    }
}
