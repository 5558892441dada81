package truekeen.core.day;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class HonestPromiseTest {
    /** A Thursday. */
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);

    /** An hour of work each day but Sundays, so many days back. */
    private static List<Integer> sixDaysAWeek(int days) {
        List<Integer> worked = new ArrayList<>();
        for (int back = days; back > 0; back--) {
            worked.add(TODAY.minusDays(back).getDayOfWeek() == DayOfWeek.SUNDAY ? 0 : 3600);
        }
        return worked;
    }

    @Test
    void aSteadyBenchKeepsItsPaceAndRestsOnSundays() {
        // Friday and Saturday do two hours; the third is done on Monday.
        assertThat(HonestPromise.of(sixDaysAWeek(84), 2 * 3600, 600, TODAY))
                .contains(new HonestPromise(TODAY.plusDays(4), TODAY.plusDays(4)));
        assertThat(HonestPromise.of(sixDaysAWeek(84), 0, 600, TODAY))
                .contains(new HonestPromise(TODAY.plusDays(1), TODAY.plusDays(1)));
        // As long as three weeks are known it does not matter how many.
        assertThat(HonestPromise.of(sixDaysAWeek(22), 2 * 3600, 600, TODAY))
                .contains(new HonestPromise(TODAY.plusDays(4), TODAY.plusDays(4)));
    }

    @Test
    void anUnsteadyBenchPromisesLaterThanItLikelyIs() {
        Random random = new Random(4);
        List<Integer> worked = new ArrayList<>();
        for (int i = 0; i < 84; i++) {
            worked.add(random.nextInt(3) == 0 ? 3600 : 0);
        }
        HonestPromise promise = HonestPromise.of(worked, 4 * 3600, 600, TODAY).orElseThrow();
        assertThat(promise.promise()).isAfter(promise.likely());
    }

    @Test
    void whatIsNotKnownIsNotPromised() {
        assertThat(HonestPromise.of(sixDaysAWeek(20), 0, 600, TODAY)).isEmpty();
        List<Integer> idle = new ArrayList<>();
        for (int i = 0; i < 84; i++) {
            idle.add(0);
        }
        assertThat(HonestPromise.of(idle, 0, 600, TODAY)).isEmpty();
    }
}
