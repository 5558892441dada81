package truekeen.core.hand;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.table.Prior;

/**
 * What one person's sessions teach, kept as sums. In logarithms, the ratio of a session is the person's mean on the kind
 * of abrasive, N(0, 0.40²), plus a deviation of the piece on the steel, N(0, 0.447²), plus a session's own, N(0, 0.35²);
 * what is given is the exact posterior of the first two together. So a new stone starts from what its kind has taught.
 * Count and sum of the logarithms are all that the posterior depends on; the sum of squares is kept to say how far a hand
 * varies. Source: derived here; the spreads are workshop priors.
 */
public final class HandSums {
    private static final double KIND_SD = Prior.HAND_SUMS_KIND_SD.value();
    private static final double PIECE_SD = Prior.HAND_SUMS_PIECE_SD.value();
    private static final double SESSION_SD = Abrasive.Effort.SESSION_LOG_SD;
    /** Standard deviations from which on a session stands out; one in eighty would by chance. Source: workshop prior. */
    private static final double STANDS_OUT_AT = Prior.HAND_SUMS_STANDS_OUT_AT.value();
    /** Sessions that must be known before one can stand out. */
    private static final int KNOWN_FROM = Prior.HAND_SUMS_KNOWN_FROM.whole();

    private final Map<String, Map<Piece, Sum>> byKind = new LinkedHashMap<>();

    /** A piece of abrasive on a class of steel. */
    public record Piece(String abrasiveId, String steel) {}

    /**
     * Sums over sessions.
     *
     * @param count how many
     * @param logs sum of the logarithms of their ratios
     * @param squares sum of the squares of those
     */
    public record Sum(int count, double logs, double squares) {
        /** No session yet. */
        public static final Sum NONE = new Sum(0, 0, 0);

        /** With one session more. */
        public Sum plus(double log) {
            return new Sum(count + 1, logs + log, squares + log * log);
        }

        /** Mean of the logarithms; 0 where there is none. */
        public double mean() {
            return count == 0 ? 0 : logs / count;
        }

        /** Standard deviation of the logarithms, of a sample; 0 with fewer than two. */
        public double sd() {
            return count < 2 ? 0 : Math.sqrt(Math.max(0, (squares - logs * logs / count) / (count - 1)));
        }
    }

    /** Sets the sums of a piece of a kind on a steel. */
    public void put(String kind, Piece piece, Sum sum) {
        byKind.computeIfAbsent(kind, k -> new LinkedHashMap<>()).put(piece, sum);
    }

    /** The sums of a piece of a kind on a steel. */
    public Sum sum(String kind, Piece piece) {
        return byKind.getOrDefault(kind, Map.of()).getOrDefault(piece, Sum.NONE);
    }

    /** Takes sums one by one. */
    public interface Taker {
        /** The sums of a piece of a kind on a steel. */
        void take(String kind, Piece piece, Sum sum);
    }

    /** Gives all sums, one by one. */
    public void each(Taker taker) {
        byKind.forEach((kind, pieces) -> pieces.forEach((piece, sum) -> taker.take(kind, piece, sum)));
    }

    /** Learns a session. */
    public void learn(StrokeRatio seen) {
        Piece piece = new Piece(seen.abrasiveId(), seen.steel());
        put(seen.kind(), piece, sum(seen.kind(), piece).plus(seen.log()));
    }

    /** Whether a session is so far from those before it that somebody should say what it was before it is learned. */
    public Optional<StandsOut> standsOut(StrokeRatio seen) {
        Abrasive.Effort before = effort(seen.abrasiveId(), seen.kind(), seen.steel());
        double off = seen.log() - Math.log(before.factor());
        return before.sessions() >= KNOWN_FROM && Math.abs(off) > STANDS_OUT_AT * Math.log(before.spread())
                ? Optional.of(new StandsOut(seen, before.factor(), Math.exp(off), off > 0))
                : Optional.empty();
    }

    /** What is to be expected on a piece, of a kind, on a steel. */
    public Abrasive.Effort effort(String abrasiveId, String kind, String steel) {
        Map<Piece, Sum> pieces = byKind.getOrDefault(kind, Map.of());
        double precision = 1 / (KIND_SD * KIND_SD);
        double weighted = 0;
        int all = 0;
        for (Sum s : pieces.values()) {
            if (s.count > 0) {
                double w = 1 / (PIECE_SD * PIECE_SD + SESSION_SD * SESSION_SD / s.count);
                precision += w;
                weighted += w * s.mean();
                all += s.count;
            }
        }
        double kindMean = weighted / precision;
        Sum own = pieces.getOrDefault(new Piece(abrasiveId, steel), Sum.NONE);
        double trust =
                own.count == 0 ? 0 : PIECE_SD * PIECE_SD / (PIECE_SD * PIECE_SD + SESSION_SD * SESSION_SD / own.count);
        double expected = (1 - trust) * kindMean + trust * own.mean();
        double variance = PIECE_SD * PIECE_SD * (1 - trust) + (1 - trust) * (1 - trust) / precision;
        return new Abrasive.Effort(Math.exp(expected), Math.sqrt(variance), own.count, all - own.count);
    }
}
