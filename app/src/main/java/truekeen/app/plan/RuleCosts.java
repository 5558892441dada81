package truekeen.app.plan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.houserule.HouseRuleService;
import truekeen.app.plan.PlanCases.Ready;
import truekeen.app.plan.PlanRecords.RuleCostView;
import truekeen.app.plan.PlanRecords.RuleCostsView;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.RackedTool;
import truekeen.core.message.RefusedException;
import truekeen.core.rule.HouseRule;
import truekeen.core.stepsheet.RuleCost;
import truekeen.core.tool.GeometryKind;

/** What each option of a house rule would cost on tools of the shop, one of a kind, those planned last before others. */
@Component
@Transactional(readOnly = true)
class RuleCosts {
    /** Tools that a rule is tried on: few enough to be answered while the page is looked at. */
    private static final int TOOLS = 3;

    /** Tools that are looked at to find those. */
    private static final int LOOKED_AT = 30;

    private final PlanService plans;
    private final PlanCases cases;
    private final HouseRuleService rules;
    private final ToolService tools;

    RuleCosts(PlanService plans, PlanCases cases, HouseRuleService rules, ToolService tools) {
        this.tools = tools;
        this.plans = plans;
        this.cases = cases;
        this.rules = rules;
    }

    /** On tools of the shop. */
    RuleCostsView ofShop(HouseRule rule, String person) {
        List<RuleCost.Trial> trials = new ArrayList<>();
        Set<GeometryKind> kinds = new HashSet<>();
        Set<UUID> looked = new LinkedHashSet<>(plans.plannedLast(LOOKED_AT));
        tools.all().stream().map(RackedTool::id).limit(LOOKED_AT).forEach(looked::add);
        for (UUID tool : looked) {
            if (trials.size() < TOOLS) {
                add(tool, person, kinds, trials);
            }
        }
        return view(rule, trials);
    }

    /** On one tool. */
    RuleCostsView ofTool(HouseRule rule, UUID tool, String person) {
        List<RuleCost.Trial> trials = new ArrayList<>();
        add(tool, person, new HashSet<>(), trials);
        return view(rule, trials);
    }

    private void add(UUID tool, String person, Set<GeometryKind> kinds, List<RuleCost.Trial> trials) {
        try {
            Ready ready = cases.ready(tool);
            GeometryKind kind = ready.tool().geometry().kind();
            if (!kind.powered() && kinds.add(kind)) {
                trials.add(new RuleCost.Trial(ready.tool().name(), rules.core(tool), cases.inNoHouse(ready, person)));
            }
        } catch (RefusedException notReady) {
            // It is not surveyed any more, or rejected: another tool stands for its kind.
        }
    }

    private static RuleCostsView view(HouseRule rule, List<RuleCost.Trial> trials) {
        return new RuleCostsView(
                trials.stream().map(RuleCost.Trial::name).toList(),
                RuleCost.of(rule, trials).stream()
                        .map(c -> new RuleCostView(c.option().key(), c.shown(), c.tools()))
                        .toList());
    }
}
