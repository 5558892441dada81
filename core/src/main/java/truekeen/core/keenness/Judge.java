package truekeen.core.keenness;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;

/**
 * Judges a test against its purpose. A fresh edge passes when the mean index is at most the target, the worst station
 * at most 1.25 times the mean, and no light is seen. Source: workshop prior.
 */
public final class Judge {
    /** Most that the worst station may be over the mean. */
    public static final double WIDEST_SPREAD = 1.25;
    /** How far beyond a stretch the neighbours are feathered in (mm). */
    private static final double FEATHER_MM = 2;

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
        double mean = Arrays.stream(grams).average().orElseThrow();
        double squares = Arrays.stream(grams).map(g -> (g - mean) * (g - mean)).sum();
        double sd = Math.sqrt(squares / (grams.length - 1));
        Reading worst = test.readings().stream()
                .max(Comparator.comparingDouble(Reading::grams))
                .orElseThrow();
        double target = purpose.indexTarget().getAsDouble();
        double index = mean / test.referenceGrams();
        double spread = worst.grams() / mean;
        List<Verdict.Fault> faults = faults(test, mean, index, target);
        return new Verdict(faults.isEmpty(), mean, sd, worst, index, target, spread, faults);
    }

    private static List<Verdict.Fault> faults(EdgeTest test, double mean, double index, double target) {
        List<Verdict.Fault> faults = new ArrayList<>();
        for (Stretch lit : merged(test.light())) {
            faults.add(new Verdict.Fault(
                    Verdict.Kind.APEX_NOT_REACHED,
                    lit.widened(FEATHER_MM, test.edgeLengthMm()),
                    "Light is seen from " + mm(lit.fromMm()) + " to " + mm(lit.toMm())
                            + " mm: the apex was not reached there.",
                    "Back to the first stone on that stretch, until a burr comes; then feather the neighbours in and go"
                            + " through the finer stones again."));
        }
        for (Stretch high : uneven(test, mean)) {
            boolean lit = faults.stream()
                    .anyMatch(
                            f -> f.where().fromMm() <= high.toMm() && f.where().toMm() >= high.fromMm());
            if (!lit) {
                faults.add(new Verdict.Fault(
                        Verdict.Kind.UNEVEN,
                        high,
                        "Between " + mm(high.fromMm()) + " and " + mm(high.toMm())
                                + " mm it reads over a quarter above the mean, with no light to be seen: a small chip or a"
                                + " remnant of the burr.",
                        "A few strokes there on the last stone, take the burr off again, strop."));
            }
        }
        if (faults.isEmpty() && index > target) {
            faults.add(new Verdict.Fault(
                    Verdict.Kind.DULL_ALL_ALONG,
                    new Stretch(0, test.edgeLengthMm()),
                    "Even, without light, but at " + Numbers.plain(index, 2) + " of the reference where "
                            + Numbers.plain(target, 2) + " is wanted.",
                    "Back one stone over the whole edge, take the burr off lighter than before, strop less."));
        }
        return faults;
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

    private static String mm(double x) {
        return Numbers.plain(x, 1);
    }
}
