package truekeen.core.progression;

import java.util.List;
import truekeen.core.abrasive.Abrasive;

/**
 * One abrasive's part in a path.
 *
 * @param abrasive the piece
 * @param volumeMm3 what it takes off (mm³)
 * @param forceN force on it (N)
 * @param strokes strokes there and back that this takes; not yet whole
 * @param leastCount whether the strokes are the fewest a tool is set down for, more than the steel asks
 * @param scratchBeforeUm scratch it finds (µm)
 * @param seconds time in all, its share of changes, flattening, degreasing and waiting included
 * @param waitSeconds of these, waiting for it to soak
 * @param flattenings times it wants flattening
 * @param degrease whether oil must be cleaned off the tool first
 * @param penalties what costs time on it beside the work
 */
public record Leg(
        Abrasive abrasive,
        double volumeMm3,
        double forceN,
        double strokes,
        boolean leastCount,
        double scratchBeforeUm,
        double seconds,
        double waitSeconds,
        int flattenings,
        boolean degrease,
        List<ShelfPenalty> penalties) {

    /** Whole strokes for a person. */
    public int wholeStrokes() {
        return (int) Math.ceil(strokes - 1e-9);
    }
}
