package truekeen.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

class HeatModelTest {
    private static EdgeFin chisel(double land) {
        return EdgeFin.flatBack(
                Length.ofMm(land), Angle.ofDegrees(25), Length.ofMm(4), Length.ofMm(20), Length.ofMm(60));
    }

    private static double seconds(EdgeFin fin, double watts, double conductivity) {
        return new HeatModel(fin, conductivity)
                .contact(watts, 20, 140, 6)
                .limitAt()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({"60, 0, 0.096", "60, 1, 1.139", "20, 0, 3.04"})
    void theWorkedFigures(double watts, double land, double expected) {
        assertThat(seconds(chisel(land), watts, 43)).isCloseTo(expected, within(expected * 0.01));
    }

    @Test
    void heatIsNeitherMadeNorLost() {
        for (double land : new double[] {0, 1}) {
            HeatRun run = new HeatModel(chisel(land), 43).contact(60, 20, 140, 1.5);
            assertThat(run.heldJ()).isCloseTo(90, within(0.09));
        }
    }

    /** A bar heated at its end goes as the semi-infinite solid, once the heat has run well past the contact. */
    @Test
    void aThickLandGoesAsTheSemiInfiniteSolid() {
        EdgeFin bar = EdgeFin.bar(4, 20, 120);
        double q = 60.0 / (4 * 20);
        for (double t : new double[] {1, 2, 4}) {
            HeatRun run = new HeatModel(bar, 43).contact(60, 0, 1e6, t);
            double end = 2 * q * Math.sqrt(t / (Math.PI * HeatModel.HEAT_CAPACITY * 0.043));
            // The heat goes in over two millimetres, not at the very end: exactly, the mean of the solid's own
            // temperature down to there.
            double expected = buried(q, t);
            assertThat(run.edgeC()).isCloseTo(expected, within(expected * 0.01));
            assertThat(run.edgeC()).isLessThan(end);
        }
        assertThat(2 * q * Math.sqrt(1 / (Math.PI * HeatModel.HEAT_CAPACITY * 0.043)))
                .isCloseTo(67.1, within(0.1));
    }

    /** Surface rise of a half-space with the flux spread evenly over the first two millimetres, by superposition. */
    private static double buried(double q, double t) {
        int n = 4000;
        double diffusivity = 0.043 / HeatModel.HEAT_CAPACITY;
        double sum = 0;
        for (int i = 0; i < n; i++) {
            double depth = 2 * (i + 0.5) / n;
            // Integrated over time: ∫ exp(−d²/4ατ)/√(πατ) dτ / ρc, in the closed form of ierfc.
            double s = depth / (2 * Math.sqrt(diffusivity * t));
            double ierfc = Math.exp(-s * s) / Math.sqrt(Math.PI) - s * org.hipparchus.special.Erf.erfc(s);
            sum += 2 * q * Math.sqrt(t / (HeatModel.HEAT_CAPACITY * 0.043)) * ierfc;
        }
        return sum / n;
    }

    @Test
    void thinnerSharperAndPoorerConductingIsHotter() {
        double usual = seconds(chisel(0.2), 60, 43);
        assertThat(seconds(chisel(0.1), 60, 43)).isLessThan(usual);
        assertThat(seconds(
                        EdgeFin.flatBack(
                                Length.ofMm(0.2),
                                Angle.ofDegrees(20),
                                Length.ofMm(4),
                                Length.ofMm(20),
                                Length.ofMm(60)),
                        60,
                        43))
                .isLessThan(usual);
        assertThat(seconds(chisel(0.2), 60, 25)).isLessThan(usual);
        assertThat(seconds(chisel(0.2), 80, 43)).isLessThan(usual);
        assertThat(HeatSource.of(AbrasiveKind.DRY_WHEEL).orElseThrow().watts(2)).isEqualTo(60);
        assertThat(HeatSource.of(AbrasiveKind.SLOW_WET_WHEEL).orElseThrow().watts(2))
                .isLessThan(HeatSource.of(AbrasiveKind.DRY_WHEEL).orElseThrow().watts(2));
    }

    @Test
    void halvingTheMeshChangesTheAnswerUnderTwoPercent() {
        for (double land : new double[] {0, 1}) {
            double one = new HeatModel(chisel(land), 43, 1)
                    .contact(60, 20, 140, 2)
                    .limitAt()
                    .orElseThrow();
            double two = new HeatModel(chisel(land), 43, 2)
                    .contact(60, 20, 140, 2)
                    .limitAt()
                    .orElseThrow();
            assertThat(two).isCloseTo(one, within(one * 0.02));
        }
    }

    /** The modes give what a library's integrator gives, step by step. */
    @Test
    void theModesAgreeWithAnIntegrator() {
        HeatModel model = new HeatModel(chisel(1), 43);
        HeatRun run = model.contact(60, 20, 140, 0.05);
        int n = run.places().size();
        double[] start = new double[n];
        java.util.Arrays.fill(start, 20);
        OrdinaryDifferentialEquation equation = new OrdinaryDifferentialEquation() {
            @Override
            public int getDimension() {
                return n;
            }

            @Override
            public double[] computeDerivatives(double t, double[] celsius) {
                return model.derivatives(60, celsius);
            }
        };
        double[] end = new DormandPrince853Integrator(1e-12, 0.05, 1e-8, 1e-10)
                .integrate(equation, new ODEState(0, start), 0.05)
                .getPrimaryState();
        for (int i = 0; i < n; i++) {
            assertThat(run.places().get(i).celsius()).isCloseTo(end[i], within(1e-5));
        }
    }

    /** The apex is drawn while three millimetres back the finger still feels it cool. */
    @Test
    void theFingerCannotWarnOnASharpEdge() {
        HeatModel model = new HeatModel(chisel(0), 43);
        HeatRun run = model.contact(60, 20, 140, 0.096);
        assertThat(run.edgeC()).isCloseTo(140, within(3.0));
        assertThat(run.at(3)).isLessThan(45);
        assertThat(run.hotBehindMm(100)).isBetween(0.1, 2.0);
    }

    @Test
    void aFinOfNothingIsRefused() {
        assertThatThrownBy(() -> new EdgeFin(0.02, 0.4, 0, 20, 60)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> new EdgeFin(5, 0.4, 4, 20, 60)).isInstanceOf(RefusedException.class);
    }
}
