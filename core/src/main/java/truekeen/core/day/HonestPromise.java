package truekeen.core.day;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * The day that something brought today can be promised for, from what the bench really got done on such days of the week.
 * Each coming day gets done what one of the past ones of its weekday did, drawn at random, five hundred times. Source:
 * derived here. Not robust: a bench that changed its hours is believed to keep the old ones for a season.
 *
 * @param likely ready by then in half of all cases
 * @param promise ready by then in four of five
 */
public record HonestPromise(LocalDate likely, LocalDate promise) {
    /** Days of work that must be known: three of each weekday. */
    public static final int LEAST_DAYS = 21;

    private static final int ROUNDS = 500;
    private static final int WEEK = 7;
    private static final int FURTHEST = 366;
    private static final double HALF = 0.5;
    private static final double FOUR_IN_FIVE = 0.8;

    /**
     * The day for something brought today; empty where too little is known, or it lies more than a year off.
     *
     * @param worked work that was got done on each of the past days (s as planned), the last of them yesterday
     * @param waiting work that is promised or begun already (s)
     * @param own work on the thing itself (s)
     */
    public static Optional<HonestPromise> of(List<Integer> worked, long waiting, long own, LocalDate today) {
        if (worked.size() < LEAST_DAYS) {
            return Optional.empty();
        }
        Random random = new Random(1);
        int[] days = new int[ROUNDS];
        for (int round = 0; round < ROUNDS; round++) {
            long left = waiting + own;
            int day = 0;
            while (left > 0 && day < FURTHEST) {
                day++;
                left -= worked.get(sameWeekday(worked.size(), day, random));
            }
            days[round] = day;
        }
        Arrays.sort(days);
        int likely = days[(int) (ROUNDS * HALF)];
        int promise = days[(int) (ROUNDS * FOUR_IN_FIVE)];
        return promise >= FURTHEST
                ? Optional.empty()
                : Optional.of(new HonestPromise(today.plusDays(likely), today.plusDays(promise)));
    }

    /** One of the past days of the weekday that lies so many days ahead; yesterday is one day back. */
    private static int sameWeekday(int known, int ahead, Random random) {
        int newest = (WEEK - ahead % WEEK) % WEEK;
        int back = newest == 0 ? WEEK : newest;
        int choices = (known - back) / WEEK + 1;
        return known - back - WEEK * random.nextInt(choices);
    }
}
