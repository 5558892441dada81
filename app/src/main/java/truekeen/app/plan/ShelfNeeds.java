package truekeen.app.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.kit.KitService;
import truekeen.app.plan.PlanCases.Ready;
import truekeen.app.repair.Grinding;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.app.tool.ToolService.RackedTool;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Scope;
import truekeen.core.message.RefusedException;
import truekeen.core.progression.PlanAsk;
import truekeen.core.progression.PlanRules;
import truekeen.core.progression.WhatToBuy;
import truekeen.core.progression.WorkPlanner;

/** What the tools of the shop need of its shelf. */
@Component
class ShelfNeeds {
    private final ToolService tools;
    private final KitService kit;
    private final PlanCases cases;
    private final Grinding grinding;

    ShelfNeeds(ToolService tools, KitService kit, PlanCases cases, Grinding grinding) {
        this.tools = tools;
        this.kit = kit;
        this.cases = cases;
        this.grinding = grinding;
    }

    /** What every tool needs of the shelf that is surveyed and has its angle. */
    @Transactional(readOnly = true)
    List<WhatToBuy.Need> all() {
        List<WhatToBuy.Need> needs = new ArrayList<>();
        List<Abrasive> shelf = kit.shelf();
        for (RackedTool line : tools.all()) {
            if (line.powered()) {
                continue;
            }
            try {
                Ready ready = cases.ready(line.id());
                Restoration r = cases.restoration(ready, shelf);
                if (r.scope() != Scope.RETIRE) {
                    CoreTool tool = ready.tool();
                    PlanRules rules = grinding.rules(tool);
                    PlanAsk ask =
                            new PlanAsk(tool.scratchUm(), Optional.empty(), Map.of(), Optional.of(ready.target()));
                    needs.add(new WhatToBuy.Need(
                            line.name(),
                            WorkPlanner.jobs(r, ready.survey().survey(), tool.trade(), tool.steel(), rules, ask),
                            tool.steel(),
                            rules));
                }
            } catch (RefusedException notReady) {
                // Nothing can be planned for it yet, whatever stands on the shelf.
            }
        }
        return needs;
    }
}
