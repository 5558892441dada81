package truekeen.app.houserule;

import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.houserule.HouseRuleRecords.EvidenceView;
import truekeen.app.houserule.HouseRuleRecords.RuleForm;
import truekeen.app.houserule.HouseRuleRecords.RulesView;
import truekeen.app.platform.OwnerOnly;

@RestController
@RequestMapping("/api/v1")
class HouseRuleController {
    private final HouseRuleService rules;
    private final List<RuleEvidence> evidence;

    HouseRuleController(HouseRuleService rules, List<RuleEvidence> evidence) {
        this.rules = rules;
        this.evidence = evidence;
    }

    @GetMapping("/house-rules/evidence")
    List<EvidenceView> evidence() {
        return evidence.stream()
                .flatMap(source -> source.evidence().entrySet().stream())
                .flatMap(of -> of.getValue().stream()
                        .map(e -> new EvidenceView(of.getKey(), e.choice(), e.trial(), e.words())))
                .toList();
    }

    @GetMapping("/house-rules")
    RulesView ofShop() {
        return rules.ofShop();
    }

    @OwnerOnly
    @PutMapping("/house-rules")
    RulesView pick(@RequestBody RuleForm form) {
        return rules.pick(null, form);
    }

    @GetMapping("/tools/{id}/house-rules")
    RulesView ofTool(@PathVariable UUID id) {
        return rules.ofTool(id);
    }

    @OwnerOnly
    @PutMapping("/tools/{id}/house-rules")
    RulesView except(@PathVariable UUID id, @RequestBody RuleForm form) {
        return rules.pick(id, form);
    }
}
