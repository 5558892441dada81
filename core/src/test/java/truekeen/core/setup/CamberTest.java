package truekeen.core.setup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.PlaneIron;

class CamberTest {
    private static Camber camber(double width, double bed, double belowSole) {
        return new Camber(Length.ofMm(width), Angle.ofDegrees(bed), Length.ofMm(belowSole));
    }

    @ParameterizedTest
    @CsvSource({"45, 0.0849, 5300, 50", "12, 0.2886, 1560, 10"})
    void aLowBedNeedsMoreCamberOnTheIron(double bed, double onIron, double radius, double slack) {
        Camber c = camber(60, bed, 0.06);
        assertThat(c.onIron().mm()).isCloseTo(onIron, within(5e-5));
        assertThat(c.radius().mm()).isCloseTo(radius, within(slack));
    }

    @Test
    void theJackTakesANarrowShaving() {
        Camber c = camber(50, 45, 1.2);
        assertThat(c.radius().mm()).isCloseTo(185.0, within(0.05));
        assertThat(c.shavingWidth(Length.ofMm(0.6)).mm()).isCloseTo(35.4, within(0.05));
        assertThat(c.shavingWidth(Length.ofMm(1.2)).mm()).isEqualTo(50);
        assertThat(c.shavingWidth(Length.ofMm(3)).mm()).isEqualTo(50);
    }

    @Test
    void aThickerShavingIsWider() {
        Camber c = camber(60, 12, 0.08);
        double before = 0;
        for (double t = 0.005; t < 0.08; t += 0.005) {
            double wide = c.shavingWidth(Length.ofMm(t)).mm();
            assertThat(wide).isGreaterThan(before).isLessThanOrEqualTo(60);
            before = wide;
        }
    }

    @Test
    void theCurveStandsBackAtItsCornersByTheCamber() {
        Camber c = camber(60, 45, 1);
        assertThat(c.backAt(30)).isCloseTo(c.onIron().mm(), within(1e-9));
        assertThat(c.backAt(0)).isZero();
    }

    @Test
    void strokesAtStationsAreSymmetricAndKeepTheirSum() {
        for (double belowSole : new double[] {0.03, 0.5, 3}) {
            Camber c = camber(50, 45, belowSole);
            for (int n = 0; n < 200; n++) {
                for (List<Integer> strokes : List.of(c.shapingStrokes(n), Camber.refiningStrokes(n))) {
                    assertThat(strokes).hasSize(5).allMatch(s -> s >= 0);
                    assertThat(strokes.stream().mapToInt(Integer::intValue).sum())
                            .isEqualTo(n);
                    assertThat(strokes.get(0)).isEqualTo(strokes.get(4));
                    assertThat(strokes.get(1)).isEqualTo(strokes.get(3));
                }
                assertThat(c.shapingStrokes(n).get(2)).isEqualTo(n % 2);
            }
        }
        assertThat(camber(50, 45, 1.2).shapingStrokes(25)).containsExactly(10, 2, 1, 2, 10);
        assertThat(Camber.refiningStrokes(25)).containsExactly(5, 5, 5, 5, 5);
    }

    @Test
    void aThinRuleLiftsTheBackByAFractionOfADegree() {
        assertThat(ThinRule.angle(Length.ofMm(0.5), Length.ofMm(60)).degrees()).isCloseTo(0.48, within(5e-3));
        assertThatThrownBy(() -> ThinRule.angle(Length.ofMm(0.5), Length.ofMm(0.5)))
                .isInstanceOf(RefusedException.class);
    }

    @Test
    void bevelsUpAndDownSpendTheBedDifferently() {
        PlaneIron down = (PlaneIron) Blades.blade(GeometryKind.PLANE_IRON_DOWN);
        PlaneIron up = (PlaneIron) Blades.blade(GeometryKind.PLANE_IRON_UP);
        Angle last = Angle.ofDegrees(33);
        Angle back = Angle.ofDegrees(2);
        assertThat(down.cutting(last, back).degrees()).isCloseTo(47, within(1e-9));
        assertThat(down.clearance(last, back).degrees()).isCloseTo(12, within(1e-9));
        assertThat(up.cutting(last, back).degrees()).isCloseTo(45, within(1e-9));
        assertThat(up.clearance(last, back).degrees()).isCloseTo(10, within(1e-9));
    }

    @Test
    void noClearanceIsRefusedAtTheFieldThatEatsIt() {
        Checks checks = new Checks();
        GeometryKind.PLANE_IRON_DOWN.read(Blades.sample(GeometryKind.PLANE_IRON_DOWN, "secondary", 45), checks);
        GeometryKind.PLANE_IRON_UP.read(Blades.sample(GeometryKind.PLANE_IRON_UP, "backBevel", 12), checks);
        assertThat(checks.refusals())
                .extracting(r -> r.field() + " " + r.code())
                .containsExactly("secondary " + MessageCode.NO_CLEARANCE, "backBevel " + MessageCode.NO_CLEARANCE);
        assertThat(checks.refusals().get(0).words()).contains("45°");
    }

    @Test
    void aCamberOfNothingOrTooMuchIsRefused() {
        assertThatThrownBy(() -> camber(50, 45, 0)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> camber(50, 45, 20)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> camber(50, 45, 1).shavingWidth(Length.ofMm(0))).isInstanceOf(RefusedException.class);
    }

    @ParameterizedTest
    @CsvSource({"0.06, , 0.06", "0.06, 0.04, 0.06", "0.06, 0.1, 0.125", "1, 0.6, 1", "1, 1.2, 1.5"})
    void theUsualCamberGoesByThePlaneAndTheDepthOfCut(double usual, Double depth, double camber) {
        Optional<Length> cut = Optional.ofNullable(depth).map(Length::ofMm);
        assertThat(Camber.usual(Length.ofMm(50), Angle.ofDegrees(45), Length.ofMm(usual), cut)
                        .orElseThrow()
                        .belowSole()
                        .mm())
                .isCloseTo(camber, within(1e-12));
        assertThat(Camber.usual(Length.ofMm(20), Angle.ofDegrees(12), Length.ofMm(usual), Optional.of(Length.ofMm(5))))
                .isEmpty();
    }
}
