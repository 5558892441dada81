package truekeen.core.day;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Map;
import org.junit.jupiter.api.Test;

class HonestPromiseTest {
    /** A Thursday. */
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);

    private static final int HOUR = 3600;

    /** An hour each day but Sundays. */
    private static Map<DayOfWeek, Integer> sixDaysAWeek() {
        Map<DayOfWeek, Integer> bench = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            bench.put(day, day == DayOfWeek.SUNDAY ? 0 : HOUR);
        }
        return bench;
    }

    @Test
    void whatWaitsComesFirstAndSundaysAreFree() {
        // 80 min of work: 48 of each hour likely go into it, 30 at the least. Friday, Saturday; Monday for the third
        // half.
        assertThat(HonestPromise.of(sixDaysAWeek(), HOUR, HOUR / 3, TODAY))
                .contains(new HonestPromise(TODAY.plusDays(2), TODAY.plusDays(4)));
        assertThat(HonestPromise.of(sixDaysAWeek(), 0, 600, TODAY))
                .contains(new HonestPromise(TODAY.plusDays(1), TODAY.plusDays(1)));
        // On a Saturday it is Monday.
        LocalDate saturday = TODAY.plusDays(2);
        assertThat(HonestPromise.of(sixDaysAWeek(), 0, 0, saturday))
                .contains(new HonestPromise(saturday.plusDays(2), saturday.plusDays(2)));
    }

    @Test
    void moreWorkIsNeverReadySoonerAndNeverLaterThanPromised() {
        HonestPromise before = HonestPromise.of(sixDaysAWeek(), 0, 600, TODAY).orElseThrow();
        for (int hours = 1; hours < 100; hours++) {
            HonestPromise now = HonestPromise.of(sixDaysAWeek(), (long) hours * HOUR, 600, TODAY)
                    .orElseThrow();
            assertThat(now.promise()).isAfterOrEqualTo(now.likely()).isAfterOrEqualTo(before.promise());
            before = now;
        }
    }

    @Test
    void aBenchWithoutTimeIsNotPromisedFor() {
        assertThat(HonestPromise.of(Map.of(), 0, 600, TODAY)).isEmpty();
        assertThat(HonestPromise.of(Map.of(DayOfWeek.MONDAY, 60), 0, 24 * HOUR, TODAY))
                .isEmpty();
    }
}
