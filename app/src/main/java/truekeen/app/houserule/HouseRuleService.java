package truekeen.app.houserule;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.houserule.HouseRuleRecords.RuleForm;
import truekeen.app.houserule.HouseRuleRecords.RuleOptionView;
import truekeen.app.houserule.HouseRuleRecords.RuleView;
import truekeen.app.houserule.HouseRuleRecords.RulesView;
import truekeen.app.platform.Form;
import truekeen.app.tool.ToolCopied;
import truekeen.app.tool.ToolService;
import truekeen.core.rule.HouseRule;
import truekeen.core.rule.HouseRules;
import truekeen.core.rule.RuleOption;

/** Keeps what the shop picked and what single tools are excepted to. */
@Service
@Transactional
public class HouseRuleService {
    private final Rules rules;
    private final ToolService tools;

    HouseRuleService(Rules rules, ToolService tools) {
        this.rules = rules;
        this.tools = tools;
    }

    /** The rules that hold for a tool. */
    @Transactional(readOnly = true)
    public HouseRules core(UUID toolId) {
        Map<HouseRule, RuleOption> shop = new EnumMap<>(HouseRule.class);
        Map<HouseRule, RuleOption> tool = new EnumMap<>(HouseRule.class);
        for (Rule row : rules.holding(toolId)) {
            row.putInto(row.toolId == null ? shop : tool);
        }
        return new HouseRules(shop).with(tool);
    }

    /** All rules as the shop goes by them. */
    @Transactional(readOnly = true)
    public RulesView ofShop() {
        return view("", picks(null), Map.of());
    }

    /** All rules as they hold for a tool, its exceptions marked. */
    @Transactional(readOnly = true)
    public RulesView ofTool(UUID toolId) {
        return view(tools.core(toolId).name(), picks(null), picks(toolId));
    }

    /** Picks a school for the shop, or for one tool; an empty choice takes the pick back. */
    RulesView pick(UUID toolId, RuleForm in) {
        Form form = new Form();
        HouseRule rule = form.oneOf("rule", HouseRuleWords.A_HOUSE_RULE.words(), in.rule(), HouseRule.class);
        boolean back = Form.blank(in.choice());
        if (rule != null && !back) {
            form.choice(
                    "choice",
                    rule.question(),
                    in.choice(),
                    rule.option(in.choice()),
                    rule.options().stream().map(RuleOption::key).collect(Collectors.joining(", ")));
        }
        form.checks().orThrow();
        if (toolId != null) {
            tools.core(toolId);
        }
        if (back) {
            rules.takeBack(toolId, rule.name());
        } else {
            rules.put(UUID.randomUUID(), toolId, rule.name(), in.choice());
        }
        return toolId == null ? ofShop() : ofTool(toolId);
    }

    /** The school that the shop goes by. */
    @Transactional(readOnly = true)
    public RuleOption ofTheShop(HouseRule rule) {
        return picks(null).getOrDefault(rule, rule.usual());
    }

    /** Makes a school the shop's. */
    public void pickForTheShop(HouseRule rule, RuleOption option) {
        pick(null, new RuleForm(rule.name(), option.key()));
    }

    /** Another tool like one that is here has the same exceptions. */
    @EventListener
    public void copied(ToolCopied copy) {
        picks(copy.from())
                .forEach((rule, option) -> rules.put(UUID.randomUUID(), copy.to(), rule.name(), option.key()));
    }

    private Map<HouseRule, RuleOption> picks(UUID toolId) {
        Map<HouseRule, RuleOption> picks = new EnumMap<>(HouseRule.class);
        rules.findAll().stream()
                .filter(r -> java.util.Objects.equals(r.toolId, toolId))
                .forEach(r -> r.putInto(picks));
        return picks;
    }

    private static RulesView view(String name, Map<HouseRule, RuleOption> shop, Map<HouseRule, RuleOption> tool) {
        List<RuleView> all = Arrays.stream(HouseRule.values())
                .map(r -> new RuleView(
                        r,
                        r.group(),
                        r.group().words(),
                        r.question(),
                        r.changes(),
                        r.options().stream()
                                .map(o -> new RuleOptionView(o.key(), o.words(), o.why()))
                                .toList(),
                        shop.getOrDefault(r, r.usual()).key(),
                        Optional.ofNullable(tool.get(r)).map(RuleOption::key).orElse("")))
                .toList();
        return new RulesView(name, all);
    }

    @Entity(name = "house_rule")
    static class Rule {
        @Id
        UUID id;

        UUID toolId;
        String rule;
        String choice;

        protected Rule() {}

        /** A rule or a school that is no longer known is as if nobody had picked it; the row stays. */
        void putInto(Map<HouseRule, RuleOption> picks) {
            HouseRule.byName(rule)
                    .ifPresent(known -> known.option(choice).ifPresent(option -> picks.put(known, option)));
        }
    }

    interface Rules extends JpaRepository<Rule, UUID> {
        @Query(value = "select * from house_rule where tool_id is null or tool_id = :toolId", nativeQuery = true)
        List<Rule> holding(UUID toolId);

        // One statement, so that two screens that pick at once leave one pick and not a clash.
        @Modifying
        @Query(
                value = "insert into house_rule (id, tool_id, rule, choice) values (:id, cast(:toolId as uuid), :rule,"
                        + " :choice) on conflict (tool_id, rule) do update set choice = excluded.choice",
                nativeQuery = true)
        void put(UUID id, UUID toolId, String rule, String choice);

        @Modifying
        @Query(
                value = "delete from house_rule where tool_id is not distinct from cast(:toolId as uuid)"
                        + " and rule = :rule",
                nativeQuery = true)
        void takeBack(UUID toolId, String rule);
    }
}
