package truekeen.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

class ValuesTest {

    @Test
    void degreesAndRadiansRoundTrip() {
        for (double d = -180; d <= 180; d += 7.3) {
            assertThat(Angle.ofDegrees(d).degrees()).isCloseTo(d, within(1e-12));
            assertThat(Angle.ofRadians(Math.toRadians(d))).isEqualTo(Angle.ofDegrees(d));
        }
    }

    @Test
    void anglesAddSubtractAndCompare() {
        Angle a = Angle.ofDegrees(25);
        Angle b = Angle.ofDegrees(5);
        assertThat(a.plus(b).degrees()).isCloseTo(30, within(1e-12));
        assertThat(a.minus(b).degrees()).isCloseTo(20, within(1e-12));
        assertThat(Angle.min(a, b)).isEqualTo(b);
        assertThat(a).isGreaterThan(b);
        assertThat(a.cot()).isCloseTo(1 / a.tan(), within(1e-12));
        assertThat(a.sin() * a.sin() + a.cos() * a.cos()).isCloseTo(1, within(1e-12));
        assertThat(Angle.ofDegrees(22.349)).hasToString("22.35°");
    }

    @Test
    void lengthsConvertByDefinition() {
        assertThat(Length.ofInches(1).mm()).isEqualTo(25.4);
        assertThat(Length.ofMicrometres(35).mm()).isCloseTo(0.035, within(1e-15));
        assertThat(Length.ofMm(0.5).micrometres()).isEqualTo(500);
        assertThat(Length.ofMm(2)).isGreaterThan(Length.ofMm(1)).hasToString("2\u202fmm");
    }

    @Test
    void lengthsAddScaleAndCompare() {
        Length a = Length.ofMm(24);
        Length b = Length.ofMm(3.2);
        assertThat(a.plus(b).mm()).isCloseTo(27.2, within(1e-12));
        assertThat(a.minus(b).mm()).isCloseTo(20.8, within(1e-12));
        assertThat(b.minus(a).mm()).isNegative();
        assertThat(a.times(2.5).mm()).isEqualTo(60);
        assertThat(a.dividedBy(4).mm()).isEqualTo(6);
        assertThat(a.over(b)).isCloseTo(7.5, within(1e-12));
        assertThat(Length.min(a, b)).isEqualTo(b);
        assertThat(Length.max(a, b)).isEqualTo(a);
        assertThat(a.minus(a)).isEqualTo(Length.ZERO);
        assertThatThrownBy(() -> a.dividedBy(0)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void anglesScaleAndComeFromSineAndTangent() {
        Angle a = Angle.ofDegrees(30);
        assertThat(a.times(1.5).degrees()).isCloseTo(45, within(1e-12));
        assertThat(a.dividedBy(2).degrees()).isCloseTo(15, within(1e-12));
        assertThat(Angle.max(a, Angle.ZERO)).isEqualTo(a);
        assertThat(Angle.max(Angle.ZERO, a)).isEqualTo(a);
        assertThat(Angle.asin(a.sin()).degrees()).isCloseTo(30, within(1e-9));
        assertThat(Angle.asin(1.2).degrees()).isCloseTo(90, within(1e-9));
        assertThat(Angle.asin(-7).degrees()).isCloseTo(-90, within(1e-9));
        assertThat(Angle.atan(a.tan()).degrees()).isCloseTo(30, within(1e-9));
    }

    @Test
    void whatIsNoNumberIsNoValue() {
        for (double bad : new double[] {Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY}) {
            assertThatThrownBy(() -> Length.ofMm(bad)).isInstanceOf(IllegalArgumentException.class);
            assertThatThrownBy(() -> Angle.ofRadians(bad)).isInstanceOf(IllegalArgumentException.class);
        }
    }

    @Test
    void whatIsPrintedIsReadBack() {
        Random random = new Random(3);
        for (int i = 0; i < 500; i++) {
            Length length = Length.ofMm(Math.rint(random.nextDouble() * 150_000) / 1000);
            assertThat(QuantityReader.length("l", length.toString()).mm()).isCloseTo(length.mm(), within(1e-9));
            Angle angle = Angle.ofDegrees(Math.rint(random.nextDouble() * 9000) / 100);
            assertThat(QuantityReader.angle("a", angle.toString()).degrees()).isCloseTo(angle.degrees(), within(1e-9));
        }
    }

    @Test
    void aNumberMayCarryItsUnit() {
        assertThat(QuantityReader.number("g", "118\u202fg", "g")).isEqualTo(118);
        assertThat(QuantityReader.number("g", "118", "g")).isEqualTo(118);
        assertThatThrownBy(() -> QuantityReader.number("g", "a lot", "g")).hasMessageContaining("number");
    }
}
