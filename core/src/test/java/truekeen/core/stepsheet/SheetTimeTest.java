package truekeen.core.stepsheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.keenness.Stretch;
import truekeen.core.progression.PowerOffer;
import truekeen.core.progression.Shelves;

class SheetTimeTest {
    private static final Stretch EDGE = new Stretch(0, 20);

    private static Step counted(int strokes, int low, int high, double seconds) {
        return Step.of(Step.Kind.WORK, "work", EDGE)
                .counting(List.of(Step.Side.LEFT, Step.Side.RIGHT), strokes, low, high)
                .lasting(seconds)
                .done();
    }

    @Test
    void theTimeIsTheSumOfTheStepsAndSpreadsAsTheirCountsDo() {
        Step set = Step.of(Step.Kind.SET_GUIDE, "set", EDGE).lasting(40).done();
        SheetTime time = SheetTime.of(List.of(set, counted(10, 5, 20, 49), counted(6, 6, 6, 20)), List.of());
        assertThat(time.likely()).isCloseTo(109, within(1e-12));
        assertThat(time.low()).isCloseTo(109 - 5 * 2 * 1.2, within(1e-12));
        assertThat(time.high()).isCloseTo(109 + 10 * 2 * 1.2, within(1e-12));
    }

    @Test
    void aGrindingSpreadsByTheRangeOfItsClock() {
        Abrasive wheel =
                Shelves.piece("wheel", AbrasiveKind.DRY_WHEEL.key(), 200, Abrasive.Shape.WHEEL, Abrasive.State.READY);
        PowerOffer offer = new PowerOffer(wheel, 20, 60, 7);
        Step grind = Step.of(Step.Kind.GRIND, "grind", EDGE).lasting(240).done();
        SheetTime time = SheetTime.of(List.of(grind), List.of(offer));
        assertThat(time.low()).isCloseTo(240 - 60, within(1e-12));
        assertThat(time.high()).isCloseTo(240 + 60, within(1e-12));
    }
}
