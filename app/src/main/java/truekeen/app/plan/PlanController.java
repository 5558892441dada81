package truekeen.app.plan;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.plan.PlanRecords.LatestPlan;
import truekeen.app.plan.PlanRecords.PlanForm;
import truekeen.app.plan.PlanRecords.PlanView;
import truekeen.app.plan.PlanRecords.SavedPlan;

@RestController
@RequestMapping("/api/v1/tools/{id}")
class PlanController {
    private final PlanService plans;

    PlanController(PlanService plans) {
        this.plans = plans;
    }

    @PostMapping("/plan/preview")
    PlanView preview(@PathVariable UUID id, @RequestBody PlanForm form) {
        return plans.preview(id, form);
    }

    @PostMapping("/plans")
    SavedPlan choose(@PathVariable UUID id, @RequestBody PlanForm form) {
        return plans.choose(id, form);
    }

    @GetMapping("/plan")
    LatestPlan latest(@PathVariable UUID id) {
        return plans.latest(id);
    }
}
