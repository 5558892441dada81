package truekeen.core.stepsheet;

import java.util.List;
import java.util.Map;
import truekeen.core.rule.HouseRule;
import truekeen.core.rule.HouseRules;
import truekeen.core.rule.RuleOption;

/**
 * What an option of a house rule would cost or save on tools of the shop, against what the shop goes by now: the same
 * survey, angle, shelf and hand, with this one rule changed. Source: derived here, from two plans each.
 *
 * @param option the option
 * @param shown where it shows; only what two plans show is counted here
 * @param tools what it makes of each tool, in the order of the cases; empty where it is not counted
 */
public record RuleCost(RuleOption option, Shown shown, List<OnTool> tools) {
    /** Where it shows what an option costs. */
    public enum Shown {
        /** Two plans show it. */
        IN_PLANS,
        /** It is decided with the angle, and minutes and strokes depend on what is set there. */
        AT_THE_ANGLE,
        /** It changes what is done between two sharpenings, and no plan. */
        IN_UPKEEP
    }

    /** Keeps the tools from changing. */
    public RuleCost {
        tools = List.copyOf(tools);
    }

    /**
     * A tool to try it on.
     *
     * @param name what it is called
     * @param rules the rules that hold for it now
     * @param on its case, in a house without rules
     */
    public record Trial(String name, HouseRules rules, PlanCase on) {}

    /**
     * What the option makes of one tool; less than zero is saved.
     *
     * @param name the tool
     * @param minutes more at the bench (min)
     * @param strokes more strokes in all
     * @param removedMm3 more steel that goes (mm³)
     * @param refused why this tool could not be done so on the shelf, or empty
     */
    public record OnTool(String name, double minutes, int strokes, double removedMm3, String refused) {}

    /** Every option of a rule, tried on the same tools. */
    public static List<RuleCost> of(HouseRule rule, List<Trial> trials) {
        List<HouseTrial> now =
                trials.stream().map(t -> HouseTrial.of(t.rules, t.on)).toList();
        return rule.options().stream()
                .map(option -> {
                    Shown shown = HouseTrial.shows(rule, option);
                    return new RuleCost(
                            option, shown, shown == Shown.IN_PLANS ? on(rule, option, trials, now) : List.of());
                })
                .toList();
    }

    private static List<OnTool> on(HouseRule rule, RuleOption option, List<Trial> trials, List<HouseTrial> now) {
        return java.util.stream.IntStream.range(0, trials.size())
                .filter(i -> now.get(i).refused().isEmpty())
                .mapToObj(i -> {
                    Trial trial = trials.get(i);
                    HouseTrial then = trial.rules.of(rule) == option
                            ? now.get(i)
                            : HouseTrial.of(trial.rules.with(Map.of(rule, option)), trial.on);
                    return then.refused().isEmpty()
                            ? new OnTool(
                                    trial.name,
                                    (then.seconds() - now.get(i).seconds()) / 60,
                                    then.strokes() - now.get(i).strokes(),
                                    then.removedMm3() - now.get(i).removedMm3(),
                                    "")
                            : new OnTool(trial.name, 0, 0, 0, then.refused());
                })
                .toList();
    }
}
