package truekeen.core.setup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.quantity.Angle;
import truekeen.core.tool.Blades;
import truekeen.core.tool.EdgeLayout;
import truekeen.core.tool.GeometryKind;

class CurveLiftTest {
    private static EdgeLayout knife(double tipRise) {
        return Blades.blade(GeometryKind.KNIFE, "tipRise", tipRise).layout();
    }

    @Test
    void theHandRisesByItsReachTimesTheSlopeOfTheTipTimesTheLean() {
        EdgeLayout edge = knife(25);
        List<EdgeLayout.Rise> rise = edge.rise();
        double step = edge.totalMm() / 48;
        double slope = (rise.get(48).riseMm() - rise.get(47).riseMm()) / step;
        CurveLift lift = CurveLift.of(edge, Angle.ofDegrees(15)).orElseThrow();
        assertThat(lift.lift().mm())
                .isCloseTo((edge.totalMm() + 60) * slope * Math.sin(Math.toRadians(15)), within(1e-9));
        assertThat(lift.from().mm()).isEqualTo(edge.bellyFromMm());
        // a few centimetres: what a hand can see
        assertThat(lift.lift().mm()).isBetween(20.0, 60.0);
    }

    @Test
    void aSteeperTipAndASteeperLeanLiftItMore() {
        double usual = CurveLift.of(knife(20), Angle.ofDegrees(15))
                .orElseThrow()
                .lift()
                .mm();
        assertThat(CurveLift.of(knife(28), Angle.ofDegrees(15))
                        .orElseThrow()
                        .lift()
                        .mm())
                .isGreaterThan(usual);
        assertThat(CurveLift.of(knife(20), Angle.ofDegrees(20))
                        .orElseThrow()
                        .lift()
                        .mm())
                .isGreaterThan(usual);
    }

    @ParameterizedTest
    @EnumSource(
            value = GeometryKind.class,
            names = {"CHISEL", "SHEAR_BLADE", "CONVEX_BLADE", "MOWER_BAR", "DRAWKNIFE"})
    void whatHasNoBellyIsNotLifted(GeometryKind kind) {
        assertThat(CurveLift.of(Blades.blade(kind).layout(), Angle.ofDegrees(20)))
                .isEmpty();
        assertThat(CurveLift.of(knife(0), Angle.ofDegrees(20))).isEmpty();
    }
}
