package truekeen.core.condition;

import java.util.ArrayList;
import java.util.List;
import truekeen.core.message.Numbers;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.Operation;

/**
 * How much work an edge wants, and why. Source: workshop prior.
 *
 * @param scope the choice
 * @param reasons in words, the deciding one first
 */
record ScopeChoice(Scope scope, List<String> reasons) {

    /**
     * Chooses.
     *
     * @param steelLeftMm length down to the retire limit afterwards (mm)
     * @param grindReason why the primary must be ground, or null
     * @param damaged whether anything found is to be removed, or the edge squared
     * @param stropOnly whether a strop will do
     * @param bevelChange how the last bevel changes, or null
     */
    static ScopeChoice of(
            EdgeSurvey survey,
            GeometryKind kind,
            double steelLeftMm,
            String grindReason,
            boolean damaged,
            boolean stropOnly,
            String bevelChange) {
        List<String> reasons = new ArrayList<>();
        double pits = survey.pitsAtEdgeMm();
        boolean saved = kind.allows(Operation.BACK_BEVEL);
        if (pits > Restorer.DEEPEST_PITS_MM && !saved) {
            reasons.add(ConditionWords.PITS_TOO_DEEP.fill(
                    "depth",
                    Numbers.plain(pits, 2),
                    "deepest",
                    Numbers.plain(Restorer.DEEPEST_PITS_MM, 2),
                    "refused",
                    kind.refused().get(Operation.BACK_BEVEL)));
            return new ScopeChoice(Scope.RETIRE, reasons);
        }
        if (steelLeftMm <= 0) {
            reasons.add(ConditionWords.PAST_THE_RETIRE_LIMIT.fill(
                    "advice", (kind.powered() ? ConditionWords.REPLACE_OR_LEAVE.words() : "")));
            return new ScopeChoice(Scope.RETIRE, reasons);
        }
        if (grindReason != null) {
            reasons.add(grindReason);
        }
        if (damaged) {
            reasons.add(
                    grindReason == null
                            ? ConditionWords.DAMAGE_GOES_WITH_HONING.words()
                            : ConditionWords.DAMAGE_GROUND_OUT.words());
        }
        if (survey.backWantsWork()) {
            reasons.add(
                    pits > Restorer.DEEPEST_PITS_MM
                            ? ConditionWords.BACK_BEVEL_SAVES.words()
                            : ConditionWords.BACK_NOT_READY.words());
        }
        if (bevelChange != null) {
            reasons.add(bevelChange);
        }
        reasons.add(dullness(survey, stropOnly));
        if (grindReason != null) {
            return new ScopeChoice(damaged ? Scope.REPAIR : Scope.REGRIND, reasons);
        }
        boolean light =
                survey.dullness() == Dullness.TOUCH_UP && !damaged && bevelChange == null && !survey.backWantsWork();
        Scope scope = !light ? Scope.FULL_HONING : stropOnly ? Scope.STROP_ONLY : Scope.FINE_STONE_ONLY;
        return new ScopeChoice(scope, reasons);
    }

    private static String dullness(EdgeSurvey survey, boolean stropOnly) {
        return switch (survey.dullness()) {
            case TOUCH_UP ->
                survey.stropTried()
                        ? ConditionWords.STROP_NO_LONGER.words()
                        : stropOnly ? ConditionWords.STROP_FIRST.words() : ConditionWords.LOST_ITS_BITE.words();
            case DULL -> ConditionWords.IS_DULL.words();
            case LIGHT_VISIBLE -> ConditionWords.LIGHT_ALONG.words();
        };
    }
}
