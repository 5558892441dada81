package truekeen.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

class TheilSenTest {
    /** Slopes of the pairs of (0,1) (1,3) (2,5) (3,20): 2, 2, 19/3, 2, 8.5, 15; their median is (2 + 19/3) / 2. */
    @Test
    void workedByHand() {
        TheilSen line = TheilSen.through(new double[] {0, 1, 2, 3}, new double[] {1, 3, 5, 20});
        assertThat(line.slope()).isCloseTo((2 + 19.0 / 3) / 2, within(1e-12));
        TheilSen five = TheilSen.through(new double[] {4, 0, 1, 2, 3}, new double[] {90, 1, 3, 5, 7});
        assertThat(five.slope()).as("one wild of five does not turn it").isCloseTo(2, within(1e-12));
        assertThat(five.start()).isCloseTo(1, within(1e-12));
        assertThat(five.at(10)).isCloseTo(21, within(1e-12));
    }

    @Test
    void manyPointsInAnyOrderGiveTheSameLineThroughTheirGroups() {
        Random random = new Random(5);
        double[] x = random.doubles(900, 0, 300).toArray();
        double[] y = new double[900];
        for (int i = 0; i < 900; i++) {
            y[i] = 4 + 0.5 * x[i] + random.nextGaussian();
            if (i % 10 == 0) {
                y[i] += 200;
            }
        }
        TheilSen line = TheilSen.through(x, y);
        assertThat(line.slope()).isCloseTo(0.5, within(0.01));
        assertThat(line.start()).isCloseTo(4, within(0.6));
        TheilSen.Places places = new TheilSen.Places(x);
        assertThat(places.line(y)).isEqualTo(line);
        double[] twice = y.clone();
        for (int i = 0; i < 900; i++) {
            twice[i] *= 2;
        }
        assertThat(places.line(twice).slope()).isCloseTo(2 * line.slope(), within(1e-9));
    }

    @Test
    void onePlaceIsNoLine() {
        assertThatThrownBy(() -> TheilSen.through(new double[] {3, 3}, new double[] {1, 2}))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
