package truekeen.core.progression;

import truekeen.core.table.Prior;

/**
 * House rules and priors of the plan.
 *
 * @param startRule most a first abrasive is asked to shape, in grains: depth ÷ d50
 * @param widestStep the last scratch in grains of the next abrasive, from which on a step is too wide
 * @param wideStepSeconds what a path pays for each doubling of a step beyond the widest
 * @param secondsPerStroke one stroke there and back
 * @param changeSeconds taking up another abrasive
 * @param flattenSeconds one flattening
 * @param degreaseSeconds cleaning oil off before water
 * @param resetSeconds setting the guide again between jobs
 * @param tieSeconds plans closer than this are equal
 * @param offerPowerAboveMm3 shaping above which a wheel or belt is offered
 * @param habits what the house does on its stones
 */
public record PlanRules(
        double startRule,
        double widestStep,
        double wideStepSeconds,
        double secondsPerStroke,
        double changeSeconds,
        double flattenSeconds,
        double degreaseSeconds,
        double resetSeconds,
        double tieSeconds,
        double offerPowerAboveMm3,
        StoneHabits habits) {
    /** The defaults of the house. Source: workshop prior. */
    public static final PlanRules USUAL = new PlanRules(
            Prior.START_RULE.value(),
            Prior.WIDEST_STEP.value(),
            Prior.WIDE_STEP_SECONDS.value(),
            Prior.STROKE_SECONDS.value(),
            Prior.CHANGE_SECONDS.value(),
            Prior.FLATTENING_SECONDS.value(),
            Prior.DEGREASING_SECONDS.value(),
            Prior.SETTING_SECONDS.value(),
            Prior.TIE_SECONDS.value(),
            Prior.BY_MACHINE_ABOVE_MM3.value(),
            StoneHabits.USUAL);

    /** What a step costs beyond its time (s): so much for each doubling beyond the widest; 0 up to that. */
    public double penaltySeconds(double scratchUm, double nextUm) {
        double times = scratchUm / (widestStep * nextUm);
        return times <= 1 + 1e-9 ? 0 : wideStepSeconds * Math.log(times) / Math.log(2);
    }

    /** The same rules with another volume above which a wheel or belt is offered (mm³). */
    public PlanRules withPowerAbove(double mm3) {
        return new PlanRules(
                startRule,
                widestStep,
                wideStepSeconds,
                secondsPerStroke,
                changeSeconds,
                flattenSeconds,
                degreaseSeconds,
                resetSeconds,
                tieSeconds,
                mm3,
                habits);
    }

    /** The same rules in a house of other habits. */
    public PlanRules with(StoneHabits other) {
        return new PlanRules(
                startRule,
                widestStep,
                wideStepSeconds,
                secondsPerStroke,
                changeSeconds,
                flattenSeconds,
                degreaseSeconds,
                resetSeconds,
                tieSeconds,
                offerPowerAboveMm3,
                other);
    }
}
