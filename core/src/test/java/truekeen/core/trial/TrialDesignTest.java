package truekeen.core.trial;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import truekeen.core.rule.RuleOption;
import truekeen.core.upkeep.UseUnit;

class TrialDesignTest {
    private static TrialDesign design(int rounds) {
        return new TrialDesign(
                Question.STROP,
                List.of("off the stone", "stropped", "rod"),
                UseUnit.SHAVINGS,
                TrialDesign.every(20, 5),
                3,
                rounds,
                true);
    }

    @Test
    void eachRoundHoldsEveryWayOnceInAnOrderThatNobodyKnows() {
        TrialDesign d = design(6);
        List<Integer> dealt = d.dealt(4);
        assertThat(dealt).hasSize(18);
        Set<List<Integer>> orders = new HashSet<>();
        for (int round = 0; round < 6; round++) {
            List<Integer> one = dealt.subList(3 * round, 3 * round + 3);
            assertThat(one).containsExactlyInAnyOrder(0, 1, 2);
            orders.add(one);
        }
        assertThat(orders.size()).isGreaterThan(2);
        assertThat(d.dealt(4)).isEqualTo(dealt);
        assertThat(d.checkpoints()).containsExactly(0.0, 20.0, 40.0, 60.0, 80.0, 100.0);
        assertThat(d.readings()).isEqualTo(3 * 6 * 6 * 3);
    }

    /** Two ways can be proven from four of each (1 in 35), three or four ways from five. */
    @Test
    void theLeastRounds() {
        assertThat(TrialDesign.leastRounds(2)).isEqualTo(4);
        assertThat(TrialDesign.leastRounds(3)).isEqualTo(5);
        assertThat(TrialDesign.leastRounds(4)).isEqualTo(5);
    }

    @Test
    void eachWayThatSettlesAHouseRuleIsAnOptionOfIt() {
        for (Question q : Question.values()) {
            for (int way = 0; way < q.ways().size(); way++) {
                RuleOption option = q.option(way).orElseThrow();
                assertThat(q.rule().orElseThrow().options()).contains(option);
            }
            assertThat(q.option(2)).isEmpty();
        }
        assertThat(Question.STONE.rule()).isEmpty();
        assertThat(Question.STROP.option(1)).contains(RuleOption.STROP_FINISH);
    }
}
