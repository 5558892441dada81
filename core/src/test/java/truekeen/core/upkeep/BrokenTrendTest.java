package truekeen.core.upkeep;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class BrokenTrendTest {
    @Test
    void aWildReadingBreaksTheTrendAndCalmOnesDoNot() {
        double[] left = {0.03, -0.02, 0.04, -0.03, 0.02, 0.5, -0.04, 0.03};
        assertThat(BrokenTrend.breaks(left, 2)).containsExactly(false, false, false, false, false, true, false, false);
        assertThat(BrokenTrend.breaks(new double[] {0, 0, 0, 0, 0.05, 0, 0, 0, 0, 0, 0, 0}, 2))
                .as("nothing is told from what a tester repeats")
                .doesNotContain(true);
        assertThat(BrokenTrend.breaks(new double[] {0, 0, 0, 0, 0.07, 0, 0, 0, 0, 0, 0, 0}, 2)[4])
                .isTrue();
        assertThat(BrokenTrend.breaks(new double[] {9, -9}, 2)).doesNotContain(true);
        // Just within and just beyond three times 1.4826 times the median of those that did not make the trend.
        double usual = 1.4826 * 0.1;
        double[] even = {0.1, -0.1, 0.1, -0.1, 0.1, -0.1, 0.1, -0.1, 0, 0.1, -0.1, 0.1, -0.1};
        even[8] = 2.99 * usual;
        assertThat(BrokenTrend.breaks(even, 1)[8]).isFalse();
        even[8] = 3.01 * usual;
        assertThat(BrokenTrend.breaks(even, 1)[8]).isTrue();
    }

    /** Too few to say what is usual: three times eight in a hundred. */
    @Test
    void fewReadingsGoByThePrior() {
        assertThat(BrokenTrend.breaks(new double[] {0.001, 0.001, 0.23, 0.001}, 1))
                .doesNotContain(true);
        assertThat(BrokenTrend.breaks(new double[] {0.001, 0.001, 0.25, 0.001}, 1)[2])
                .isTrue();
    }
}
