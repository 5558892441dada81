package truekeen.core.abrasive;

import java.util.List;
import java.util.OptionalDouble;

/**
 * A kind of abrasive. All figures are workshop priors.
 *
 * @param name the kind, such as "ceramic-bonded water stone"; its key
 * @param grain class of its grain
 * @param specificWear k₀, volume per newton and millimetre on plain carbon steel at 11.5 µm (mm²/N); empty for wheels
 *     and belts, which go by volume in time, and for files
 * @param scratchRatio depth of the scratch it leaves over its median grain
 * @param trailingOnly whether only trailing strokes may be taken
 * @param soakMinutes how long it soaks when it is one that soaks
 * @param lubricants what may be used on it
 * @param flattenAfterStrokes strokes until it wants flattening; empty for what is not flattened
 * @param care what to look after
 * @param use what it is for at the bench
 */
public record AbrasiveKind(
        String name,
        AbrasiveClass grain,
        OptionalDouble specificWear,
        double scratchRatio,
        boolean trailingOnly,
        int soakMinutes,
        List<String> lubricants,
        OptionalDouble flattenAfterStrokes,
        String care,
        Use use) {

    /** What a kind is used as. */
    public enum Use {
        /** Worked by hand in strokes: stones, plates, paper, film. */
        STROKES,
        /** Leather and the like: burr and polish after the last stone. */
        STROP,
        /** Runs under power, by volume in time. */
        POWERED,
        /** Flattens stones. */
        LAPPING,
        /** Cleans and wakes stones. */
        DRESSING,
        /** Files and smooth rods: not part of a progression. */
        OTHER
    }

    /** Whether it takes steel off at all in strokes. */
    public boolean cutsInStrokes() {
        return use != Use.POWERED && specificWear.isPresent() && specificWear.getAsDouble() > 0;
    }
}
