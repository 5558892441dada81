package truekeen.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import truekeen.core.keenness.Stretch;
import truekeen.core.stepsheet.Step;

class TimeLeftTest {
    private static final Step STEP = Step.of(Step.Kind.WORK, "work", new Stretch(0, 24))
            .counting(List.of(Step.Side.LEFT, Step.Side.RIGHT), 20, 10, 40)
            .lasting(80)
            .done();

    @Test
    void byTheHandsOwnPaceTheRangeIsThatOfTheCount() {
        TimeLeft left = TimeLeft.of(STEP, 12, OptionalDouble.of(1.5)).orElseThrow();
        assertThat(left.lowSeconds()).isEqualTo((20 - 12) * 1.5);
        assertThat(left.highSeconds()).isEqualTo((80 - 12) * 1.5);
    }

    @Test
    void beforeItIsKnownItIsWiderByWhatAFirstEstimateIsOff() {
        // 80 s for 40 strokes: 2 s each
        TimeLeft left = TimeLeft.of(STEP, 0, OptionalDouble.empty()).orElseThrow();
        assertThat(left.lowSeconds()).isCloseTo(20 * 2 / 1.4, within(1e-12));
        assertThat(left.highSeconds()).isCloseTo(80 * 2 * 1.4, within(1e-12));
    }

    @Test
    void nothingIsLeftPastTheCountAndNothingSaidWhereNothingIsCounted() {
        assertThat(TimeLeft.of(STEP, 100, OptionalDouble.of(1)).orElseThrow()).isEqualTo(new TimeLeft(0, 0));
        assertThat(TimeLeft.of(
                        Step.of(Step.Kind.GRIND, "grind", new Stretch(0, 24))
                                .lasting(300)
                                .done(),
                        0,
                        OptionalDouble.empty()))
                .isEmpty();
    }
}
