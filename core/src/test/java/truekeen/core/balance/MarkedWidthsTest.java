package truekeen.core.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import truekeen.core.quantity.Length;

class MarkedWidthsTest {
    private static final Length EDGE = Length.ofMm(95);
    private static final Length THICK = Length.ofMm(4);

    @Test
    void massIsTheVolumeOfTheTwoEndsLossAtTheDensityOfSteel() {
        MarkedWidths w = MarkedWidths.of(
                List.of(List.of(55.0, 55.0, 55.0), List.of(55.0, 55.0, 55.0)),
                List.of(List.of(53.0, 53.0, 53.0), List.of(52.9, 53.0, 53.1)),
                EDGE,
                THICK);
        assertThat(w.lossMm()).allSatisfy(l -> assertThat(l).isCloseTo(2, within(1e-9)));
        assertThat(w.volumeMm3()).allSatisfy(v -> assertThat(v).isCloseTo(760, within(1e-6)));
        assertThat(w.massG()).isCloseTo(2 * 760 * 7.85e-3, within(1e-9));
        assertThat(w.alike()).isTrue();
    }

    @Test
    void forAnyWidthsMassAndVolumeAgreeAndAStraightTaperIsExact() {
        Random random = new Random(8);
        for (int i = 0; i < 200; i++) {
            double inner = 3 * random.nextDouble();
            double outer = 3 * random.nextDouble();
            List<Double> before = List.of(55.0, 54.0, 53.0);
            List<Double> after = List.of(55 - inner, 54 - (inner + outer) / 2, 53 - outer);
            MarkedWidths w = MarkedWidths.of(List.of(before, before), List.of(after, before), EDGE, THICK);
            // A loss that tapers evenly is a prism on a trapezoid.
            assertThat(w.volumeMm3().get(0)).isCloseTo((inner + outer) / 2 * 95 * 4, within(1e-9));
            assertThat(w.volumeMm3().get(1)).isZero();
            assertThat(w.massG() / RotaryBlade.STEEL_G_PER_MM3)
                    .isCloseTo(w.volumeMm3().get(0) + w.volumeMm3().get(1), within(1e-9));
            assertThat(w.least()).isEqualTo(1);
            assertThat(w.alike()).isEqualTo(w.apartMm() <= 0.3);
        }
    }

    @Test
    void aMiddleThatWentFurtherIsSeen() {
        MarkedWidths w =
                MarkedWidths.of(List.of(List.of(50.0, 50.0, 50.0)), List.of(List.of(50.0, 48.0, 50.0)), EDGE, THICK);
        assertThat(w.lossMm().get(0)).isCloseTo(1, within(1e-12));
    }

    @Test
    void alikeReachesUpToItsBoundAndNoFarther() {
        assertThat(lost(1.0, 1.3).alike()).isTrue();
        assertThat(lost(1.0, 1.3001).alike()).isFalse();
        assertThat(lost(1.0, 1.3).meanLossMm()).isCloseTo(1.15, within(1e-12));
    }

    private static MarkedWidths lost(double first, double second) {
        return MarkedWidths.of(
                List.of(List.of(50.0), List.of(50.0)), List.of(List.of(50 - first), List.of(50 - second)), EDGE, THICK);
    }

    @Test
    void marksThatDoNotMatchAreAProgrammersSlip() {
        assertThatThrownBy(() -> MarkedWidths.of(List.of(List.of(50.0, 50.0)), List.of(List.of(50.0)), EDGE, THICK))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
