package truekeen.app.plan;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import truekeen.app.angle.SetupService;
import truekeen.app.plan.PlanService.CorePlan;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.RackedTool;
import truekeen.core.holding.Setup;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.stepsheet.Step;
import truekeen.core.template.BenchCard;
import truekeen.core.template.Page;

/** Lays the chosen plan of a tool out as a card. */
@Component
class BenchCards {
    private final ToolService tools;
    private final PlanService plans;
    private final SetupService setups;

    BenchCards(ToolService tools, PlanService plans, SetupService setups) {
        this.setups = setups;
        this.tools = tools;
        this.plans = plans;
    }

    List<Page> of(UUID toolId) {
        RackedTool tool = tools.racked(toolId);
        CorePlan plan = plans.newest(toolId)
                .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.PLAN_FIRST, "", "")));
        Setup setup = setups.setup(plan.setupId()).setup();
        String day = LocalDate.ofInstant(plan.madeAt(), ZoneId.systemDefault()).toString();
        return BenchCard.of(
                tool.name(),
                PlanWords.CARD_OF.fill("owner", tool.owner(), "day", day),
                plan.chosen().steps().stream().map(step -> row(step, setup)).toList());
    }

    private static BenchCard.Row row(Step step, Setup setup) {
        List<String> lines = new ArrayList<>();
        step.angleDeg().map(angle -> angle(step, setup, angle)).ifPresent(lines::add);
        if (step.counted()) {
            lines.add(strokes(step));
        }
        if (!step.caution().isEmpty()) {
            lines.add(step.caution());
        }
        lines.addAll(step.how());
        if (!step.gate().isEmpty()) {
            lines.add(step.gate());
        }
        return new BenchCard.Row(step.title(), lines);
    }

    private static String angle(Step step, Setup setup, double angle) {
        return PlanViews.setting(step, setup)
                .map(set -> PlanWords.CARD_SET.fill(
                        "setting",
                        set.label(),
                        "value",
                        Numbers.plain(set.value(), 1),
                        "unit",
                        set.unit().behindANumber(),
                        "angle",
                        Numbers.plain(angle, 1)))
                .orElseGet(() -> PlanWords.CARD_ANGLE.fill("angle", Numbers.plain(angle, 1)));
    }

    private static String strokes(Step step) {
        PlanWords words = step.sides().size() > 1 ? PlanWords.CARD_STROKES_A_SIDE : PlanWords.CARD_STROKES;
        String range = step.strokesLow() == step.strokesHigh()
                ? String.valueOf(step.strokes())
                : step.strokesLow() + "–" + step.strokesHigh();
        return words.fill("range", range, "pressure", step.pressure());
    }
}
