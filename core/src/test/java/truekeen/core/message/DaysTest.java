package truekeen.core.message;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;

class DaysTest {
    @Test
    void aDayIsSaidWithItsMonth() {
        assertThat(Days.words(LocalDate.of(2026, 6, 2))).isEqualTo("2 June 2026");
        assertThat(Days.words(LocalDate.of(2027, 12, 31))).isEqualTo("31 December 2027");
    }
}
