package truekeen.core.setup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.core.message.MessageCode;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

class HoningGuideTest {
    private static final HoningGuide GUIDE = guide(9.5, 14, 11.5);

    private static HoningGuide guide(double r, double d, double s) {
        return new HoningGuide(Length.ofMm(r), Length.ofMm(d), Length.ofMm(s));
    }

    @ParameterizedTest
    @CsvSource({"25, 41.00", "30, 31.75", "35, 25.06"})
    void projectionForAnAngle(double degrees, double mm) {
        assertThat(GUIDE.projection(Angle.ofDegrees(degrees)).mm()).isCloseTo(mm, within(0.005));
    }

    @Test
    void angleForAProjection() {
        assertThat(GUIDE.angle(Length.ofMm(38)).degrees()).isCloseTo(26.43, within(0.005));
    }

    @Test
    void roundTripOverTheWholeRange() {
        for (double r : new double[] {4, 9.5, 16}) {
            for (double d : new double[] {1, 8, 14, 25}) {
                for (double s : new double[] {-10, 0, 11.5}) {
                    for (double degrees = 5; degrees <= 85; degrees += 0.5) {
                        HoningGuide guide = guide(r, d, s);
                        Length projection = guide.projection(Angle.ofDegrees(degrees));
                        if (projection.mm() + s > 0 && Math.hypot(projection.mm() + s, d) > r) {
                            assertThat(guide.angle(projection).degrees())
                                    .as("r %s d %s s %s angle %s", r, d, s, degrees)
                                    .isCloseTo(degrees, within(1e-9));
                        }
                    }
                }
            }
        }
    }

    @Test
    void moreProjectionIsLowerAndTheSlopeIsAsStated() {
        assertThat(GUIDE.degreesPerMm(Angle.ofDegrees(30))).isCloseTo(-0.644, within(5e-4));
        double step = 1e-5;
        double p = GUIDE.projection(Angle.ofDegrees(30)).mm();
        double slope = (GUIDE.angle(Length.ofMm(p + step)).degrees() - 30) / step;
        assertThat(GUIDE.degreesPerMm(Angle.ofDegrees(30))).isCloseTo(slope, within(1e-4));
    }

    @Test
    void anEccentricRollerStepsUp() {
        Length p = GUIDE.projection(Angle.ofDegrees(25));
        assertThat(GUIDE.angle(p, Length.ofMm(1)).degrees()).isGreaterThan(25.5);
    }

    @Test
    void refusesWhatCannotBe() {
        assertThatThrownBy(() -> guide(16, 1, 0).angle(Length.ofMm(2)))
                .isInstanceOfSatisfying(
                        RefusedException.class,
                        r -> assertThat(r.refusals().get(0).code()).isEqualTo(MessageCode.GUIDE_NO_SOLUTION));
        assertThatThrownBy(() -> GUIDE.projection(Angle.ofDegrees(2))).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> guide(9.5, -3, 11)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> guide(0, 14, 11)).isInstanceOf(RefusedException.class);
    }

    @Test
    void aRollerUnderTheBladeMustClearIt() {
        GUIDE.requireClear(Length.ofMm(4.5));
        assertThatThrownBy(() -> GUIDE.requireClear(Length.ofMm(4.6)))
                .isInstanceOfSatisfying(
                        RefusedException.class,
                        r -> assertThat(r.refusals().get(0).code()).isEqualTo(MessageCode.GUIDE_FOULS));
    }
}
