package truekeen.core.blade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.HollowGrind;

class HollowBladeTest {
    private static final double THICK = 4;
    private static final double WHEEL = 200;
    private static final double CHORD = 25;
    private static final Wedge FLAT = new Wedge(0, CHORD, THICK);
    private static final Wedge HOLLOW = FLAT.hollowGround(WHEEL);
    private static final HollowGrind GRIND =
            new HollowGrind(Length.ofMm(THICK), Length.ofMm(WHEEL), Angle.ofDegrees(CHORD));
    private static final Wedge BACKED = new Wedge(0, 20, 3).hollowBacked(new Wedge.HollowBack(0.3, 1, 40));

    private static EdgeChain chain(Wedge wedge) {
        return wedge.chain(1);
    }

    private static double height(EdgeChain chain, int corner, double degrees) {
        double a = Math.toRadians(degrees);
        return -Math.sin(a) * chain.x(corner) + Math.cos(a) * chain.y(corner);
    }

    @Test
    void aWheelLeavesTheDepthAndTheAngleAtTheEdgeThatItsSizeSays() {
        EdgeChain chain = chain(HOLLOW);
        double deepest = 0;
        int apex = chain.apex();
        for (int i = apex; i < chain.size() - 1; i++) {
            deepest = Math.max(deepest, -height(chain, i, CHORD));
        }
        assertThat(deepest).isCloseTo(GRIND.depth().mm(), within(1e-6));
        // The first side of the arc is a chord of it: steeper than the edge itself by half of what it turns.
        double step = GRIND.turn().degrees() / Reshaping.ARC;
        assertThat(Math.toDegrees(chain.slope(true))).isCloseTo(GRIND.edge().degrees() + step, within(0.01));
        assertThat(chain.hollow()).isTrue();
        assertThat(chain(FLAT).hollow()).isFalse();
    }

    @Test
    void honedAtItsChordItIsCutAtHeelAndEdgeUntilTheHollowIsGone() {
        EdgeChain chain = chain(HOLLOW);
        double a = Math.toRadians(CHORD);
        double before = chain.area();
        chain.cut(-Math.sin(a), Math.cos(a), 0.01, 1);
        assertThat(before - chain.area()).isCloseTo(0.01, within(1e-12));
        assertThat(chain.apexCut()).isTrue();
        int apex = chain.apex();
        double land = Math.hypot(chain.x(apex + 1) - chain.x(apex), chain.y(apex + 1) - chain.y(apex));
        assertThat(land).as("the land at the edge").isBetween(0.1, 1.5);
        assertThat(chain.hollow()).isTrue();
        while (chain.hollow()) {
            chain.cut(-Math.sin(a), Math.cos(a), 0.02, 1);
        }
        assertThat(chain.recession()).isCloseTo(GRIND.recessionUntilGone().mm(), within(0.01));
    }

    @Test
    void everyCutTakesExactlyWhatIsAskedAndNothingIsPutOn() {
        Random random = new Random(5);
        for (Wedge wedge : new Wedge[] {HOLLOW, BACKED}) {
            EdgeChain chain = chain(wedge);
            for (int i = 0; i < 500; i++) {
                boolean upper = random.nextInt(3) > 0;
                double a = Math.toRadians(upper ? 18 + 14 * random.nextDouble() : 4 * random.nextDouble() - 1);
                double area = 0.002 * random.nextDouble();
                double before = chain.area();
                double apex = chain.recession();
                chain.cut(-Math.sin(a), upper ? Math.cos(a) : -Math.cos(a), area, 1);
                assertThat(before - chain.area()).isCloseTo(chain.taken(), within(1e-9));
                assertThat(chain.recession()).isGreaterThanOrEqualTo(apex - 1e-12);
            }
        }
    }

