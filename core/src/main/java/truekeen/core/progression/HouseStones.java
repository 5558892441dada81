package truekeen.core.progression;

import truekeen.core.rule.HouseRule;
import truekeen.core.rule.HouseRules;
import truekeen.core.table.Prior;

/** What the house rules say about the stones. Source: workshop prior. */
public final class HouseStones {
    private static final int MANY = Prior.HOUSE_STONES_MANY.whole();
    private static final int FEW = Prior.HOUSE_STONES_FEW.whole();

    private HouseStones() {}

    /** The habits that house rules come to. */
    public static StoneHabits of(HouseRules rules) {
        return new StoneHabits(
                StoneHabits.Lubricant.valueOf(rules.of(HouseRule.LUBRICANT).key()),
                StoneHabits.Finish.valueOf(rules.of(HouseRule.FINISH).key()),
                rules.of(HouseRule.STROP).key().equals("FINISH"),
                switch (rules.of(HouseRule.LEATHER).key()) {
                    case "SUPPORTS" -> MANY;
                    case "ROUNDS" -> FEW;
                    default -> WorkPlan.STROP_STROKES;
                });
    }
}
