package truekeen.core.ticket;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ThingStateTest {
    private static final Instant BROUGHT = Instant.parse("2026-03-02T09:00:00Z");
    private static final Optional<Instant> NEVER = Optional.empty();

    private static ThingState of(Optional<Instant> done, boolean begun, boolean rejected) {
        return ThingState.of(BROUGHT, done, begun, rejected, Optional.empty());
    }

    @Test
    void aThingWaitsIsWorkedIsDone() {
        assertThat(of(NEVER, false, false)).isEqualTo(ThingState.WAITING);
        assertThat(of(NEVER, true, false)).isEqualTo(ThingState.IN_WORK);
        assertThat(of(Optional.of(BROUGHT.plusSeconds(1)), false, false)).isEqualTo(ThingState.TO_COLLECT);
    }

    @Test
    void whatWasDoneTheTimeBeforeDoesNotCount() {
        assertThat(of(Optional.of(BROUGHT.minus(Duration.ofDays(90))), false, false))
                .isEqualTo(ThingState.WAITING);
    }

    @Test
    void whatIsBegunAnewAfterItWasDoneIsNotReady() {
        assertThat(of(Optional.of(BROUGHT.plusSeconds(60)), true, false)).isEqualTo(ThingState.IN_WORK);
    }

    @Test
    void whatMayNotBeWorkedGoesOutAsItIs() {
        assertThat(of(NEVER, false, true)).isEqualTo(ThingState.REJECTED);
        assertThat(ThingState.REJECTED.goesOut()).isTrue();
        assertThat(ThingState.WAITING.goesOut()).isFalse();
    }

    @Test
    void whatLeftIsNotHere() {
        for (ThingState.Left left : ThingState.Left.values()) {
            ThingState state = ThingState.of(BROUGHT, NEVER, true, true, Optional.of(left));
            assertThat(state.here()).isFalse();
            assertThat(state).isEqualTo(left == ThingState.Left.DONE ? ThingState.HANDED_OVER : ThingState.TAKEN_BACK);
        }
    }
}
