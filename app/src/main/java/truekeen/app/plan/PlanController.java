package truekeen.app.plan;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.plan.PlanRecords.LatestPlan;
import truekeen.app.plan.PlanRecords.PlanForm;
import truekeen.app.plan.PlanRecords.PlanView;
import truekeen.app.plan.PlanRecords.SavedPlan;
import truekeen.app.plan.PlanRecords.SchoolsView;
import truekeen.app.plan.PlanRecords.WayForm;
import truekeen.app.plan.PlanRecords.WayView;

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

    @GetMapping("/plan/schools")
    SchoolsView schools(@PathVariable UUID id, @RequestParam(defaultValue = "") String person) {
        return plans.schools(id, person);
    }

    @GetMapping("/plan/usual-way")
    WayView way(@PathVariable UUID id, @RequestParam(defaultValue = "") String person) {
        return plans.way(id, person);
    }

    @PutMapping("/plan/usual-way")
    WayView keep(@PathVariable UUID id, @RequestBody WayForm form) {
        return plans.keep(id, form);
    }
}
