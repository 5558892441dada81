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
 * @param scratchAfterUm scratch it leaves (µm): its own, or what of the one before stays where a hand stops sooner
 * @param eased whether a hand stops sooner than all of the old scratches are gone
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
        double scratchAfterUm,
        boolean eased,
        List<ShelfPenalty> penalties) {

    /** The same with fewer strokes, so that some of the scratches before it stay. */
    Leg stoppingAt(double fewer, double secondsPerStroke) {
        double share = fewer / strokes;
        return new Leg(
                abrasive,
                volumeMm3 * share,
                forceN,
                fewer,
                leastCount,
                scratchBeforeUm,
                seconds - (strokes - fewer) * secondsPerStroke,
                waitSeconds,
                flattenings,
                degrease,
                Math.max(abrasive.scratchUm(), scratchBeforeUm * (1 - share)),
                true,
                penalties);
    }

    /** Whole strokes for a person. */
    public int wholeStrokes() {
        return (int) Math.ceil(strokes - 1e-9);
    }
}
