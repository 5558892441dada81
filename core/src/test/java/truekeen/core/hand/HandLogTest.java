package truekeen.core.hand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import truekeen.core.abrasive.Abrasive;

class HandLogTest {
    private static final String KIND = "aluminium oxide water stone";

    private static StrokeRatio on(String stone, double ratio) {
        return on(stone, ratio, StrokeRatio.Judged.OPEN);
    }

    private static StrokeRatio on(String stone, double ratio, StrokeRatio.Judged judged) {
        return new StrokeRatio("k", stone, KIND, "carbon", ratio, judged);
    }

    private static Abrasive.Effort effort(List<StrokeRatio> seen, String stone) {
        return HandLog.of(seen).effort(stone, KIND, "carbon");
    }

    @Test
    void nothingLearnedIsTheFirstEstimate() {
        Abrasive.Effort none = effort(List.of(), "a");
        assertThat(none.factor()).isEqualTo(1);
        assertThat(none.logSd()).isCloseTo(0.6, within(0.001));
        assertThat(none.spread()).isCloseTo(2.00, within(0.005));
        assertThat(none.evidence()).isEqualTo("first estimate");
    }

    @Test
    void threeSessionsGiveTheWorkedFigures() {
        Abrasive.Effort three = effort(List.of(on("a", 1.4), on("a", 1.6), on("a", 1.5)), "a");
        assertThat(three.factor()).isCloseTo(1.437, within(0.0005));
        assertThat(Math.exp(three.logSd())).isCloseTo(1.21, within(0.005));
        assertThat(three.spread()).isCloseTo(1.49, within(0.005));
        assertThat(three.evidence()).isEqualTo("from 3 of your sessions");
    }

    @Test
    void aNewStoneStartsFromWhatItsKindTaught() {
        List<StrokeRatio> seen = List.of(on("a", 1.5), on("a", 1.5), on("b", 1.6), on("b", 1.4));
        Abrasive.Effort fresh = effort(seen, "c");
        assertThat(fresh.factor()).isBetween(1.05, 1.5);
        assertThat(fresh.logSd()).isLessThan(0.6).isGreaterThan(0.447);
        assertThat(fresh.sessions()).isZero();
        assertThat(fresh.ofKind()).isEqualTo(4);
        assertThat(fresh.evidence()).contains("from 4 on its kind");
        assertThat(HandLog.of(seen).effort("c", "natural oil stone", "carbon").factor())
                .as("another kind learns nothing of it")
                .isEqualTo(1);
        assertThat(HandLog.of(seen).effort("a", KIND, "powder").sessions())
                .as("another steel is another deviation")
                .isZero();
    }

    @Test
    void theOrderOfSessionsThatFitDoesNotMatter() {
        List<StrokeRatio> seen = new ArrayList<>(List.of(on("a", 1.2), on("b", 1.5), on("a", 1.4), on("c", 1.1)));
        double before = effort(seen, "a").factor();
        java.util.Collections.reverse(seen);
        assertThat(effort(seen, "a").factor()).isCloseTo(before, within(1e-12));
    }

    @Test
    void moreSessionsNarrowTheRangeDownToASessionsOwn() {
        List<StrokeRatio> seen = new ArrayList<>();
        double before = 10;
        for (int i = 0; i < 60; i++) {
            double spread = effort(seen, "a").spread();
            assertThat(spread).isLessThan(before);
            before = spread;
            seen.add(on("a", 1.3));
        }
        assertThat(before).isGreaterThan(Math.exp(0.35));
        assertThat(effort(seen, "a").factor()).isCloseTo(1.3, within(0.01));
    }

    /** Hands drawn as the model says: the stated interval must hold the truth about as often as it claims. */
    @Test
    void theIntervalHoldsASyntheticHandAsOftenAsItClaims() {
        Random random = new Random(91);
        int factors = 0;
        int sessions = 0;
        int all = 4000;
        for (int i = 0; i < all; i++) {
            double kind = 0.40 * random.nextGaussian();
            List<StrokeRatio> seen = new ArrayList<>();
            double target = 0;
            int stones = 1 + random.nextInt(4);
            for (int s = 0; s < stones; s++) {
                double piece = kind + 0.447 * random.nextGaussian();
                int n = s == 0 ? random.nextInt(5) : 1 + random.nextInt(6);
                for (int k = 0; k < n; k++) {
                    seen.add(on("s" + s, Math.exp(piece + 0.35 * random.nextGaussian())));
                }
                target = s == 0 ? piece : target;
            }
            Abrasive.Effort e = effort(seen, "s0");
            factors += Math.abs(Math.log(e.factor()) - target) <= e.logSd() ? 1 : 0;
            double next = target + 0.35 * random.nextGaussian();
            sessions += Math.abs(Math.log(e.factor()) - next) <= Math.log(e.spread()) ? 1 : 0;
        }
        assertThat((double) factors / all).isBetween(0.65, 0.71);
        assertThat((double) sessions / all).isBetween(0.65, 0.71);
    }

    @Test
    void aGlazedStoneStandsOutAndIsNotLearned() {
        List<StrokeRatio> seen = new ArrayList<>(List.of(on("a", 1.1), on("a", 1.0), on("a", 1.2), on("a", 1.1)));
        double before = effort(seen, "a").factor();
        seen.add(on("a", 4.5));
        HandLog log = HandLog.of(seen);
        assertThat(log.standingOut()).singleElement().satisfies(o -> {
            assertThat(o.slow()).isTrue();
            assertThat(o.times()).isGreaterThan(3.5);
            assertThat(o.expected()).isCloseTo(before, within(1e-12));
        });
        assertThat(log.effort("a", KIND, "carbon").factor()).isEqualTo(before);
    }

    @Test
    void whatAPersonSaysOfItDecides() {
        List<StrokeRatio> three = List.of(on("a", 1.1), on("a", 1.0), on("a", 1.2));
        List<StrokeRatio> hand = new ArrayList<>(three);
        hand.add(on("a", 5, StrokeRatio.Judged.HAND));
        assertThat(HandLog.of(hand).standingOut()).isEmpty();
        assertThat(effort(hand, "a").factor()).isGreaterThan(effort(three, "a").factor());
        List<StrokeRatio> stone = new ArrayList<>(three);
        stone.add(on("a", 5, StrokeRatio.Judged.STONE));
        assertThat(HandLog.of(stone).standingOut()).isEmpty();
        assertThat(effort(stone, "a").factor()).isEqualTo(effort(three, "a").factor());
    }

    @Test
    void tooFewStrokesStandOutTheOtherWayAndTwoSessionsAreNotEnoughToJudgeBy() {
        HandLog fast = HandLog.of(List.of(on("a", 1.1), on("a", 1.0), on("a", 1.2), on("a", 0.2)));
        assertThat(fast.standingOut()).singleElement().satisfies(o -> assertThat(o.slow())
                .isFalse());
        assertThat(HandLog.of(List.of(on("a", 1), on("a", 1), on("a", 5))).standingOut())
                .isEmpty();
    }

    @Test
    void aRatioIsPositive() {
        assertThatThrownBy(() -> on("a", 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> on("a", Double.NaN)).isInstanceOf(IllegalArgumentException.class);
    }
}
