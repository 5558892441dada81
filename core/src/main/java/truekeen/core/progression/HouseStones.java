package truekeen.core.progression;

import truekeen.core.rule.HouseRule;
import truekeen.core.rule.HouseRules;
import truekeen.core.rule.RuleOption;
import truekeen.core.table.Prior;

/** What the house rules say about the stones. Source: workshop prior. */
public final class HouseStones {
    private static final int MANY = Prior.HOUSE_STONES_MANY.whole();
    private static final int FEW = Prior.HOUSE_STONES_FEW.whole();

    private HouseStones() {}

    /** The habits that house rules come to. */
    public static StoneHabits of(HouseRules rules) {
        return new StoneHabits(
                switch (rules.of(HouseRule.LUBRICANT)) {
                    case LUBRICANT_WATER -> StoneHabits.HouseLubricant.WATER;
                    case LUBRICANT_OIL -> StoneHabits.HouseLubricant.OIL;
                    case LUBRICANT_DRY -> StoneHabits.HouseLubricant.DRY;
                    default -> StoneHabits.HouseLubricant.BY_STONE;
                },
                switch (rules.of(HouseRule.FINISH)) {
                    case FINISH_HIGH -> StoneHabits.Finish.HIGH;
                    case FINISH_MEDIUM -> StoneHabits.Finish.MEDIUM;
                    default -> StoneHabits.Finish.PURPOSE;
                },
                rules.of(HouseRule.STROP) == RuleOption.STROP_FINISH,
                switch (rules.of(HouseRule.LEATHER)) {
                    case LEATHER_SUPPORTS -> MANY;
                    case LEATHER_ROUNDS -> FEW;
                    default -> WorkPlan.STROP_STROKES;
                },
                rules.allOnWheel());
    }
}
