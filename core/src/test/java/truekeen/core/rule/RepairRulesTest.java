package truekeen.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;

/** What the house says about big repairs and new edges. */
class RepairRulesTest {
    private static HouseRules with(HouseRule rule, RuleOption option) {
        return HouseRules.usual().with(Map.of(rule, option));
    }

    @Test
    void repairsGoByVolumeUnlessTheHouseSaysOtherwise() {
        assertThat(HouseRules.usual().offerPowerAboveMm3(20)).isEqualTo(20);
        assertThat(with(HouseRule.REPAIRS, RuleOption.REPAIRS_VOLUME).offerPowerAboveMm3(35))
                .isEqualTo(35);
        assertThat(with(HouseRule.REPAIRS, RuleOption.REPAIRS_GRIND).offerPowerAboveMm3(20))
                .isZero();
        assertThat(with(HouseRule.REPAIRS, RuleOption.REPAIRS_STONES).offerPowerAboveMm3(20))
                .isInfinite();
    }

    @Test
    void aNewEdgeIsGroundBluntFirstUnlessTheHouseSaysOtherwise() {
        assertThat(HouseRules.usual().bluntFirst()).isTrue();
        assertThat(with(HouseRule.NEW_EDGE, RuleOption.NEW_EDGE_BEVEL).bluntFirst())
                .isFalse();
        assertThat(with(HouseRule.NEW_EDGE, RuleOption.NEW_EDGE_BLUNT).bluntFirst())
                .isTrue();
    }
}
