package truekeen.core.condition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class MeanLossTest {
    @Test
    void withNoLogThePriorHolds() {
        MeanLoss.Sharpenings left = MeanLoss.FIRST.in(65);
        assertThat(left.likely()).isCloseTo(1300, within(0.5));
        assertThat(left.low()).isCloseTo(530, within(2.0));
        assertThat(left.high()).isCloseTo(3200, within(5.0));
        assertThat(left.many()).isTrue();
    }

    @Test
    void measuredLossesMoveTheMean() {
        MeanLoss learned = MeanLoss.of(0.06 + 0.05 + 0.40, 3);
        assertThat(learned.mm()).isCloseTo(0.095, within(1e-12));
        assertThat(learned.spread()).isCloseTo(Math.exp(0.9 / Math.sqrt(2)), within(1e-12));
        assertThat(learned.in(19).likely()).isCloseTo(200, within(1e-9));
        assertThat(learned.in(19).many()).isFalse();
    }

    @Test
    void theSpreadNarrowsAndNothingIsLeftPastTheLimit() {
        for (int n = 0; n < 30; n++) {
            assertThat(MeanLoss.of(0.05 * (n + 1), n + 1).spread())
                    .isLessThan(MeanLoss.of(0.05 * n, n).spread());
            assertThat(MeanLoss.of(0.05 * n, n).mm()).isCloseTo(0.05, within(1e-12));
        }
        assertThat(MeanLoss.FIRST.in(-1).likely()).isZero();
        assertThat(MeanLoss.FIRST.in(-1).high()).isZero();
    }
}
