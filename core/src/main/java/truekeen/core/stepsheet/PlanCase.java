package truekeen.core.stepsheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Occasion;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Restorer;
import truekeen.core.progression.PlanAsk;
import truekeen.core.progression.PlanRules;
import truekeen.core.progression.WorkPlan;
import truekeen.core.progression.WorkPlanner;
import truekeen.core.repair.GrindPlan;
import truekeen.core.section.TargetBevel;
import truekeen.core.steel.SteelClass;
import truekeen.core.tool.Blade;
import truekeen.core.tool.ToolUse;

/** All that a plan is made from; the same with one thing changed is another plan to compare it with. */
public record PlanCase(
        Blade blade,
        EdgeSurvey survey,
        TargetBevel target,
        SteelClass steel,
        ToolUse trade,
        WorkingMethod manner,
        List<Abrasive> shelf,
        PlanRules rules,
        PlanAsk ask,
        Occasion occasion) {

    /** Keeps the shelf from changing. */
    public PlanCase {
        shelf = List.copyOf(shelf);
    }

    /**
     * A plan with its sheet.
     *
     * @param restoration what must go
     * @param plan the stones
     * @param steps the sheet
     */
    public record Worked(Restoration restoration, WorkPlan plan, List<Step> steps) {
        /** The time of it. */
        public SheetTime time() {
            return SheetTime.of(steps, plan.powered());
        }
    }

    /**
     * The plan, its grinding, if any, as one step.
     *
     * @throws truekeen.core.message.RefusedException where it cannot be planned
     */
    public Worked worked() {
        return worked(plan -> Optional.empty());
    }

    /**
     * The plan, its grinding in the acts that are planned for it.
     *
     * @param grinding the acts for the machine that a plan chose; empty for one step
     */
    public Worked worked(Function<WorkPlan, Optional<GrindPlan>> grinding) {
        Restoration restoration = Restorer.restore(blade, survey, target, occasion);
        WorkPlan plan = WorkPlanner.plan(restoration, survey, trade, steel, shelf, rules, ask);
        return new Worked(
                restoration,
                plan,
                StepSheet.of(plan, target, steel, blade.edgeLengthMm(), manner, grinding.apply(plan), shelf));
    }

    /** The same, found otherwise. */
    public PlanCase surveyed(EdgeSurvey other) {
        return new PlanCase(blade, other, target, steel, trade, manner, shelf, rules, ask, occasion);
    }

    PlanCase aimedAt(TargetBevel other) {
        return new PlanCase(blade, survey, other, steel, trade, manner, shelf, rules, ask.at(other), occasion);
    }

    PlanCase groundOn(String machine) {
        return new PlanCase(
                blade,
                survey,
                target,
                steel,
                trade,
                manner,
                shelf,
                rules,
                ask.groundOn(Optional.of(machine)),
                occasion);
    }

    /** The same on another shelf. */
    public PlanCase on(List<Abrasive> other) {
        return new PlanCase(blade, survey, target, steel, trade, manner, other, rules, ask, occasion);
    }

    PlanCase with(Abrasive another) {
        List<Abrasive> more = new ArrayList<>(shelf);
        more.add(another);
        return new PlanCase(blade, survey, target, steel, trade, manner, more, rules, ask, occasion);
    }
}
