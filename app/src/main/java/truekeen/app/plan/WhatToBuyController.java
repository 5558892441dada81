package truekeen.app.plan;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.plan.PlanRecords.GainsView;

@RestController
@RequestMapping("/api/v1/what-to-buy")
class WhatToBuyController {
    private final PlanService plans;

    WhatToBuyController(PlanService plans) {
        this.plans = plans;
    }

    @GetMapping
    GainsView gains() {
        return plans.whatToBuy();
    }
}
