package truekeen.core.repair;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What it would be to do the shaping by one means.
 *
 * @param means by what
 * @param pieceId id of the piece of the shelf it would be; empty where there is none
 * @param pieceName what the shop calls it, or empty
 * @param allowed whether it may and can be done so
 * @param reason why not, or what to know
 * @param leastSeconds least time (s), an estimate; empty where it cannot be done
 * @param mostSeconds most time (s)
 * @param risk how soon the temper is in danger
 * @param contactSeconds a finished edge may touch it so long at the faster removal (s); empty where heat is no danger
 * @param profile what it does to the profile
 * @param advised whether it is what the house would take
 */
public record MeansEstimate(
        Means means,
        Optional<String> pieceId,
        String pieceName,
        boolean allowed,
        String reason,
        OptionalDouble leastSeconds,
        OptionalDouble mostSeconds,
        Risk risk,
        OptionalDouble contactSeconds,
        String profile,
        boolean advised) {

    /** How soon a temper is in danger. */
    public enum Risk {
        NONE("stays cool"),
        LOW("warm: dip now and then"),
        SOME("hot: dip by count"),
        HIGH("very hot: the edge is drawn within a second");

        private final String words;

        Risk(String words) {
            this.words = words;
        }

        /** It in words. */
        public String words() {
            return words;
        }

        static Risk of(OptionalDouble contactSeconds) {
            return contactSeconds.isEmpty()
                    ? LOW
                    : contactSeconds.getAsDouble() < 1 ? HIGH : contactSeconds.getAsDouble() < 8 ? SOME : LOW;
        }
    }

    MeansEstimate asAdvised() {
        return new MeansEstimate(
                means,
                pieceId,
                pieceName,
                allowed,
                reason,
                leastSeconds,
                mostSeconds,
                risk,
                contactSeconds,
                profile,
                true);
    }
}
