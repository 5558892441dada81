package truekeen.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class AtATimeTest {
    @Test
    void eachHasRoomForSoManyAndNobodyTakesAnothers() {
        AtATime requests = new AtATime(3);
        assertThat(IntStream.range(0, 5).mapToObj(i -> requests.enter("a")))
                .containsExactly(true, true, true, false, false);
        assertThat(requests.enter("b")).isTrue();
        requests.leave("a");
        assertThat(requests.enter("a")).isTrue();
        assertThat(requests.enter("a")).isFalse();
    }

    @Test
    void whoHasNothingUnderWayIsForgotten() {
        AtATime requests = new AtATime(3);
        for (int i = 0; i < 1000; i++) {
            assertThat(requests.enter("device " + i)).isTrue();
        }
        IntStream.range(0, 1000).parallel().forEach(i -> requests.leave("device " + i));
        requests.leave("nobody");
        assertThat(requests.known()).isZero();
    }
}
