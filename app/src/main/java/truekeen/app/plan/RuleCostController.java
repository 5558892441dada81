package truekeen.app.plan;

import java.util.Arrays;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.plan.PlanRecords.RuleCostsView;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.rule.HouseRule;

/** What the options of a house rule cost on this bench. */
@RestController
@RequestMapping("/api/v1")
class RuleCostController {
    private final RuleCosts costs;

    RuleCostController(RuleCosts costs) {
        this.costs = costs;
    }

    @GetMapping("/house-rules/{rule}/costs")
    RuleCostsView ofShop(@PathVariable String rule, @RequestParam(defaultValue = "") String person) {
        return costs.ofShop(known(rule), person);
    }

    @GetMapping("/tools/{id}/house-rules/{rule}/costs")
    RuleCostsView ofTool(
            @PathVariable UUID id, @PathVariable String rule, @RequestParam(defaultValue = "") String person) {
        return costs.ofTool(known(rule), id, person);
    }

    private static HouseRule known(String rule) {
        return HouseRule.byName(rule)
                .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.UNKNOWN_CHOICE, "rule", rule)
                        .with(
                                "allowed",
                                Arrays.stream(HouseRule.values())
                                        .map(Enum::name)
                                        .collect(Collectors.joining(", ")))));
    }
}
