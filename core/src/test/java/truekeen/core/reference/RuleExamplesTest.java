package truekeen.core.reference;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.progression.ShelfRule;
import truekeen.core.rule.HouseRule;

class RuleExamplesTest {
    /** Each rule bites on its example, and does not on the same case without what it bars. */
    @ParameterizedTest
    @EnumSource(ShelfRule.class)
    void everyShelfRuleBitesAndDoesNot(ShelfRule rule) {
        List<RuleExamples.Line> lines = RuleExamples.of(rule);
        assertThat(lines).hasSize(2);
        assertThat(lines.get(0).result()).isEqualTo("barred: " + rule.reason());
        assertThat(lines.get(1).result()).isEqualTo("may be used");
    }

    @ParameterizedTest
    @EnumSource(HouseRule.class)
    void everyHouseRuleShowsWhatEachOptionDoes(HouseRule rule) {
        List<RuleExamples.Line> lines = RuleExamples.of(rule);
        assertThat(lines).hasSameSizeAs(rule.options());
        assertThat(lines).allSatisfy(l -> assertThat(l.result()).isNotBlank());
    }

    @Test
    void theOptionsOfTheStepDiffer() {
        assertThat(RuleExamples.of(HouseRule.SECONDARY_STEP).stream()
                        .map(RuleExamples.Line::result)
                        .distinct())
                .hasSizeGreaterThan(2);
        assertThat(RuleExamples.of(HouseRule.HOLDING).stream()
                        .map(RuleExamples.Line::result)
                        .distinct())
                .hasSize(3);
    }
}
