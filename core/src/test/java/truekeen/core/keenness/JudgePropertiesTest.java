package truekeen.core.keenness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The verdict follows its three conditions and nothing else, whatever the readings. */
class JudgePropertiesTest {
    private static final KeennessPurpose GENERAL =
            KeennessPurpose.byName("general woodwork").orElseThrow();
    private final Random random = new Random(99);

    private EdgeTest any() {
        double edge = 5 + random.nextDouble() * 40;
        int n = 3 + random.nextInt(6);
        double level = 50 + random.nextDouble() * 60;
        List<Reading> readings = new ArrayList<>();
        for (double x : EdgeTest.stations(edge, n)) {
            readings.add(new Reading(x, level * (0.8 + random.nextDouble() * 0.7)));
        }
        return new EdgeTest(readings, 100, edge);
    }

    @Test
    void keenMeansOnTargetAndEven() {
        for (int i = 0; i < 2000; i++) {
            EdgeTest test = any();
            Verdict v = Judge.judge(test, GENERAL);
            boolean passes = v.meanIndex() <= v.indexTarget() && v.spreadRatio() <= Judge.WIDEST_SPREAD;
            assertThat(v.keen()).isEqualTo(passes);
            assertThat(v.uneven().isEmpty()).isEqualTo(v.spreadRatio() <= Judge.WIDEST_SPREAD);
        }
    }

    @Test
    void unevenStretchesLieOnTheEdgeApartAndHoldTheirStations() {
        for (int i = 0; i < 2000; i++) {
            EdgeTest test = any();
            Verdict v = Judge.judge(test, GENERAL);
            double end = 0;
            for (Stretch s : v.uneven()) {
                assertThat(s.fromMm()).isBetween(end, test.edgeLengthMm());
                assertThat(s.toMm()).isBetween(s.fromMm(), test.edgeLengthMm());
                end = s.toMm();
            }
            if (!v.uneven().isEmpty()) {
                assertThat(v.uneven()).anyMatch(s -> s.holds(v.worst().xMm()));
            }
        }
    }

    @Test
    void scalingReadingsAndReferenceTogetherChangesNothing() {
        for (int i = 0; i < 500; i++) {
            EdgeTest test = any();
            EdgeTest doubled = new EdgeTest(
                    test.readings().stream()
                            .map(r -> new Reading(r.xMm(), 2 * r.grams()))
                            .toList(),
                    200,
                    test.edgeLengthMm());
            Verdict a = Judge.judge(test, GENERAL);
            Verdict b = Judge.judge(doubled, GENERAL);
            assertThat(b.meanIndex()).isCloseTo(a.meanIndex(), within(1e-12));
            assertThat(b.uneven()).isEqualTo(a.uneven());
            assertThat(b.dullElsewhere()).isEqualTo(a.dullElsewhere());
        }
    }
}
