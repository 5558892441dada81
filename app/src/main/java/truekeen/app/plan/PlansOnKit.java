package truekeen.app.plan;

import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import truekeen.app.kit.KitUse;
import truekeen.app.tool.ToolKeeping;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolWear;

/** Plans that are still to be worked want the stones that they were made with. */
@Component
class PlansOnKit implements KitUse {
    private final PlanService.Plans plans;
    private final ToolService tools;
    private final ToolWear wear;
    private final ToolKeeping keeping;

    PlansOnKit(PlanService.Plans plans, ToolService tools, ToolWear wear, ToolKeeping keeping) {
        this.plans = plans;
        this.tools = tools;
        this.wear = wear;
        this.keeping = keeping;
    }

    @Override
    public Optional<String> wantedFor(UUID piece) {
        return plans.newestNaming("%" + piece + "%").stream()
                .filter(plan -> keeping.there(plan.toolId) && !worked(plan))
                .map(plan -> PlanWords.WANTED_BY_PLAN.fill("tool", tools.name(plan.toolId)))
                .findFirst();
    }

    /** Whether steel went since a plan was made: it was worked to its end. */
    private boolean worked(PlanRow plan) {
        return wear.of(plan.toolId).stream().anyMatch(w -> w.at().isAfter(plan.madeAt));
    }
}
