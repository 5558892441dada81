package truekeen.core.hand;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import truekeen.core.abrasive.Abrasive;

/**
 * What one person's sessions teach. In logarithms, the ratio of a session is the person's mean on the kind of abrasive,
 * N(0, 0.40²), plus a deviation of the piece on the steel, N(0, 0.447²), plus a session's own, N(0, 0.35²); what is told
 * is the exact posterior of the first two together. So a new stone starts from what its kind has taught. Source: derived
 * here; the spreads are workshop priors.
 */
public final class HandLog {
    private static final double KIND_SD = 0.40;
    private static final double PIECE_SD = 0.447;
    private static final double SESSION_SD = Abrasive.Effort.SESSION_LOG_SD;
    /** Standard deviations from which on a session stands out; one in eighty would by chance. Source: workshop prior. */
    private static final double STANDS_OUT_AT = 2.5;
    /** Sessions that must be known before one can stand out. */
    private static final int KNOWN_FROM = 3;

    private final Map<String, Map<String, List<Double>>> byKind = new LinkedHashMap<>();
    private final List<StandsOut> standing = new ArrayList<>();

    private HandLog() {}

    /** Learns from the sessions of one person, oldest first. */
    public static HandLog of(List<StrokeRatio> oldestFirst) {
        HandLog log = new HandLog();
        oldestFirst.forEach(log::take);
        return log;
    }

    private void take(StrokeRatio seen) {
        if (seen.judged() == StrokeRatio.Judged.STONE) {
            return;
        }
        if (seen.judged() == StrokeRatio.Judged.OPEN) {
            Abrasive.Effort before = effort(seen.abrasiveId(), seen.kind(), seen.steel());
            double off = seen.log() - Math.log(before.factor());
            if (before.sessions() >= KNOWN_FROM && Math.abs(off) > STANDS_OUT_AT * Math.log(before.spread())) {
                standing.add(new StandsOut(seen, before.factor(), Math.exp(off), off > 0));
                return;
            }
        }
        byKind.computeIfAbsent(seen.kind(), k -> new LinkedHashMap<>())
                .computeIfAbsent(piece(seen.abrasiveId(), seen.steel()), p -> new ArrayList<>())
                .add(seen.log());
    }

    /** Sessions that stand out and wait to be judged; none of them was learned. */
    public List<StandsOut> standingOut() {
        return List.copyOf(standing);
    }

    /** What is to be expected on a piece, of a kind, on a steel. */
    public Abrasive.Effort effort(String abrasiveId, String kind, String steel) {
        Map<String, List<Double>> pieces = byKind.getOrDefault(kind, Map.of());
        double precision = 1 / (KIND_SD * KIND_SD);
        double weighted = 0;
        int all = 0;
        for (List<Double> logs : pieces.values()) {
            double w = 1 / (PIECE_SD * PIECE_SD + SESSION_SD * SESSION_SD / logs.size());
            precision += w;
            weighted += w * mean(logs);
            all += logs.size();
        }
        double kindMean = weighted / precision;
        List<Double> own = pieces.getOrDefault(piece(abrasiveId, steel), List.of());
        double trust =
                own.isEmpty() ? 0 : PIECE_SD * PIECE_SD / (PIECE_SD * PIECE_SD + SESSION_SD * SESSION_SD / own.size());
        double expected = (1 - trust) * kindMean + (own.isEmpty() ? 0 : trust * mean(own));
        double variance = PIECE_SD * PIECE_SD * (1 - trust) + (1 - trust) * (1 - trust) / precision;
        return new Abrasive.Effort(Math.exp(expected), Math.sqrt(variance), own.size(), all - own.size());
    }

    private static String piece(String abrasiveId, String steel) {
        return abrasiveId + " on " + steel;
    }

    private static double mean(List<Double> logs) {
        return logs.stream().mapToDouble(Double::doubleValue).average().orElse(0);
    }
}
