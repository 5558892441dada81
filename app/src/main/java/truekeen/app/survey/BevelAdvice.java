package truekeen.app.survey;

import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.houserule.HouseRuleService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.angle.AngleChoice;
import truekeen.core.angle.AngleChooser;
import truekeen.core.angle.AngleHistory;
import truekeen.core.rule.HouseRules;
import truekeen.core.section.TargetBevel;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Micro;
import truekeen.core.tool.ToolUse;

/** The bevels a tool is to have: those that were chosen for it, else those that tables, history and house rules advise. */
@Component
public class BevelAdvice {
    private final HouseRuleService rules;
    private final ChosenBevels chosen;
    private final EdgePastService past;

    BevelAdvice(HouseRuleService rules, ChosenBevels chosen, EdgePastService past) {
        this.rules = rules;
        this.chosen = chosen;
        this.past = past;
    }

    /** The bevels a tool is to have: its set-up's, else those that the tables advise. */
    @Transactional(readOnly = true)
    public TargetBevel target(CoreTool tool) {
        return chosen.chosen(tool.id(), tool.geometry()).orElseGet(() -> {
            HouseRules house = rules.core(tool.id());
            return advised(tool, tool.trade(), house).target(tool.geometry());
        });
    }

    /** The angles that tables, history and house rules advise for a work of a tool. */
    @Transactional(readOnly = true)
    public Advised advised(CoreTool tool, ToolUse trade, HouseRules house) {
        Blade blade = tool.geometry();
        AngleHistory history = past.fared(tool.id());
        AngleChoice choice = AngleChooser.choose(
                trade,
                tool.steel(),
                tool.hardnessHrc(),
                Optional.of(blade.primary()),
                blade.secondary().map(Micro::angle),
                history,
                house.angleHabits(blade.kind()));
        return new Advised(choice, history);
    }

    /** An advice, with the history it heeds. */
    public record Advised(AngleChoice choice, AngleHistory history) {
        /** The bevels it makes of a blade; what the blade has on its back, and its wheel, stay. */
        public TargetBevel target(Blade blade) {
            return new TargetBevel(choice.primary(), choice.last(), blade.backBevel(), blade.wheel());
        }
    }
}
