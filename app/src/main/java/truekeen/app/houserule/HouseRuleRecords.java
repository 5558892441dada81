package truekeen.app.houserule;

import java.util.List;
import java.util.UUID;
import truekeen.app.platform.OneOf;
import truekeen.core.rule.HouseRule;
import truekeen.core.rule.RuleGroup;

/** What the house rules show and take. */
public final class HouseRuleRecords {
    private HouseRuleRecords() {}

    /** One school. */
    public record RuleOptionView(String key, String words, String why) {}

    /**
     * One rule.
     *
     * @param group what it is about
     * @param shop the school the shop goes by
     * @param tool the school this tool is excepted to, or empty
     */
    public record RuleView(
            HouseRule rule,
            RuleGroup group,
            String groupWords,
            String question,
            String changes,
            List<RuleOptionView> options,
            String shop,
            String tool) {}

    /** All rules, for the shop or for one tool; the tool's name is empty for the shop. */
    public record RulesView(String toolName, List<RuleView> rules) {}

    /** What a trial of the shop says for a school. */
    public record EvidenceView(HouseRule rule, String choice, UUID trial, String words) {}

    /** A choice; an empty one goes back to the usual, or for a tool to the shop's. */
    public record RuleForm(@OneOf(HouseRule.class) String rule, String choice) {}
}
