package truekeen.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PermutationTest {
    /** Four against four, wholly apart: two deals of seventy are as far apart, one in thirty-five. */
    @Test
    void fourAgainstFourWhollyApartIsOneChanceInThirtyFive() {
        assertThat(Permutation.chance(new double[] {1, 2, 3, 4}, new double[] {5, 6, 7, 8}))
                .isEqualTo(2.0 / 70);
        assertThat(Permutation.chance(new double[] {1, 2, 3}, new double[] {4, 5, 6}))
                .isEqualTo(2.0 / 20);
    }

    /** Worked by hand: of {1, 4} and {2, 3} every deal is as far apart as the two that share their mean. */
    @Test
    void whatLiesAlikeIsAllLuck() {
        assertThat(Permutation.chance(new double[] {1, 4}, new double[] {2, 3})).isEqualTo(1);
        assertThat(Permutation.chance(new double[] {5}, new double[] {5, 5})).isEqualTo(1);
        // {1, 2} and {3, 9}: means 4.5 apart; {1, 3} and {2, 9}: 3.5; {2, 3} and {1, 9}: 2.5; and each turned round.
        assertThat(Permutation.chance(new double[] {1, 2}, new double[] {3, 9})).isEqualTo(2.0 / 6);
        assertThat(Permutation.chance(new double[] {1, 3}, new double[] {2, 9})).isEqualTo(4.0 / 6);
    }

    /** Ways that are alike look proven (at one in twenty) in no more than one case of twenty. */
    @Test
    void alikeGroupsAreTakenForDifferentAsOftenAsItSays() {
        Random random = new Random(7);
        int found = 0;
        int cases = 4000;
        for (int i = 0; i < cases; i++) {
            double[] a = random.doubles(5).toArray();
            double[] b = random.doubles(5).toArray();
            found += Permutation.chance(a, b) <= 0.05 ? 1 : 0;
        }
        assertThat((double) found / cases).isBetween(0.03, 0.055);
    }

    @Test
    void manyAreSampledAndSayTheSame() {
        Random random = new Random(3);
        double[] a = random.doubles(12).toArray();
        double[] b = random.doubles(12).map(v -> v + 0.2).toArray();
        assertThat(Permutation.deals(24, 12)).isGreaterThan(Permutation.MOST_DEALS);
        double sampled = Permutation.chance(a, b);
        double near = Permutation.chance(Arrays.copyOf(a, 9), Arrays.copyOf(b, 9));
        assertThat(Permutation.deals(18, 9)).isEqualTo(48_620);
        assertThat(sampled).isBetween(0.001, 0.5);
        assertThat(near).isBetween(0.001, 0.6);
        assertThat(Permutation.chance(a, b)).as("the same each time").isEqualTo(sampled);
        assertThatThrownBy(() -> Permutation.chance(a, new double[0])).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void severalChancesAreRaisedByHolm() {
        assertThat(Holm.raised(0.01, 0.04, 0.03)).containsExactly(new double[] {0.03, 0.06, 0.06}, within(1e-12));
        assertThat(Holm.raised(0.5, 0.9)).containsExactly(1.0, 1.0);
        assertThat(Holm.raised(0.02)).containsExactly(0.02);
    }
}
