package truekeen.core.progression;

import java.util.List;

/**
 * One answer to a job beside the others.
 *
 * @param answer what it is best at
 * @param legs its abrasives in order; empty where there is no such path
 * @param seconds its time (s) if every scratch were replaced, by which the answers are compared
 * @param volumeMm3 steel that goes (mm³)
 * @param penaltySeconds what steps wider than the house likes count beyond its time (s) if every scratch were replaced, by which the answers are compared
 * @param note why there is none, or what to know; else empty
 */
public record Alternative(
        Answer answer, List<Leg> legs, double seconds, double volumeMm3, double penaltySeconds, String note) {
    /** Time as a good hand works it (s). */
    public double workedSeconds() {
        return legs.stream().mapToDouble(Leg::seconds).sum();
    }

    /** Whole strokes in all. */
    public int strokes() {
        return legs.stream().mapToInt(Leg::wholeStrokes).sum();
    }
}
