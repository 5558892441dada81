package truekeen.core.upkeep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class DullingCurveTest {
    private static final double START = 0.8;
    private static final double RISE = 0.9;
    private static final double TAU = 40;

    private static double truth(double use) {
        return START + RISE * (1 - Math.exp(-use / TAU));
    }

    private static List<UseReading> drawn(Random random, double scatter, int each) {
        List<UseReading> all = new ArrayList<>();
        for (double use : new double[] {0, 10, 25, 50, 80, 120}) {
            for (int i = 0; i < each; i++) {
                all.add(new UseReading(use, truth(use) + scatter * random.nextGaussian()));
            }
        }
        return all;
    }

    @Test
    void aNewestReadingThatBreaksTheTrendIsAskedForAgain() {
        List<UseReading> steady = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            steady.add(new UseReading(20 * i, 0.9 + 0.3 * -Math.expm1(-i / 4.0) + 0.01 * (i % 3 - 1)));
        }
        assertThat(DullingCurve.of(steady, 1).newestSurprises()).isEmpty();
        List<UseReading> wild = new ArrayList<>(steady);
        wild.add(new UseReading(240, 2.3));
        assertThat(DullingCurve.of(wild, 1).newestSurprises()).isPresent();
        wild.add(new UseReading(250, 1.2));
        assertThat(DullingCurve.of(wild, 1).newestSurprises())
                .as("only the newest can be read again")
                .isEmpty();
        assertThat(DullingCurve.of(List.of(steady.get(0), steady.get(5), new UseReading(300, 4)), 1)
                        .newestSurprises())
                .as("three show no trend")
                .isEmpty();
    }

    @Test
    void withoutScatterTheCurveIsFoundAndTheBandIsNarrow() {
        DullingCurve curve = DullingCurve.of(drawn(new Random(1), 0, 1), 7);
        assertThat(curve.shape()).isEqualTo(DullingCurve.Shape.LEVELS_OFF);
        assertThat(curve.start()).isCloseTo(START, within(0.02));
        assertThat(curve.tau().orElseThrow()).isCloseTo(TAU, within(4.0));
        for (double use = 0; use <= 120; use += 10) {
            assertThat(curve.at(use).likely()).isCloseTo(truth(use), within(0.015));
            assertThat(curve.at(use).high() - curve.at(use).low()).isLessThan(0.06);
        }
        assertThat(curve.crosses(truth(60)).likely().orElseThrow()).isCloseTo(60, within(3.0));
    }

    /** Of a hundred readings taken later, eighty lie in a band that says four in five. */
    @Test
    void theBandHoldsWhatItSays() {
        Random random = new Random(42);
        int inside = 0;
        int tried = 0;
        for (int shop = 0; shop < 150; shop++) {
            DullingCurve curve = DullingCurve.of(drawn(random, 0.06, 3), shop);
            for (double use : new double[] {5, 40, 100}) {
                DullingCurve.Band band = curve.at(use);
                double later = truth(use) + 0.06 * random.nextGaussian();
                inside += later >= band.low() && later <= band.high() ? 1 : 0;
                tried++;
            }
        }
        assertThat(100.0 * inside / tried).isBetween(76.0, 84.0);
    }

    @Test
    void fewUsesOrNoBendAreAStraightLine() {
        List<UseReading> four = List.of(
                new UseReading(0, 1), new UseReading(10, 1.1), new UseReading(20, 1.2), new UseReading(30, 1.3));
        DullingCurve line = DullingCurve.of(four, 1);
        assertThat(line.shape()).isEqualTo(DullingCurve.Shape.STRAIGHT);
        assertThat(line.at(50).likely()).isCloseTo(1.5, within(1e-9));
        assertThat(line.crosses(1.45).likely().orElseThrow()).isCloseTo(45, within(1e-3));
        List<UseReading> even = new ArrayList<>();
        for (int use = 0; use <= 60; use += 10) {
            even.add(new UseReading(use, 1 + 0.01 * use));
        }
        assertThat(DullingCurve.of(even, 1).shape()).isEqualTo(DullingCurve.Shape.STRAIGHT);
    }

    @Test
    void useSharpensNothing() {
        List<UseReading> falling = List.of(
                new UseReading(0, 1.4), new UseReading(10, 1.3), new UseReading(20, 1.2), new UseReading(40, 1.0));
        DullingCurve curve = DullingCurve.of(falling, 1);
        assertThat(curve.at(100).likely()).isEqualTo(curve.at(0).likely());
        assertThat(curve.crosses(5).likely()).isEmpty();
        assertThat(curve.crosses(0.5).likely()).hasValue(0);
    }

    @Test
    void theBandMeetsALimitBeforeTheCurveAndTheCurveBeforeItsLowerSide() {
        DullingCurve curve = DullingCurve.of(drawn(new Random(3), 0.05, 2), 3);
        DullingCurve.Crossing c = curve.crosses(1.4);
        assertThat(c.early().orElseThrow()).isLessThan(c.likely().orElseThrow());
        assertThat(c.likely().orElseThrow()).isLessThan(c.late().orElseThrow());
        assertThat(curve.crosses(START + RISE + 2).late()).isEmpty();
        double before = 0;
        for (double use = 0; use < 400; use += 5) {
            assertThat(curve.at(use).high()).isGreaterThanOrEqualTo(before);
            before = curve.at(use).high();
        }
    }

    @Test
    void theSameReadingsGiveTheSameBandAndTwoThousandOfThemToo() {
        List<UseReading> many = new ArrayList<>();
        Random random = new Random(9);
        for (int i = 0; i < 2000; i++) {
            double use = random.nextDouble() * 150;
            many.add(new UseReading(use, truth(use) + 0.05 * random.nextGaussian()));
        }
        DullingCurve curve = DullingCurve.of(many, 5);
        assertThat(curve.at(60)).isEqualTo(DullingCurve.of(many, 5).at(60));
        assertThat(curve.at(60).likely()).isCloseTo(truth(60), within(0.01));
    }

    @Test
    void twoUsesAreNotEnough() {
        List<UseReading> two = List.of(new UseReading(0, 1), new UseReading(10, 1.1), new UseReading(10, 1.2));
        assertThat(DullingCurve.enough(two)).isFalse();
        assertThatThrownBy(() -> DullingCurve.of(two, 1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new UseReading(-1, 1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new UseReading(1, 0)).isInstanceOf(IllegalArgumentException.class);
    }
}
