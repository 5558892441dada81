package truekeen.core.keenness;

import java.util.List;

/**
 * The judgement on a test by force.
 *
 * @param keen whether the edge passes
 * @param meanGrams mean reading (g)
 * @param sdGrams standard deviation of the readings, of a sample (g)
 * @param worst the highest reading
 * @param meanIndex mean reading over the reference
 * @param indexTarget what the purpose asks
 * @param spreadRatio worst over mean; at most 1.25 passes
 * @param uneven stretches whose stations read over 1.25 times the mean
 * @param dullElsewhere whether the other stations need more than is wanted as well
 */
public record Verdict(
        boolean keen,
        double meanGrams,
        double sdGrams,
        Reading worst,
        double meanIndex,
        double indexTarget,
        double spreadRatio,
        List<Stretch> uneven,
        boolean dullElsewhere) {
    /** Tests of older versions were kept without their uneven stretches. */
    public Verdict {
        uneven = uneven == null ? List.of() : List.copyOf(uneven);
    }
}
