package truekeen.core.blade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

class VirtualBladeTest {
    private static final Wedge CHISEL = new Wedge(0, 25, 3.2);
    private static final Wedge KNIFE = new Wedge(15, 15, 2);
    private static final Grain MIDDLE = new Grain(4.0e-6 / 1.8, 11.5, 1.4, false);
    private static final Grain FINE = new Grain(4.6e-7, 1.2, 0.15, false);

    private static VirtualBlade blade(Wedge wedge, double edge, double spacing, long seed) {
        return VirtualBlade.of(wedge, wedge, edge, spacing, 3, Gum.USUAL, seed);
    }

    private static Stroke upper(double angle, double force, double edge, double sigma) {
        return new Stroke(true, angle, force, 300, 0, edge, sigma);
    }

    @Test
    void everyStrokeTakesExactlyWhatWearForceAndWaySay() {
        Random random = new Random(3);
        VirtualBlade blade = blade(KNIFE, 60, 1, 9);
        for (int i = 0; i < 400; i++) {
            double before = blade.volume();
            Stroke stroke = new Stroke(
                    random.nextBoolean(),
                    12 + 12 * random.nextDouble(),
                    20 * random.nextDouble(),
                    300,
                    random.nextInt(20),
                    30 + random.nextInt(30),
                    3 * random.nextDouble());
            double took = blade.stroke(stroke, random.nextBoolean() ? MIDDLE : FINE);
            assertThat(before - blade.volume()).isCloseTo(took, within(1e-10));
        }
    }

    @Test
    void theWholeOfAStrokeIsItsWearTimesForceTimesWay() {
        VirtualBlade blade = blade(CHISEL, 24, 1, 1);
        assertThat(blade.stroke(upper(30, 20, 24, 0), MIDDLE)).isCloseTo(4.0e-6 / 1.8 * 20 * 300, within(1e-15));
    }

    @Test
    void aSteadyHandLeavesAFlatFacetAtTheSetAngle() {
        VirtualBlade blade = blade(CHISEL, 24, 1, 1);
        double took = 0;
        for (int i = 0; i < 12; i++) {
            took += blade.stroke(upper(30, 20, 24, 0), MIDDLE);
        }
        double[] o = blade.outline(7);
        int apex = 0;
        for (int i = 1; i < o.length / 2; i++) {
            apex = o[2 * i] < o[2 * apex] ? i : apex;
        }
        double slope = (o[2 * apex + 3] - o[2 * apex + 1]) / (o[2 * apex + 2] - o[2 * apex]);
        assertThat(Math.toDegrees(Math.atan(slope))).isCloseTo(30, within(1e-9));
        // The triangle between 25° and 30° that went from each mm: a = r²·tan 25·tan 30 / 2(tan 30 − tan 25).
        double t25 = Math.tan(Math.toRadians(25));
        double t30 = Math.tan(Math.toRadians(30));
        double back = Math.sqrt(2 * took / 24 * (t30 - t25) / (t25 * t30));
        assertThat(blade.recessionMm(7)).isCloseTo(back, within(1e-12));
    }

    @Test
    void aBladeTurnedOverAndWorkedOnTheOtherSideIsTheSameBlade() {
        VirtualBlade one = blade(KNIFE, 80, 1, 4);
        VirtualBlade other = blade(KNIFE, 80, 1, 4);
        // A land, as at a dull edge and in a chip, has two corners: neither side is favoured.
        one.damage(at -> at > 20 && at < 23 ? 0.15 : 0.02);
        other.damage(at -> at > 20 && at < 23 ? 0.15 : 0.02);
        for (int i = 0; i < 60; i++) {
            Stroke stroke = new Stroke(i % 3 == 0, 17, 10, 300, 0, 80, 2);
            one.stroke(stroke, i < 30 ? MIDDLE : FINE);
            other.stroke(stroke.mirrored(), i < 30 ? MIDDLE : FINE);
        }
        for (int i = 0; i < 80; i++) {
            assertThat(other.index(i)).isEqualTo(one.index(i));
            assertThat(other.burrUm(i)).isEqualTo(one.burrUm(i));
        }
    }

    @Test
    void aChipRaisesNoBurrBeforeItsBottomIsReached() {
        VirtualBlade blade = blade(CHISEL, 24, 1, 1);
        blade.damage(at -> at > 10 && at < 12 ? 0.2 : 0);
        boolean besideFirst = false;
        for (int i = 0; i < 2000 && !blade.reached(true, 11); i++) {
            blade.stroke(upper(25, 20, 24, 0), MIDDLE);
            besideFirst |= blade.reached(true, 3) && !blade.reached(true, 11);
            assertThat(blade.burrUm(11) > 0).isEqualTo(blade.reached(true, 11));
        }
        assertThat(besideFirst).as("the edge beside the chip is reached before").isTrue();
        // Once there is a burr in it, the chip is gone: it lies no farther back than its neighbours.
        assertThat(blade.reached(true, 11)).isTrue();
        assertThat(blade.recessionMm(11)).isCloseTo(blade.recessionMm(3), within(0.005));
    }

