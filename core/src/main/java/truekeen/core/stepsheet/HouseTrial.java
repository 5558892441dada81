package truekeen.core.stepsheet;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import truekeen.core.job.Job;
import truekeen.core.message.RefusedException;
import truekeen.core.progression.HouseStones;
import truekeen.core.progression.PlanRules;
import truekeen.core.progression.WheelWork;
import truekeen.core.progression.WorkPlan;
import truekeen.core.quantity.Angle;
import truekeen.core.rule.HouseRule;
import truekeen.core.rule.HouseRules;
import truekeen.core.rule.RuleOption;
import truekeen.core.section.TargetBevel;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Measures;

/**
 * One tool, survey and shelf in a house that goes by certain rules: what would be done there.
 *
 * <p>Not robust: the angle of the case stays as it is except for what a rule says about it outright (one flat bevel, a
 * secondary of so many degrees); what a person would have decided otherwise at the angle stage is not guessed.
 *
 * @param plan its plan; nothing where it was refused
 * @param steps its step sheet
 * @param strokes strokes in all, a side on each side, deburring and stropping included
 * @param honedMm2 area of the edge that is honed (mm²)
 * @param removedMm3 steel that goes in all (mm³)
 * @param refused why it cannot be done on this shelf, or empty
 */
record HouseTrial(WorkPlan plan, List<Step> steps, int strokes, double honedMm2, double removedMm3, String refused) {

    /** Options that are decided at the angle stage, where a person decides: two plans do not show what they cost. */
    private static final Set<RuleOption> DECIDED_BEFORE = EnumSet.of(
            RuleOption.BEVEL_FORM_HOLLOW,
            RuleOption.BEVEL_FORM_CONVEX,
            RuleOption.HOLDING_BY_TOOL,
            RuleOption.HOLDING_GUIDE,
            RuleOption.HOLDING_WHEEL,
            RuleOption.ACCURACY_REPEAT,
            RuleOption.ACCURACY_EXACT,
            RuleOption.IRON_BACK_THIN_RULE,
            RuleOption.IRON_BACK_FULL,
            RuleOption.CAMBER_STATIONS,
            RuleOption.CAMBER_GROUND,
            RuleOption.CAMBER_NONE,
            RuleOption.NEW_EDGE_BLUNT,
            RuleOption.NEW_EDGE_BEVEL);

    /** Where it shows what an option of a rule costs. */
    static RuleCost.Shown shows(HouseRule rule, RuleOption option) {
        return rule == HouseRule.BURR_VIEW || rule == HouseRule.POLISH_LASTS
                ? RuleCost.Shown.IN_UPKEEP
                : DECIDED_BEFORE.contains(option) ? RuleCost.Shown.AT_THE_ANGLE : RuleCost.Shown.IN_PLANS;
    }

    /** What those rules make of the case. */
    static HouseTrial of(HouseRules rules, PlanCase on) {
        if (rules.allOnWheel() && WheelWork.wheel(on.shelf()).isEmpty()) {
            return refused(StepWords.NO_WET_WHEEL.words());
        }
        try {
            boolean flat = rules.of(HouseRule.BEVEL_FORM) == RuleOption.BEVEL_FORM_FLAT;
            Blade blade = flat ? groundFlat(on.blade(), on.target()) : on.blade();
            TargetBevel target = target(rules, on);
            boolean byHand = rules.of(HouseRule.HOLDING) == RuleOption.HOLDING_FREEHAND;
            WorkingMethod manner = WorkingMethod.heldBy(
                            blade.kind(),
                            target,
                            byHand ? Optional.empty() : on.manner().holder(),
                            on.manner().camber())
                    .with(SheetHabits.of(rules));
            PlanRules stones = on.rules().with(HouseStones.of(rules));
            PlanCase.Worked worked = new PlanCase(
                            blade,
                            on.survey(),
                            target,
                            on.steel(),
                            on.trade(),
                            manner,
                            on.shelf(),
                            stones,
                            on.ask().at(target),
                            on.occasion())
                    .worked();
            List<Step> steps = worked.steps();
            double area = worked.plan().all().stream()
                    .filter(Job::edge)
                    .mapToDouble(j -> j.shaping().workedAreaMm2())
                    .findFirst()
                    .orElse(0);
            int strokes =
                    steps.stream().mapToInt(s -> s.strokes() * s.sides().size()).sum();
            return new HouseTrial(
                    worked.plan(), steps, strokes, area, worked.restoration().volumeMm3(), "");
        } catch (RefusedException refused) {
            return refused(refused.getMessage());
        }
    }

    private static HouseTrial refused(String why) {
        return new HouseTrial(WorkPlan.NOTHING, List.of(), 0, 0, 0, why);
    }

    /** Time of all its steps (s). */
    double seconds() {
        return steps.stream().mapToDouble(Step::seconds).sum();
    }

    private static TargetBevel target(HouseRules rules, PlanCase on) {
        TargetBevel now = on.target();
        if (rules.of(HouseRule.BEVEL_FORM) == RuleOption.BEVEL_FORM_FLAT) {
            return new TargetBevel(now.last(), now.last(), now.back(), Optional.empty(), now.camber());
        }
        Optional<Angle> step = rules.angleHabits(on.blade().kind()).step();
        return step.filter(s -> now.hasSecondary())
                .map(s -> new TargetBevel(now.primary(), now.primary().plus(s), now.back(), now.wheel(), now.camber()))
                .orElse(now);
    }

    /** The tool as it stands in a house that grinds one flat bevel at the angle of the edge; others stay as they are. */
    private static Blade groundFlat(Blade blade, TargetBevel target) {
        if (!blade.measures().has("secondary")) {
            return blade;
        }
        Map<String, Double> values = new HashMap<>(blade.measures().values());
        values.remove("secondary");
        values.remove("secondaryWidth");
        values.put("primary", target.last().degrees());
        try {
            return blade.kind().build(new Measures(values));
        } catch (RefusedException notOnThisFamily) {
            return blade;
        }
    }
}
