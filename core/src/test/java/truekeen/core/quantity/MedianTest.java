package truekeen.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class MedianTest {
    @Test
    void halfLieOnEitherSide() {
        assertThat(Median.of(7)).isEqualTo(7);
        assertThat(Median.of(9, 1, 4)).isEqualTo(4);
        assertThat(Median.of(9, 1, 4, 5)).isEqualTo(4.5);
    }

    @Test
    void whatIsGivenStaysInItsOrder() {
        double[] given = {3, 1, 2};
        assertThat(Median.of(given)).isEqualTo(2);
        assertThat(given).containsExactly(3, 1, 2);
        assertThatThrownBy(Median::of).isInstanceOf(IllegalArgumentException.class);
    }
}