    @Test
    void theSameSeedGivesTheSameEdge() {
        assertThat(worked(2, 1, 17)).isEqualTo(worked(2, 1, 17));
        assertThat(worked(2, 1, 17)).isNotEqualTo(worked(2, 1, 18));
    }

    /** Mean index of a knife that a hand of that steadiness worked on a middle and a fine stone. */
    private static double worked(double sigma, double spacing, long seed) {
        VirtualBlade blade = VirtualBlade.of(KNIFE, new Wedge(17, 17, 2), 120, spacing, 3, Gum.USUAL, seed);
        for (int i = 0; i < 40; i++) {
            blade.stroke(new Stroke(i % 2 == 0, 17, 10, 300, 0, 120, sigma), i < 24 ? MIDDLE : FINE);
        }
        return blade.meanIndex();
    }

    @Test
    void anUnsteadierHandLeavesARounderApex() {
        double before = 0;
        for (double sigma : new double[] {0, 0.5, 1, 2, 4}) {
            double sum = 0;
            for (long seed = 0; seed < 8; seed++) {
                sum += rounded(sigma, seed);
            }
            assertThat(sum).as("at %s°", sigma).isGreaterThan(before);
            before = sum;
        }
    }

    /** Mean index where scratches are too fine to count, so that only the rounding does. */
    private static double rounded(double sigma, long seed) {
        VirtualBlade blade = VirtualBlade.of(KNIFE, new Wedge(17, 17, 2), 120, 1, 0.1, Gum.USUAL, seed);
        Grain smooth = new Grain(MIDDLE.wear(), MIDDLE.d50Um(), 0.1, false);
        for (int i = 0; i < 40; i++) {
            blade.stroke(new Stroke(i % 2 == 0, 17, 10, 300, 0, 120, sigma), smooth);
        }
        return blade.meanIndex();
    }

    @Test
    void twiceAsManyStationsSeeTheSameEdge() {
        for (double sigma : new double[] {0, 0.1, 1, 2}) {
            double one = 0;
            double two = 0;
            for (long seed = 0; seed < 5; seed++) {
                one += worked(sigma, 1, seed);
                two += worked(sigma, 0.5, seed);
            }
            assertThat(two / one).as("at %s°", sigma).isCloseTo(1, within(0.02));
        }
    }

    @Test
    void aFinerStoneTakesTheScratchesOutAsItTakesSteel() {
        VirtualBlade blade = blade(CHISEL, 24, 1, 1);
        for (int i = 0; i < 40; i++) {
            blade.stroke(upper(30, 20, 24, 0), MIDDLE);
        }
        double coarse = blade.meanIndex();
        double before = coarse;
        for (int i = 0; i < 30; i++) {
            blade.stroke(upper(30, 20, 24, 0), FINE);
            // The back is as it was: what it carries to the apex stays.
            assertThat(blade.meanIndex()).isLessThanOrEqualTo(before);
            before = blade.meanIndex();
        }
        for (int i = 0; i < 80; i++) {
            blade.stroke(new Stroke(false, 0, 20, 300, 0, 24, 0), FINE);
        }
        assertThat(blade.meanIndex()).isLessThan(coarse);
    }

    @Test
    void aChipIsALandUntilTheEdgeHasGoneBackPastIt() {
        VirtualBlade blade = blade(CHISEL, 24, 1, 1);
        blade.damage(x -> x > 10 && x < 13 ? 0.05 : 0);
        assertThat(blade.apexRadiusUm(11)).isGreaterThan(5);
        assertThat(blade.apexRadiusUm(3)).isLessThan(2);
        int strokes = 0;
        while (blade.apexRadiusUm(11) > 2 && strokes < 5000) {
            blade.stroke(upper(25, 20, 24, 0), MIDDLE);
            strokes++;
        }
        // A face at 25° that goes back 0.05 mm at the chip has lost no more elsewhere than the chip's own share.
        assertThat(strokes).isBetween(10, 4999);
        assertThat(blade.recessionMm(11)).isCloseTo(0.05, within(0.01));
    }

    @Test
    void aChipNarrowerThanAStationIsNotPassedOver() {
        VirtualBlade blade = blade(CHISEL, 24, 1, 1);
        blade.damage(x -> x > 10.1 && x < 10.4 ? 0.1 : 0);
        assertThat(blade.recessionMm(10)).isEqualTo(0.1);
        assertThat(blade.recessionMm(11)).isZero();
    }

    @Test
    void nothingIsTakenWhereNothingIsLeftToTake() {
        VirtualBlade blade = blade(new Wedge(10, 10, 0.5), 10, 1, 1);
        double took = blade.stroke(new Stroke(true, 20, 1e9, 300, 0, 10, 0), MIDDLE);
        assertThat(took).isZero();
        assertThatThrownBy(() -> new Stroke(true, 20, 10, 300, 5, 5, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Wedge(0, 95, 3)).isInstanceOf(IllegalArgumentException.class);
    }
}
