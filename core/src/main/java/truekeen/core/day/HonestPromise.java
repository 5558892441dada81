package truekeen.core.day;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import truekeen.core.table.Prior;

/**
 * The day that something brought today can be promised for: what is promised or begun comes first, then the thing itself, at
 * the time the bench has on each day of the week, of which not all goes into sharpening. What was got done in the past says
 * nothing of that: a bench with little to do gets little done. Source: derived here, the shares are workshop priors. Not
 * robust: what is brought later and promised sooner pushes it back.
 *
 * @param likely ready by then where most of the time goes into sharpening
 * @param promise ready by then where half of it goes elsewhere
 */
public record HonestPromise(LocalDate likely, LocalDate promise) {
    private static final int FURTHEST = 366;

    /**
     * The day for something brought today, which is begun tomorrow at the earliest; empty where it lies more than a year off.
     *
     * @param bench time at the bench on each day of the week (s); a day that is not named has none
     * @param waiting work that is promised or begun already (s)
     * @param own work on the thing itself (s)
     */
    public static Optional<HonestPromise> of(Map<DayOfWeek, Integer> bench, long waiting, long own, LocalDate today) {
        Optional<LocalDate> likely = done(bench, waiting + own, Prior.BENCH_TIME_LIKELY.value(), today);
        Optional<LocalDate> promise = done(bench, waiting + own, Prior.BENCH_TIME_LEAST.value(), today);
        return likely.flatMap(l -> promise.map(p -> new HonestPromise(l, p)));
    }

    private static Optional<LocalDate> done(Map<DayOfWeek, Integer> bench, long work, double share, LocalDate today) {
        double left = work;
        for (int ahead = 1; ahead < FURTHEST; ahead++) {
            LocalDate day = today.plusDays(ahead);
            double time = share * bench.getOrDefault(day.getDayOfWeek(), 0);
            left -= time;
            if (left <= 0 && time > 0) {
                return Optional.of(day);
            }
        }
        return Optional.empty();
    }
}
