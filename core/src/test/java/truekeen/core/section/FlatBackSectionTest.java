package truekeen.core.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import truekeen.core.message.MessageCode;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

class FlatBackSectionTest {
    private static final Length T = Length.ofMm(3.2);
    private static final Angle A25 = Angle.ofDegrees(25);
    private static final Angle A30 = Angle.ofDegrees(30);

    @Test
    void squaringVolume() {
        assertThat(FlatBackSection.squaringVolume(Length.ofMm(38), Angle.ofDegrees(1.5), T))
                .isCloseTo(60.5, within(0.05));
    }

    @Test
    void angleFromAMeasuredBevelAndItsSensitivity() {
        Length bevel = Length.ofMm(3.2 / A25.sin());
        assertThat(FlatBackSection.fromBevelLength(T, bevel).degrees()).isCloseTo(25, within(1e-9));
        double step = 1e-6;
        double slope = (FlatBackSection.fromBevelLength(T, Length.ofMm(bevel.mm() + step))
                                .radians()
                        - FlatBackSection.fromBevelLength(T, bevel).radians())
                / step;
        assertThat(FlatBackSection.bevelLengthSensitivity(T, bevel)).isCloseTo(slope, within(1e-6));
        assertThatThrownBy(() -> FlatBackSection.fromBevelLength(T, T)).isInstanceOf(RefusedException.class);
    }

    @Test
    void microBevelInClosedForm() {
        assertThat(MicroBevel.recession(Length.ofMm(0.60), A25, A30).mm()).isCloseTo(0.1237, within(5e-5));
        assertThat(MicroBevel.area(Length.ofMm(0.60), A25, A30)).isCloseTo(0.01856, within(5e-6));
        assertThat(MicroBevel.width(MicroBevel.recession(Length.ofMm(0.60), A25, A30), A25, A30, T)
                        .mm())
                .isCloseTo(0.60, within(1e-12));
        assertThat(MicroBevel.area(Length.ofMm(0.7), A25, Angle.ofDegrees(32)) * 24)
                .isCloseTo(0.8985, within(5e-5));
    }

    @Test
    void refusesASecondaryThatIsNoSteeperOrPassesTheHeel() {
        assertThatThrownBy(() -> MicroBevel.recession(Length.ofMm(0.6), A30, A30))
                .isInstanceOfSatisfying(
                        RefusedException.class,
                        r -> assertThat(r.refusals().get(0).code()).isEqualTo(MessageCode.BEVEL_ORDER));
        double most = 3.2 * (A25.cot() - A30.cot());
        assertThat(MicroBevel.width(Length.ofMm(most - 1e-9), A25, A30, T).mm())
                .isCloseTo(3.2 / A30.sin(), within(1e-6));
        assertThatThrownBy(() -> MicroBevel.width(Length.ofMm(most + 1e-6), A25, A30, T))
                .isInstanceOfSatisfying(
                        RefusedException.class,
                        r -> assertThat(r.refusals().get(0).code()).isEqualTo(MessageCode.MICRO_BEVEL_PAST_HEEL));
    }

    @Test
    void aSkewedEdgeLooksShallowerAlongTheAxis() {
        Angle along = FlatBackSection.alongAxis(A25, Angle.ofDegrees(20));
        assertThat(along.tan()).isCloseTo(A25.tan() * Math.cos(Math.toRadians(20)), within(1e-12));
        assertThat(FlatBackSection.alongAxis(A25, Angle.ZERO).degrees()).isCloseTo(25, within(1e-12));
    }
}
