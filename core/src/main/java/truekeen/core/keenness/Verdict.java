package truekeen.core.keenness;

import java.util.List;

/**
 * The judgement on a test.
 *
 * @param keen whether the edge passes
 * @param meanGrams mean reading (g)
 * @param sdGrams standard deviation of the readings, of a sample (g)
 * @param worst the highest reading
 * @param meanIndex mean reading over the reference
 * @param indexTarget what the purpose asks
 * @param spreadRatio worst over mean; at most 1.25 passes
 * @param faults what failed and where; empty when keen
 */
public record Verdict(
        boolean keen,
        double meanGrams,
        double sdGrams,
        Reading worst,
        double meanIndex,
        double indexTarget,
        double spreadRatio,
        List<Fault> faults) {

    /** What can fail. */
    public enum Kind {
        /** Light on the apex: the stones did not reach it there. */
        APEX_NOT_REACHED,
        /** Some stations cut far worse than the rest. */
        UNEVEN,
        /** No light, even, and yet not keen: the finish, or a burr left on. */
        DULL_ALL_ALONG
    }

    /**
     * One fault.
     *
     * @param kind what failed
     * @param where the stretch to be worked
     * @param why what was seen, in words
     * @param remedy what to do, in words
     */
    public record Fault(Kind kind, Stretch where, String why, String remedy) {}
}
