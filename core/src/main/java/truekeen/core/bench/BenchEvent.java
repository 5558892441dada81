package truekeen.core.bench;

import java.time.Instant;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import truekeen.core.fault.Observation;
import truekeen.core.stepsheet.Step;

/**
 * Something that happened at the bench. Events are only ever added.
 *
 * @param id made by the device, so that sending it twice does no harm
 * @param device the device it came from
 * @param sequence number the device gave it, rising
 * @param at when, by the device
 * @param kind what
 * @param step index of the step it belongs to, from 0
 * @param side side that a count is for; null for what has no side
 * @param amount strokes that a count adds; 0 otherwise
 * @param note a reason or an observation, or empty
 * @param displaced whether it arrived after another device had taken the session over
 * @param station station along a cambered edge, edge of a row of teeth, or mark that was measured, from 1; 0 for none
 * @param seen what was seen, where the event is an observation
 * @param value what was read (°, °C, mm), where the event is a reading; the note names the instrument
 */
public record BenchEvent(
        UUID id,
        String device,
        long sequence,
        Instant at,
        Kind kind,
        int step,
        Step.Side side,
        int amount,
        String note,
        boolean displaced,
        int station,
        Optional<Observation> seen,
        OptionalDouble value) {

    /** An event that is neither an observation nor a reading. */
    public BenchEvent(
            UUID id,
            String device,
            long sequence,
            Instant at,
            Kind kind,
            int step,
            Step.Side side,
            int amount,
            String note,
            boolean displaced) {
        this(
                id,
                device,
                sequence,
                at,
                kind,
                step,
                side,
                amount,
                note,
                displaced,
                0,
                Optional.empty(),
                OptionalDouble.empty());
    }

    /** What can happen. */
    public enum Kind {
        /** Strokes were counted. */
        COUNT("strokes"),
        /** The last thing done was a slip. */
        UNDO("taking back"),
        /** The gate's question was answered with yes. */
        GATE_PASSED("going on"),
        /** The gate's question was answered with no: the step goes on. */
        GATE_FAILED("not yet"),
        /** A step without a gate is done. */
        STEP_DONE("the end of a step"),
        /** Something was seen or felt at the step. */
        OBSERVED("what was seen"),
        /** An instrument was read at the step. */
        READ("a reading"),
        /** An edge of a row is broken and left out of the count, with its reason. */
        LEFT_OUT("leaving an edge out"),
        /** A step is left out, with its reason. */
        SKIPPED("skipping a step"),
        /** Another device took the session over. */
        TAKEN_OVER("taking over"),
        /** Counts that came late from a displaced device are to be added. */
        LATE_ADDED("adding late strokes"),
        /** Counts that came late from a displaced device are to be left out. */
        LATE_LEFT_OUT("leaving late strokes out");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** What it is, in words. */
        public String words() {
            return words;
        }
    }
}
