package truekeen.core.keenness;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import truekeen.core.message.Checks;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.table.Prior;

/**
 * A test of a fresh edge by force at stations along it.
 *
 * @param readings at stations along the edge
 * @param referenceGrams the shop's own reading of a new utility blade on the same tester (g)
 * @param edgeLengthMm length of the edge (mm)
 */
public record EdgeTest(List<Reading> readings, double referenceGrams, double edgeLengthMm) {
    /** Stations at which the spread can be judged. */
    public static final int LEAST_STATIONS = Prior.EDGE_TEST_LEAST_STATIONS.whole();

    /** Keeps the readings from changing. */
    public EdgeTest {
        readings = List.copyOf(readings);
    }

    /** Stations spread evenly, each in the middle of its share of the edge (mm). */
    public static List<Double> stations(double edgeLengthMm, int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> edgeLengthMm * (i + 0.5) / count)
                .toList();
    }

    /** Mean of the readings (g); there is at least one. */
    public double meanGrams() {
        return readings.stream().mapToDouble(Reading::grams).average().orElseThrow();
    }

    /** The station that needs most; there is at least one. */
    public Reading worst() {
        return readings.stream().max(Comparator.comparingDouble(Reading::grams)).orElseThrow();
    }

    /** Keenness index: the mean over the reading of a new utility blade. */
    public double index() {
        return meanGrams() / referenceGrams;
    }

    /** How far the worst station stands out: its reading over the mean. */
    public double spread() {
        return worst().grams() / meanGrams();
    }

    /** Notes every fault. */
    public void check(Checks checks) {
        checks.require(
                referenceGrams > 0,
                () -> Refusal.of(MessageCode.REFERENCE_NOT_POSITIVE, "referenceGrams", referenceGrams + InWords.G));
        checks.require(readings.size() >= LEAST_STATIONS, () -> Refusal.of(
                        MessageCode.READINGS_MISSING, "readings", readings.size())
                .with("low", LEAST_STATIONS));
        for (int i = 0; i < readings.size(); i++) {
            checks.within(
                    "readings[" + i + "].grams",
                    KeennessWords.READING.words(),
                    readings.get(i).grams(),
                    1,
                    5000,
                    InWords.G);
            checks.within(
                    "readings[" + i + "].xMm",
                    KeennessWords.STATION.words(),
                    readings.get(i).xMm(),
                    0,
                    edgeLengthMm,
                    InWords.MM);
        }
    }
}
