package truekeen.core.upkeep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import truekeen.core.message.Says;

class DriftTest {
    /** Four in order: 2 of 24 orders are as steady, one in twelve. */
    @Test
    void aSteadyCreepIsToldWithItsSize() {
        Drift d =
                Drift.of(Drift.Kind.LAST_BEVEL, List.of(30.0, 30.5, 31.0, 31.5)).orElseThrow();
        assertThat(d.luck()).isEqualTo(2.0 / 24);
        assertThat(d.from()).isCloseTo(30, within(1e-9));
        assertThat(d.to()).isCloseTo(31.5, within(1e-9));
        assertThat(d.each()).isCloseTo(0.5, within(1e-9));
        assertThat(d.words()).matches(Says.the(UpkeepWords.BEVEL_CREEPS_UP, "from", "30°", "to", "31.5°", "count", 4));
        assertThat(Drift.of(Drift.Kind.LAST_BEVEL, List.of(31.5, 31.0, 30.5, 30.0))
                        .orElseThrow()
                        .words())
                .matches(Says.the(UpkeepWords.BEVEL_CREEPS_DOWN));
        assertThat(Drift.of(Drift.Kind.SIDES_APART, List.of(0.0, 1.0, 2.0, 3.0))
                        .orElseThrow()
                        .words())
                .matches(Says.the(UpkeepWords.SIDES_CREEP, "side", "left"));
        assertThat(Drift.of(Drift.Kind.CAMBER, List.of(0.1, 0.2, 0.3, 0.4))
                        .orElseThrow()
                        .words())
                .matches(Says.the(UpkeepWords.CAMBER_GROWS));
        assertThat(Drift.of(Drift.Kind.CAMBER, List.of(0.4, 0.3, 0.2, 0.1))
                        .orElseThrow()
                        .words())
                .matches(Says.the(UpkeepWords.CAMBER_GOES));
    }

    @Test
    void threeMayBeLuckAndWhatIsSmallDoesNotMatter() {
        assertThat(Drift.of(Drift.Kind.LAST_BEVEL, List.of(30.0, 31.0, 32.0))).isEmpty();
        assertThat(Drift.of(Drift.Kind.LAST_BEVEL, List.of(30.0, 30.1, 30.2, 30.3, 30.4)))
                .isEmpty();
        assertThat(Drift.of(Drift.Kind.LAST_BEVEL, List.of(30.0, 30.0, 30.0, 30.0, 30.0)))
                .isEmpty();
        assertThat(Drift.of(Drift.Kind.CAMBER, List.of())).isEmpty();
        assertThat(Drift.of(Drift.Kind.CAMBER, List.of(0.3))).isEmpty();
    }

    private static List<Double> measured(Random random, int n, double each, double scatter) {
        return IntStream.range(0, n)
                .mapToObj(i -> 30 + i * each + scatter * random.nextGaussian())
                .toList();
    }

    /** What does not creep is said to in no more than one case of ten, both exactly counted and by the normal. */
    @Test
    void whatStandsStillIsLeftInPeace() {
        for (int n : new int[] {6, 8, 11}) {
            Random random = new Random(n);
            long told = IntStream.range(0, 1500)
                    .filter(i -> Drift.of(Drift.Kind.LAST_BEVEL, measured(random, n, 0, 1.5))
                            .isPresent())
                    .count();
            assertThat(told / 1500.0).as("of %d", n).isLessThan(0.11);
        }
    }

    @Test
    void aCreepOfHalfADegreeIsFoundAtItsSize() {
        Random random = new Random(2);
        int found = 0;
        double sum = 0;
        for (int i = 0; i < 400; i++) {
            Optional<Drift> d = Drift.of(Drift.Kind.LAST_BEVEL, measured(random, 8, 0.5, 0.5));
            found += d.isPresent() ? 1 : 0;
            sum += d.map(Drift::each).orElse(0.0);
        }
        assertThat(found).isGreaterThan(380);
        assertThat(sum / found).isCloseTo(0.5, within(0.03));
    }
}
