package truekeen.app.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;

class TriesTest {
    private static final Instant THEN = Instant.parse("2026-05-14T09:30:00Z");

    @Test
    void fiveWrongOnesAreFreeThenEachCostsTwiceTheWaitOfTheOneBefore() {
        Tries tries = new Tries();
        Instant now = THEN;
        for (int i = 0; i < Tries.FREE; i++) {
            assertThat(tries.wait("a", now)).isZero();
            tries.wrong("a", now);
        }
        long[] minutes = {1, 2, 4, 8, 16, 32, 60, 60, 60};
        for (long wait : minutes) {
            assertThat(tries.wait("a", now)).isEqualTo(Duration.ofMinutes(wait));
            assertThat(tries.wait("b", now)).as("another device").isZero();
            now = now.plus(Duration.ofMinutes(wait));
            assertThat(tries.wait("a", now)).isZero();
            tries.wrong("a", now);
        }
    }

    @Test
    void aRightOneForgivesThem() {
        Tries tries = new Tries();
        for (int i = 0; i < 9; i++) {
            tries.wrong("a", THEN);
        }
        tries.right("a");
        assertThat(tries.wait("a", THEN)).isZero();
    }

    @Test
    void whoeverHasManyAddressesFillsNoMemory() {
        Tries tries = new Tries();
        for (int i = 0; i < 30_000; i++) {
            tries.wrong("address " + i, THEN);
        }
        tries.wrong("a", THEN.plus(Duration.ofDays(2)));
        assertThat(tries.known()).isEqualTo(1);
    }
}
