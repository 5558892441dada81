package truekeen.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;

/** What the house says about big repairs and new edges. */
class RepairRulesTest {
    private static HouseRules with(HouseRule rule, String option) {
        return HouseRules.usual().with(Map.of(rule, option));
    }

    @Test
    void repairsGoByVolumeUnlessTheHouseSaysOtherwise() {
        assertThat(HouseRules.usual().offerPowerAboveMm3(20)).isEqualTo(20);
        assertThat(with(HouseRule.REPAIRS, "VOLUME").offerPowerAboveMm3(35)).isEqualTo(35);
        assertThat(with(HouseRule.REPAIRS, "GRIND").offerPowerAboveMm3(20)).isZero();
        assertThat(with(HouseRule.REPAIRS, "STONES").offerPowerAboveMm3(20)).isInfinite();
    }

    @Test
    void aNewEdgeIsGroundBluntFirstUnlessTheHouseSaysOtherwise() {
        assertThat(HouseRules.usual().bluntFirst()).isTrue();
        assertThat(with(HouseRule.NEW_EDGE, "BEVEL").bluntFirst()).isFalse();
        assertThat(with(HouseRule.NEW_EDGE, "nothing of the kind").bluntFirst()).isTrue();
    }
}
