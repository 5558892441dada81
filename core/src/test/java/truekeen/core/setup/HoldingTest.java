package truekeen.core.setup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import truekeen.core.care.Dish;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/** Wheels and hands: worked figures, round trips over the whole range, limits, refusals. */
class HoldingTest {
    private static Length mm(double mm) {
        return Length.ofMm(mm);
    }

    private static Angle deg(double degrees) {
        return Angle.ofDegrees(degrees);
    }

    @Test
    void aWheelAboveItsMarkingIsRefused() {
        assertThat(WheelSpeed.metresPerSecond(mm(150), 2850)).isCloseTo(22.4, within(0.05));
        WheelSpeed.requireWithin(mm(150), 2850, 25);
        assertThatThrownBy(() -> WheelSpeed.requireWithin(mm(200), 2850, 25))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("25 m/s");
    }

    @Test
    void thePlatformIsTiltedForItsContact() {
        PlatformRest rest = new PlatformRest(mm(75), mm(15));
        assertThat(rest.tilt(deg(25)).degrees()).isCloseTo(53.46, within(5e-3));
        for (double h = -74; h <= 74; h += 2) {
            for (double b = 5; b <= 80; b += 2.5) {
                PlatformRest any = new PlatformRest(mm(75), mm(h));
                assertThat(any.bevel(any.tilt(deg(b))).degrees()).isCloseTo(b, within(1e-9));
            }
        }
        assertThatThrownBy(() -> new PlatformRest(mm(75), mm(75))).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> new PlatformRest(mm(75), mm(-80))).isInstanceOf(RefusedException.class);
    }

    @Test
    void theSupportBarStandsOffTheWheel() {
        SupportBar bar = new SupportBar(mm(112.5), mm(152), mm(-19), mm(7));
        assertThat(bar.gap(deg(27)).mm()).isCloseTo(99.22, within(5e-3));
        for (double radius = 60; radius <= 160; radius += 10) {
            for (double p = 90; p <= 250; p += 20) {
                for (double b = 10; b <= 60; b += 2.5) {
                    SupportBar any = new SupportBar(mm(radius), mm(p), mm(-19), mm(7));
                    assertThat(any.edge(any.gap(deg(b))).degrees()).isCloseTo(b, within(1e-9));
                }
            }
        }
    }

    @Test
    void aWornWheelWantsAnotherGapForTheSameAngle() {
        double before = Double.POSITIVE_INFINITY;
        for (double diameter = 250; diameter >= 180; diameter -= 10) {
            double gap = new SupportBar(mm(diameter / 2), mm(152), mm(-19), mm(7))
                    .gap(deg(27))
                    .mm();
            assertThat(gap).isNotEqualTo(before);
            before = gap;
        }
        SupportBar bar = new SupportBar(mm(112.5), mm(152), mm(-19), mm(7));
        assertThatThrownBy(() -> bar.edge(mm(900))).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> bar.edge(mm(0))).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> new SupportBar(mm(112.5), mm(4), mm(-19), mm(7)).gap(deg(20)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("too short");
    }

    @Test
    void theSpineStandsOverTheStone() {
        SpineHeight knife = new SpineHeight(mm(48), mm(2.2));
        assertThat(knife.height(deg(15)).mm()).isCloseTo(11.36, within(5e-3));
        assertThat(knife.edge(mm(8)).degrees()).isCloseTo(10.90, within(5e-3));
        assertThat(knife.wedge(deg(15), mm(0.35)).degrees()).isCloseTo(13.88, within(5e-3));
        assertThat(new SpineHeight(mm(48), mm(0.35)).wedge(deg(15), mm(0.35)).degrees())
                .isCloseTo(15, within(1e-9));
        for (double t = 1; t <= 45; t += 0.5) {
            assertThat(knife.edge(knife.height(deg(t))).degrees()).isCloseTo(t, within(1e-9));
        }
        assertThatThrownBy(() -> knife.edge(mm(60))).isInstanceOf(RefusedException.class);
    }

    @Test
    void aBladeWithoutASpineIsAPlainSine() {
        SpineHeight plain = new SpineHeight(mm(40), mm(0));
        for (double t = 1; t < 60; t += 3) {
            assertThat(plain.height(deg(t)).mm()).isCloseTo(40 * Math.sin(Math.toRadians(t)), within(1e-12));
        }
        assertThat(plain.stack(deg(30), mm(2))).isCloseTo(10, within(1e-9));
        assertThatThrownBy(() -> plain.stack(deg(30), mm(0))).isInstanceOf(RefusedException.class);
    }

    @Test
    void inkAndDishSayHowFarOffItIs() {
        assertThat(Dish.error(0.15, 200).degrees()).isCloseTo(0.17, within(5e-3));
        double before = 90;
        for (double w = 0.1; w < 3; w += 0.1) {
            double off = InkBand.off(0.001, mm(w)).degrees();
            assertThat(off).isLessThan(before);
            before = off;
        }
        // a wedge of that area over the band
        double off = InkBand.off(0.002, mm(0.5)).radians();
        assertThat(0.5 * 0.5 * 0.5 * Math.tan(off)).isCloseTo(0.002, within(1e-12));
        assertThatThrownBy(() -> InkBand.off(0.001, mm(0))).isInstanceOf(RefusedException.class);
    }
}
