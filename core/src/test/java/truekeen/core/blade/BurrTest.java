package truekeen.core.blade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/** The burr of a chisel 19 mm wide, by the figures of the brief. */
class BurrTest {
    private static final double WIDE_MM = 19;
    private static final double WAY_MM = 300;
    private static final double RESISTANCE = 1.8;
    private static final Grain THOUSAND = new Grain(0, 11.5, 1.4, false);
    private static final Grain EIGHT_THOUSAND = new Grain(0, 1.2, 0.15, false);
    private static final Grain LEATHER = new Grain(0, 0.5, 0.05, true);

    /**
     * Area that a stroke takes at the apex (µm²). The brief's figures follow from a wear that goes by the root of the grain's
     * size; its second edition has wear go by the power 0.7, by which less is taken by a fine stone.
     */
    private static double area(double d50, double force) {
        return 4.0e-6 * Math.sqrt(d50 / 11.5) / RESISTANCE * force * WAY_MM / WIDE_MM * 1e6;
    }

    private static Burr afterTheStones(double lightN) {
        Burr burr = new Burr();
        for (int i = 0; i < 20; i++) {
            burr.stroke(true, area(11.5, 20), THOUSAND, 20, Gum.USUAL);
        }
        assertThat(burr.lengthUm).isCloseTo(13.8, within(0.005));
        assertThat(burr.rootUm).isCloseTo(1.725, within(1e-12));
        assertThat(burr.upper).as("it hangs on the side that was not worked").isFalse();
        for (int i = 0; i < 6; i++) {
            burr.stroke(true, area(1.2, 10), EIGHT_THOUSAND, 10, Gum.USUAL);
        }
        assertThat(burr.rootUm).isCloseTo(1.06, within(0.005));
        boolean upper = false;
        for (int i = 0; i < 8; i++) {
            burr.stroke(upper, area(1.2, lightN), EIGHT_THOUSAND, lightN, Gum.USUAL);
            upper = !upper;
        }
        return burr;
    }

    @Test
    void lightAlternatingStrokesTearItOffAndAStropTakesTheRest() {
        Burr burr = afterTheStones(3);
        assertThat(burr.lengthUm).isCloseTo(1.28, within(0.02));
        assertThat(burr.rootUm).isCloseTo(0.32, within(0.005));
        boolean upper = false;
        for (int i = 0; i < 10; i++) {
            burr.stroke(upper, 0, LEATHER, 3, Gum.USUAL);
            upper = !upper;
        }
        assertThat(burr.lengthUm).isCloseTo(0.26, within(0.01));
    }

    @Test
    void atTenNewtonsItNeverTears() {
        assertThat(afterTheStones(10).lengthUm).isGreaterThan(13.79);
    }

    @Test
    void agummySteelDrawsMoreAndABrittleOneLess() {
        double before = 0;
        for (Gum gum : Gum.values()) {
            Burr burr = new Burr();
            burr.stroke(true, 40, THOUSAND, 20, gum);
            assertThat(burr.lengthUm).isGreaterThan(before);
            before = burr.lengthUm;
        }
        assertThat(Gum.of(62, false)).isEqualTo(Gum.BRITTLE);
        assertThat(Gum.of(58, false)).isEqualTo(Gum.USUAL);
        assertThat(Gum.of(56, true)).isEqualTo(Gum.GUMMY);
    }
}