    /** Where nothing is hollow both ways of finding the plane say the same. */
    @Test
    void cuttingInPiecesIsCuttingInOneWhereThereIsOne() {
        EdgeChain chain = chain(new Wedge(12, 12, 3));
        Random random = new Random(8);
        for (int i = 0; i < 300; i++) {
            boolean upper = random.nextBoolean();
            double a = Math.toRadians(11 + 8 * random.nextDouble());
            double nx = -Math.sin(a);
            double ny = upper ? Math.cos(a) : -Math.cos(a);
            double area = 1e-4 * (0.1 + random.nextDouble());
            PlaneLevel levels = levels(chain, nx, ny);
            double high = levels.highest();
            double at = levels.above(area);
            chain.cut(nx, ny, area, 1);
            assertThat(chain.depth()).isCloseTo(high - at, within(1e-10));
        }
    }

    private static PlaneLevel levels(EdgeChain chain, double nx, double ny) {
        double[] x = new double[chain.size()];
        double[] y = new double[chain.size()];
        for (int i = 0; i < x.length; i++) {
            x[i] = chain.x(i);
            y[i] = chain.y(i);
        }
        return new PlaneLevel(x, y, x.length, nx, ny);
    }

    @Test
    void moreThanThereIsOfItIsLeftAsItStands() {
        EdgeChain chain = chain(HOLLOW);
        double before = chain.area();
        chain.cut(-1, 0, 1e9, 1);
        assertThat(chain.taken()).isZero();
        assertThat(chain.area()).isEqualTo(before);
    }

    @Test
    void aHollowBackRestsOnItsRimsSoThatTheSameStrokeGoesDeeperThere() {
        EdgeChain backed = chain(BACKED);
        EdgeChain flat = chain(new Wedge(0, 20, 3));
        backed.cut(0, -1, 0.002, 1);
        flat.cut(0, -1, 0.002, 1);
        // Two rims of a millimetre against all of the back; the edge side of a rim leans away with the bevel.
        assertThat(backed.depth()).isCloseTo(0.001, within(2e-5));
        assertThat(backed.depth()).isGreaterThan(10 * flat.depth());
        assertThat(backed.apexCut()).isTrue();
    }

    @Test
    void aSecondaryOnAHollowIsAsWideAsWasAsked() {
        EdgeChain chain = chain(HOLLOW);
        new Reshaping(chain).facet(true, Math.toRadians(30), 0.8);
        int apex = chain.apex();
        assertThat(Math.hypot(chain.x(apex + 1) - chain.x(apex), chain.y(apex + 1) - chain.y(apex)))
                .isCloseTo(0.8, within(1e-6));
        assertThat(Math.toDegrees(chain.slope(true))).isCloseTo(30, within(1e-6));
        assertThat(chain.hollow()).isTrue();
    }

    @Test
    void groundBackPastAChipItIsHollowAgainFromTheNewEdge() {
        VirtualBlade blade = VirtualBlade.of(HOLLOW, HOLLOW, 20, 1, 1, Gum.USUAL, 3);
        blade.damage(at -> at > 8 && at < 10 ? 0.4 : 0.05);
        double before = blade.volume();
        blade.grind(true, CHORD, 0.45);
        assertThat(blade.volume()).isLessThan(before);
        double[] o = blade.outline(9);
        assertThat(blade.recessionMm(9)).isCloseTo(0.45, within(1e-9));
        double deepest = 0;
        double a = Math.toRadians(CHORD);
        for (int i = 0; i < o.length / 2 - 1; i++) {
            if (o[2 * i + 1] > 1e-9) {
                deepest = Math.max(deepest, Math.sin(a) * (o[2 * i] - 0.45) - Math.cos(a) * o[2 * i + 1]);
            }
        }
        assertThat(deepest).isCloseTo(GRIND.depth().mm(), within(0.01));
    }

    @Test
    void whatNoWheelGrindsAndNoRimLeavesRoomForIsRefused() {
        assertThatThrownBy(() -> FLAT.hollowGround(9)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Wedge.HollowBack(0.3, 1, 2)).isInstanceOf(IllegalArgumentException.class);
        Wedge.HollowBack back = new Wedge.HollowBack(0.3, 1, 40);
        assertThatThrownBy(() -> new Wedge(3, 20, 3).hollowBacked(back)).isInstanceOf(IllegalArgumentException.class);
    }
}
