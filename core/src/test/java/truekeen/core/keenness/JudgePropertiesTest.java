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

    private EdgeTest any(boolean lit) {
        double edge = 5 + random.nextDouble() * 40;
        int n = 3 + random.nextInt(6);
        double level = 50 + random.nextDouble() * 60;
        List<Reading> readings = new ArrayList<>();
        for (double x : EdgeTest.stations(edge, n)) {
            readings.add(new Reading(x, level * (0.8 + random.nextDouble() * 0.7)));
        }
        double from = random.nextDouble() * edge * 0.8;
        return new EdgeTest(readings, lit ? List.of(new Stretch(from, from + edge * 0.1)) : List.of(), 100, edge);
    }

    @Test
    void keenMeansOnTargetEvenAndDark() {
        for (int i = 0; i < 2000; i++) {
            EdgeTest test = any(random.nextInt(4) == 0);
            Verdict v = Judge.judge(test, GENERAL);
            boolean passes = v.meanIndex() <= v.indexTarget()
                    && v.spreadRatio() <= Judge.WIDEST_SPREAD
                    && test.light().isEmpty();
            assertThat(v.keen()).isEqualTo(passes);
            assertThat(v.faults().isEmpty()).isEqualTo(passes);
        }
    }

    @Test
    void everyFaultLiesOnTheEdgeAndSaysWhatToDo() {
        for (int i = 0; i < 2000; i++) {
            EdgeTest test = any(true);
            for (Verdict.Fault f : Judge.judge(test, GENERAL).faults()) {
                assertThat(f.where().fromMm()).isBetween(0.0, test.edgeLengthMm());
                assertThat(f.where().toMm()).isBetween(f.where().fromMm(), test.edgeLengthMm());
                assertThat(f.why()).isNotBlank();
                assertThat(f.remedy()).isNotBlank();
            }
        }
    }

    @Test
    void scalingReadingsAndReferenceTogetherChangesNothing() {
        for (int i = 0; i < 500; i++) {
            EdgeTest test = any(false);
            EdgeTest doubled = new EdgeTest(
                    test.readings().stream()
                            .map(r -> new Reading(r.xMm(), 2 * r.grams()))
                            .toList(),
                    List.of(),
                    200,
                    test.edgeLengthMm());
            Verdict a = Judge.judge(test, GENERAL);
            Verdict b = Judge.judge(doubled, GENERAL);
            assertThat(b.meanIndex()).isCloseTo(a.meanIndex(), within(1e-12));
            assertThat(b.faults().stream().map(Verdict.Fault::where).toList())
                    .isEqualTo(a.faults().stream().map(Verdict.Fault::where).toList());
        }
    }
}
