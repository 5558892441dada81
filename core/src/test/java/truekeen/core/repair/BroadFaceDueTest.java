package truekeen.core.repair;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import truekeen.core.condition.MeanLoss;

class BroadFaceDueTest {
    private static int dueAfter(MeanLoss loss) {
        for (int since = 0; since < 100; since++) {
            if (BroadFaceDue.of(since, loss).due()) {
                return since + 1;
            }
        }
        throw new AssertionError("never due");
    }

    @Test
    void atTheUsualLossTheFourthSharpeningWorksTheBroadFace() {
        assertThat(dueAfter(MeanLoss.FIRST)).isEqualTo(4);
        assertThat(BroadFaceDue.of(0, MeanLoss.FIRST).due()).isFalse();
    }

    @Test
    void aGentleHandWaitsLongerAndARepairBringsItOn() {
        assertThat(dueAfter(MeanLoss.of(30 * 0.025, 30))).isBetween(5, 8);
        assertThat(dueAfter(MeanLoss.of(0.4, 1))).isLessThan(4);
        assertThat(BroadFaceDue.of(40, MeanLoss.FIRST).left().likely()).isZero();
    }
}
