package truekeen.core.progression;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.steel.Steels;

class GoodHandTest {
    @Test
    void neverMoreStrokesOnTheFinerThanOnTheCoarserAndWhatIsLeftIsSaid() {
        Random random = new Random(4);
        int eased = 0;
        for (int round = 0; round < 200; round++) {
            List<Abrasive> shelf = Shelves.random(random, 8);
            StoneWork job = Shelves.job(
                    Math.exp(random.nextDouble() * 6 - 4),
                    10 + random.nextInt(200),
                    0.01,
                    1,
                    0.5 + random.nextDouble() * 8,
                    StoneWork.Forces.of(20));
            if (ShelfRule.allowed(shelf, job, Steels.all().get(0)).isEmpty()) {
                continue;
            }
            JobPath path = ProgressionPlanner.plan(shelf, job, Steels.all().get(0), PlanRules.USUAL, false);
            for (int i = 1; i < path.legs().size(); i++) {
                Leg leg = path.legs().get(i);
                Leg before = path.legs().get(i - 1);
                assertThat(leg.strokes()).isLessThanOrEqualTo(Math.max(5, before.strokes()) + 1e-9);
                assertThat(leg.scratchAfterUm())
                        .isGreaterThanOrEqualTo(leg.abrasive().scratchUm())
                        .isLessThanOrEqualTo(Math.max(leg.abrasive().scratchUm(), leg.scratchBeforeUm()));
                if (leg.eased()) {
                    eased++;
                    assertThat(path.flags()).contains(ProgressionWords.STOPS_SOONER.words());
                }
            }
        }
        assertThat(eased).isGreaterThan(20);
    }
}
