package truekeen.core.day;

import ai.timefold.solver.core.api.score.buildin.bendablelong.BendableLongScore;
import ai.timefold.solver.core.api.score.calculator.EasyScoreCalculator;

/** Judges an order for the search: lateness, then the end of the day, then set-ups, then how soon each tool is ready. */
public class DayJudge implements EasyScoreCalculator<DayOrder, BendableLongScore> {
    private static final long[] NONE = {};

    @Override
    public BendableLongScore calculateScore(DayOrder order) {
        DayClock clock = order.model().clock();
        clock.run(order.orders());
        order.model().watch().run();
        return BendableLongScore.of(NONE, new long[] {-clock.late, -clock.end, -clock.setUps, -clock.readySum});
    }
}
