package truekeen.core.setup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.setup.GuideCalibration.Pair;
import truekeen.core.setup.GuideCalibration.Readings;

class GuideCalibrationTest {
    private static final Length ROLLER = Length.ofMm(9.5);

    private static Pair pair(double mm, double degrees) {
        return new Pair(Length.ofMm(mm), Angle.ofDegrees(degrees));
    }

    @Test
    void theWorkedPairsComeOut() {
        GuideCalibration fit = GuideCalibration.fit(
                ROLLER, List.of(pair(47.3, 23.6), pair(34.2, 30.4), pair(27.1, 36.1)), Readings.USUAL);
        assertThat(fit.guide().axleBelowBack().mm()).isCloseTo(13.716, within(5e-4));
        assertThat(fit.guide().axleSetback().mm()).isCloseTo(7.871, within(5e-4));
        assertThat(fit.residuals())
                .extracting(r -> Math.round(r.degrees() * 100) / 100.0)
                .containsExactly(-0.02, 0.05, -0.04);
        assertThat(fit.condition()).isCloseTo(11, within(0.5));
        assertThat(fit.illConditioned()).isFalse();
    }

    @Test
    void exactPairsGiveTheGuideBack() {
        Random random = new Random(3);
        for (int i = 0; i < 200; i++) {
            HoningGuide known = new HoningGuide(
                    ROLLER, Length.ofMm(12 + random.nextDouble() * 14), Length.ofMm(random.nextDouble() * 24 - 8));
            List<Pair> pairs = new ArrayList<>();
            for (double degrees : new double[] {20, 27, 35}) {
                Angle angle = Angle.ofDegrees(degrees);
                pairs.add(new Pair(known.projection(angle), angle));
            }
            GuideCalibration fit = GuideCalibration.fit(ROLLER, pairs, Readings.USUAL);
            assertThat(fit.guide().axleBelowBack().mm())
                    .isCloseTo(known.axleBelowBack().mm(), within(1e-9));
            assertThat(fit.guide().axleSetback().mm())
                    .isCloseTo(known.axleSetback().mm(), within(1e-9));
            fit.residuals().forEach(r -> assertThat(r.degrees()).isCloseTo(0, within(1e-9)));
        }
    }

    @Test
    void theErrorThatIsReportedIsTheErrorThatIsMade() {
        HoningGuide known = new HoningGuide(ROLLER, Length.ofMm(14), Length.ofMm(11.5));
        Random random = new Random(8);
        Length at = known.projection(Angle.ofDegrees(28));
        double squares = 0;
        double reported = 0;
        int n = 1500;
        for (int i = 0; i < n; i++) {
            List<Pair> pairs = new ArrayList<>();
            for (double degrees : new double[] {22, 26, 30, 34}) {
                double mm = known.projection(Angle.ofDegrees(degrees)).mm() + 0.2 * random.nextGaussian();
                pairs.add(pair(mm, degrees + 0.2 * random.nextGaussian()));
            }
            GuideCalibration fit = GuideCalibration.fit(ROLLER, pairs, Readings.USUAL);
            squares += Math.pow(fit.guide().angle(at).degrees() - 28, 2);
            reported += fit.error(at).degrees();
        }
        double made = Math.sqrt(squares / n);
        assertThat(reported / n).isCloseTo(made, within(0.15 * made));
        assertThat(made).isLessThan(0.2);
    }

    @Test
    void pairsThatSayTooLittleWarnAndPairsAlikeAreRefused() {
        assertThat(GuideCalibration.fit(ROLLER, List.of(pair(34.2, 30.4), pair(31.0, 33)), Readings.USUAL)
                        .illConditioned())
                .isTrue();
        assertThatThrownBy(() -> GuideCalibration.fit(ROLLER, List.of(pair(34, 30)), Readings.USUAL))
                .isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> GuideCalibration.fit(ROLLER, List.of(pair(34, 30), pair(34.2, 30)), Readings.USUAL))
                .isInstanceOf(RefusedException.class);
    }

    @Test
    void onePairFixesTheSetback() {
        HoningGuide guide = GuideCalibration.fixed(ROLLER, Length.ofMm(14), pair(31.75, 30));
        assertThat(guide.axleSetback().mm()).isCloseTo(11.5, within(0.01));
        assertThat(guide.angle(Length.ofMm(31.75)).degrees()).isCloseTo(30, within(1e-9));
    }
}
