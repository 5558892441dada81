package truekeen.core.keenness;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.table.Prior;

/**
 * Judges a test by force against its purpose. A fresh edge passes when the mean index is at most the target and the
 * worst station at most 1.25 times the mean. Source: workshop prior.
 */
public final class Judge {
    /** Most that the worst station may be over the mean. */
    public static final double WIDEST_SPREAD = Prior.JUDGE_WIDEST_SPREAD.value();

    private Judge() {}

    /** The verdict; refuses a test that cannot be judged, each fault at its field. */
    public static Verdict judge(EdgeTest test, KeennessPurpose purpose) {
        Checks checks = new Checks();
        checks.require(
                purpose.indexTarget().isPresent(),
                () -> Refusal.of(MessageCode.NOT_TESTED_FOR_KEENNESS, "readings", purpose.name()));
        test.check(checks);
        checks.orThrow();

        double[] grams = test.readings().stream().mapToDouble(Reading::grams).toArray();
        double mean = test.meanGrams();
        double squares = Arrays.stream(grams).map(g -> (g - mean) * (g - mean)).sum();
        double sd = Math.sqrt(squares / (grams.length - 1));
        Reading worst = test.worst();
        double target = purpose.indexTarget().getAsDouble();
        double index = test.index();
        double spread = test.spread();
        List<Stretch> uneven = uneven(test, mean);
        return new Verdict(
                index <= target && uneven.isEmpty(),
                mean,
                sd,
                worst,
                index,
                target,
                spread,
                uneven,
                dullElsewhere(test, mean, target));
    }

    /** Whether the stations that are not uneven need more than is wanted all the same. */
    private static boolean dullElsewhere(EdgeTest test, double mean, double target) {
        return test.readings().stream()
                        .mapToDouble(Reading::grams)
                        .filter(g -> g <= WIDEST_SPREAD * mean)
                        .average()
                        .orElse(mean)
                > target * test.referenceGrams();
    }

    /** Stretches whose stations read more than the spread allows, each the share of the edge its stations stand for. */
    private static List<Stretch> uneven(EdgeTest test, double mean) {
        List<Reading> ordered = test.readings().stream()
                .sorted(Comparator.comparingDouble(Reading::xMm))
                .toList();
        List<Stretch> found = new ArrayList<>();
        for (int i = 0; i < ordered.size(); i++) {
            if (ordered.get(i).grams() > WIDEST_SPREAD * mean) {
                double x = ordered.get(i).xMm();
                double from = i == 0 ? 0 : (ordered.get(i - 1).xMm() + x) / 2;
                double to = i == ordered.size() - 1
                        ? test.edgeLengthMm()
                        : (x + ordered.get(i + 1).xMm()) / 2;
                found.add(new Stretch(from, to));
            }
        }
        return merged(found);
    }

    private static List<Stretch> merged(List<Stretch> stretches) {
        List<Stretch> result = new ArrayList<>();
        for (Stretch s : stretches.stream()
                .sorted(Comparator.comparingDouble(Stretch::fromMm))
                .toList()) {
            Stretch before = result.isEmpty() ? null : result.get(result.size() - 1);
            if (before != null && s.fromMm() <= before.toMm() + 1e-9) {
                result.set(result.size() - 1, new Stretch(before.fromMm(), Math.max(before.toMm(), s.toMm())));
            } else {
                result.add(s);
            }
        }
        return result;
    }
}
