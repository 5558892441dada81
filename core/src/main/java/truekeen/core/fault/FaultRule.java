package truekeen.core.fault;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import truekeen.core.table.Prior;
import truekeen.core.table.TableReader;

/**
 * A fault by name, what speaks for and against it, and what mends it. Weights are natural logarithms of likelihood
 * ratios; a fault begins at odds of 1 to 20. Source: workshop prior.
 *
 * @param key its name in the table
 * @param title it in words
 * @param placed whether it sits somewhere along the edge, or concerns the whole
 * @param fits the tools it can befall
 * @param eases whether its remedy is fewer strokes at the end: the burr taken off and the strop used more lightly
 * @param kin what others it is answered much like; empty where it stands by itself
 * @param weights by sign
 * @param remedies what mends it, the usual one first
 */
public record FaultRule(
        String key,
        String title,
        boolean placed,
        Fits fits,
        boolean eases,
        String kin,
        Map<Sign, Double> weights,
        List<Remedy> remedies) {
    /** Logarithm of the odds of a fault of which nothing is known. */
    public static final double PRIOR = -Math.log(Prior.FAULT_ODDS_AGAINST.value());

    /** Tools that a fault can befall. */
    public enum Fits {
        ALL,
        /** Edges that run out in a tip. */
        TIP,
        /** Edges that curve up to their tip. */
        BELLY,
        /** Ends that are to be square to a side. */
        SQUARE,
        /** Irons that are to be cambered. */
        CAMBERED,
        PLANE,
        /** Edges that pare wood. */
        PARES,
        /** Tools with a back that is one half of the edge. */
        BACK,
        /** Blades that are thinned. */
        THIN,
        /** Knives with one broad face. */
        SINGLE,
        TURNSCREW,
        BAR,
        /** Blades that turn at speed. */
        TURNING,
        /** Blades with a row of teeth. */
        TOOTHED,
        /** Two toothed blades that cut on each other. */
        TRIMMER
    }

    private static final List<FaultRule> ALL = read();

    /** All rules, in the order of the table. */
    public static List<FaultRule> all() {
        return ALL;
    }

    /** The rule of that name; a name that is not in the table is a fault of the program. */
    public static FaultRule named(String key) {
        return ALL.stream()
                .filter(r -> r.key.equals(key))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no fault " + key));
    }

    /** Whether another is answered much like it, so that telling them apart would change little. */
    public boolean akin(FaultRule other) {
        return !kin.isEmpty() && kin.equals(other.kin);
    }

    /** What a sign says about it: 0 where it says nothing. */
    public double weight(Sign sign) {
        return weights.getOrDefault(sign, 0.0);
    }

    private static List<FaultRule> read() {
        Map<String, Map<Sign, Double>> weights = new HashMap<>();
        for (TableReader.Row row : TableReader.rows("fault_evidence")) {
            weights.computeIfAbsent(row.text("fault"), k -> new EnumMap<>(Sign.class))
                    .put(Sign.valueOf(row.text("sign")), row.number("weight"));
        }
        List<Remedy> remedies = Remedy.all();
        return TableReader.rows("faults").stream()
                .map(row -> new FaultRule(
                        row.text("fault"),
                        row.text("title"),
                        row.text("placed").equals("yes"),
                        Fits.valueOf(row.text("fits")),
                        row.text("eases").equals("yes"),
                        row.text("kin"),
                        Map.copyOf(weights.getOrDefault(row.text("fault"), Map.of())),
                        remedies.stream()
                                .filter(r -> r.fault().equals(row.text("fault")))
                                .toList()))
                .toList();
    }

    /** Signs that any rule listens to. */
    public static Set<Sign> heard() {
        Set<Sign> heard = EnumSet.noneOf(Sign.class);
        ALL.forEach(r -> heard.addAll(r.weights.keySet()));
        return heard;
    }
}
