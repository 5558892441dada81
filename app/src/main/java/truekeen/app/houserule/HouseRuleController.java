package truekeen.app.houserule;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.houserule.HouseRuleRecords.RuleForm;
import truekeen.app.houserule.HouseRuleRecords.RulesView;

@RestController
@RequestMapping("/api/v1")
class HouseRuleController {
    private final HouseRuleService rules;

    HouseRuleController(HouseRuleService rules) {
        this.rules = rules;
    }

    @GetMapping("/house-rules")
    RulesView ofShop() {
        return rules.ofShop();
    }

    @PutMapping("/house-rules")
    RulesView pick(@RequestBody RuleForm form) {
        return rules.pick(null, form);
    }

    @GetMapping("/tools/{id}/house-rules")
    RulesView ofTool(@PathVariable UUID id) {
        return rules.ofTool(id);
    }

    @PutMapping("/tools/{id}/house-rules")
    RulesView except(@PathVariable UUID id, @RequestBody RuleForm form) {
        return rules.pick(id, form);
    }
}
