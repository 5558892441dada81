package truekeen.core.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Length;

class RotaryBladeTest {
    @Test
    void grindingOffTheLengthTakesTheMass() {
        double mass = RotaryBlade.correction(RotaryBlade.unbalance(5, Length.ofMm(250)), Length.ofMm(235));
        Length off = RotaryBlade.grindOff(mass, Length.ofMm(55), Length.ofMm(4));
        assertThat(off.mm() * 55 * 4 * RotaryBlade.STEEL_G_PER_MM3).isCloseTo(mass, within(1e-12));
    }

    @Test
    void theForceGrowsWithTheSquareOfTheSpeed() {
        double one = RotaryBlade.shakingForce(100, 1500);
        assertThat(RotaryBlade.shakingForce(100, 3000)).isCloseTo(4 * one, within(1e-9));
        assertThat(RotaryBlade.permissible(16, 0.7, 1500))
                .isCloseTo(2 * RotaryBlade.permissible(16, 0.7, 3000), within(1e-9));
    }

    @Test
    void nothingIsDividedByNothing() {
        assertThatThrownBy(() -> RotaryBlade.correction(10, Length.ofMm(0))).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> RotaryBlade.grindOff(5, Length.ofMm(0), Length.ofMm(4)))
                .isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> RotaryBlade.grindOff(5, Length.ofMm(55), Length.ofMm(0)))
                .isInstanceOf(RefusedException.class);
        assertThat(RotaryBlade.unbalance(0, Length.ofMm(250))).isZero();
        assertThatThrownBy(() -> RotaryBlade.permissible(16, 1, 0)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> RotaryBlade.unbalance(-1, Length.ofMm(9))).isInstanceOf(RefusedException.class);
    }
}
