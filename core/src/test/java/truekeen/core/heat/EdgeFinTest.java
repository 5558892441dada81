package truekeen.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

class EdgeFinTest {
    private static EdgeFin chisel(double land) {
        return EdgeFin.flatBack(
                Length.ofMm(land), Angle.ofDegrees(25), Length.ofMm(4), Length.ofMm(20), Length.ofMm(60));
    }

    @ParameterizedTest
    @CsvSource({"0, 0.02", "1, 0.4863", "5, 2.3515", "8.535, 4", "30, 4"})
    void itThickensWithTheBevelUpToTheBlade(double x, double thickness) {
        assertThat(chisel(0).thicknessAt(x)).isCloseTo(thickness, within(1e-3));
    }

    @Test
    void aKnifeThickensFromBothSides() {
        EdgeFin knife = EdgeFin.symmetric(
                Length.ofMm(0), Angle.ofDegrees(15), Length.ofMm(2), Length.ofMm(20), Length.ofMm(40));
        assertThat(knife.thicknessAt(1)).isCloseTo(0.02 + 2 * Math.tan(Math.toRadians(15)), within(1e-12));
    }

    /** Volumes of pieces add up to the whole, wherever the knee lies in between. */
    @Test
    void volumesAddUp() {
        for (double land : new double[] {0, 0.5, 4}) {
            EdgeFin fin = chisel(land);
            double whole = fin.volume(0, 60);
            double pieces = 0;
            for (double x = 0; x < 60; x += 0.37) {
                pieces += fin.volume(x, Math.min(60, x + 0.37));
            }
            assertThat(pieces).isCloseTo(whole, within(1e-9));
            double knee = (4 - Math.max(land, 0.02)) / Math.tan(Math.toRadians(25));
            double exact = 20 * ((Math.max(land, 0.02) + 4) / 2 * knee + 4 * (60 - knee));
            assertThat(whole).isCloseTo(exact, within(1e-9));
        }
    }

    @Test
    void theEdgeOnlyWarmsAndTheHotLineOnlyMovesBack() {
        HeatModel model = new HeatModel(chisel(0.3), 40);
        double edge = 0;
        double hot = 0;
        for (double t = 0.1; t < 3; t += 0.2) {
            HeatRun run = model.contact(60, 20, 1e6, t);
            assertThat(run.edgeC()).isGreaterThan(edge);
            assertThat(run.hotBehindMm(100)).isGreaterThanOrEqualTo(hot);
            assertThat(run.places().get(0).celsius())
                    .isGreaterThan(run.places().get(run.places().size() - 1).celsius());
            assertThat(run.moments().get(0).edgeC()).isCloseTo(20, within(1e-9));
            edge = run.edgeC();
            hot = run.hotBehindMm(100);
        }
    }

    @Test
    void theRiseIsInProportionToThePower() {
        HeatModel model = new HeatModel(chisel(0), 40);
        double one = model.contact(30, 0, 1e6, 0.4).edgeC();
        assertThat(model.contact(90, 0, 1e6, 0.4).edgeC()).isCloseTo(3 * one, within(1e-9));
        assertThat(model.contact(30, 0, 1e6, 0.4).limitAt()).isEmpty();
    }

    @Test
    void theLimitIsReachedWhenItIsReached() {
        HeatModel model = new HeatModel(chisel(0.5), 40);
        double at = model.contact(60, 20, 140, 10).limitAt().orElseThrow();
        assertThat(model.contact(60, 20, 140, at).edgeC()).isCloseTo(140, within(1e-4));
    }
}
