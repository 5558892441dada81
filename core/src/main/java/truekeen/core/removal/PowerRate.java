package truekeen.core.removal;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.table.Prior;
import truekeen.core.table.TableReader;

/**
 * How fast a powered abrasive takes steel at the bench, as ranges, and how much of the work goes into the steel as heat.
 * The figures stand in {@code tables/machines.csv}. Source: workshop prior.
 *
 * @param kind which machine
 * @param slow slowest working removal (mm³/s)
 * @param fast fastest working removal (mm³/s)
 * @param slowLight slowest removal in the light last passes (mm³/s)
 * @param fastLight fastest removal in the light last passes (mm³/s)
 * @param partition share of the work that heats the steel; empty where it does not heat enough to draw a temper
 * @param joulePerMm3 specific energy (J/mm³)
 */
public record PowerRate(
        AbrasiveKind kind,
        double slow,
        double fast,
        double slowLight,
        double fastLight,
        OptionalDouble partition,
        OptionalDouble joulePerMm3) {
    private static final Map<AbrasiveKind, PowerRate> ALL = read();

    private static Map<AbrasiveKind, PowerRate> read() {
        Map<AbrasiveKind, PowerRate> all = new EnumMap<>(AbrasiveKind.class);
        TableReader.rows("machines").forEach(row -> {
            AbrasiveKind kind = AbrasiveKind.valueOf(row.text("code"));
            all.put(
                    kind,
                    new PowerRate(
                            kind,
                            row.number("slow_mm3_s"),
                            row.number("fast_mm3_s"),
                            row.number("light_slow_mm3_s"),
                            row.number("light_fast_mm3_s"),
                            row.numberIfAny("partition"),
                            row.numberIfAny("joule_per_mm3")));
        });
        return all;
    }

    /** What runs under power, in the order of the kinds. */
    public static List<AbrasiveKind> kinds() {
        return List.copyOf(ALL.keySet());
    }

    /** The rate of a kind of abrasive, if it runs under power. */
    public static Optional<PowerRate> of(AbrasiveKind kind) {
        return Optional.ofNullable(ALL.get(kind));
    }

    /** Fastest removal (mm³/s), near a finished edge or not. */
    public double fastest(boolean light) {
        return light ? fastLight : fast;
    }

    /** Slowest removal (mm³/s), near a finished edge or not. */
    public double slowest(boolean light) {
        return light ? slowLight : slow;
    }

    /** Least time for a volume (s): blunt first at the fast rate, the last tenth light. */
    public double leastSeconds(double volumeMm3) {
        double light = Prior.LAST_PASSES_SHARE.value();
        return volumeMm3 * (1 - light) / fast + volumeMm3 * light / fastLight;
    }

    /** Most time for a volume (s). */
    public double mostSeconds(double volumeMm3) {
        double light = Prior.LAST_PASSES_SHARE.value();
        return volumeMm3 * (1 - light) / slow + volumeMm3 * light / slowLight;
    }
}
