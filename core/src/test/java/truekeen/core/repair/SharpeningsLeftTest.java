package truekeen.core.repair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import truekeen.core.condition.MeanLoss;

class SharpeningsLeftTest {
    @Test
    void steelLeftOverTheMeanLossAndWhereThatIsFrom() {
        SharpeningsLeft first = SharpeningsLeft.of(8, MeanLoss.FIRST);
        assertThat(first.number().likely()).isCloseTo(160, within(1e-9));
        assertThat(first.evidence()).isEqualTo(RepairWords.LEFT_FIRST_ESTIMATE.fill("each", "50"));
        SharpeningsLeft measured = SharpeningsLeft.of(8, MeanLoss.of(0.51, 3));
        assertThat(measured.eachMm()).isCloseTo(0.095, within(1e-12));
        assertThat(measured.evidence())
                .isEqualTo(RepairWords.LEFT_FROM_ITS_OWN.fill("count", 3, "sharpenings", " sharpenings"));
        assertThat(SharpeningsLeft.of(-1, MeanLoss.FIRST).number().likely()).isZero();
    }
}
