package truekeen.core.machine;

import java.time.LocalDate;
import java.time.Month;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import truekeen.core.message.Days;
import truekeen.core.message.Numbers;
import truekeen.core.quantity.Median;
import truekeen.core.table.Prior;
import truekeen.core.tool.GeometryKind;

/**
 * When a blade is due by the hours its machine ran. Hours count by the ground they were run over, as hours on clean ground;
 * the interval is the middle of those this blade's machine has shown, else a first estimate. Source: derived here; first
 * intervals and wear by ground are workshop priors.
 *
 * @param worn hours on clean ground since the blade was last sharpened
 * @param interval hours on clean ground that an edge lasts, an estimate
 * @param intervalLow least to be expected: the shortest of its own, or the first estimate by its spread
 * @param intervalHigh most to be expected
 * @param intervals of its own that rests on; 0 for the first estimate
 * @param perDay hours on clean ground for each day of the season; empty where too few are known
 * @param due the day it is due; empty where that cannot be told
 * @param words that in a sentence
 */
public record RunningHours(
        double worn,
        double interval,
        double intervalLow,
        double intervalHigh,
        int intervals,
        Optional<Double> perDay,
        Optional<LocalDate> due,
        String words) {
    private static final int LEAST_INTERVALS = Prior.OWN_INTERVALS_KNOWN_FROM.whole();
    private static final int LEAST_DAYS = Prior.RUNNING_HOURS_LEAST_DAYS.whole();
    /** Factor by which a first estimate of an interval may be off either way. Prior. */
    private static final double FIRST_SPREAD = Prior.RUNNING_HOURS_FIRST_SPREAD.value();

    private static final int FURTHEST_DAYS = 2 * 366;

    /**
     * Hours that were run.
     *
     * @param day the day they were put down for
     * @param hours how many, more than zero
     */
    public record Run(LocalDate day, double hours, Ground ground) {
        /** The same wear as hours on clean ground. */
        public double worn() {
            return hours * ground.wear();
        }
    }

    /**
     * The part of the year a machine is used.
     *
     * @param from first month
     * @param to last month, itself included; may lie before the first, over the turn of the year
     */
    public record Season(Month from, Month to) {
        /** All the year round. */
        public static final Season ALWAYS = new Season(Month.JANUARY, Month.DECEMBER);

        /** Whether a day lies in it. */
        public boolean holds(LocalDate day) {
            Month m = day.getMonth();
            return from.compareTo(to) <= 0
                    ? m.compareTo(from) >= 0 && m.compareTo(to) <= 0
                    : m.compareTo(from) >= 0 || m.compareTo(to) <= 0;
        }

        /** Days of it from one day up to but not including another. */
        public int daysBetween(LocalDate first, LocalDate end) {
            return (int) first.datesUntil(end).filter(this::holds).count();
        }
    }

    /** Hours on clean ground that a first edge lasts. Prior. */
    public static double firstInterval(GeometryKind kind) {
        return switch (kind) {
            case MOWER_BAR -> Prior.FIRST_HOURS_BAR.value();
            case TRIMMER -> Prior.FIRST_HOURS_TRIMMER.value();
            default -> Prior.FIRST_HOURS_DISC.value();
        };
    }

    /**
     * When it is due.
     *
     * @param runs of its machine while this blade was on it, in any order
     * @param sharpened days on which it was sharpened
     */
    public static RunningHours of(
            GeometryKind kind, LocalDate today, Season season, List<Run> runs, List<LocalDate> sharpened) {
        List<LocalDate> days = sharpened.stream().distinct().sorted().toList();
        List<Double> own = new ArrayList<>();
        for (int i = 1; i < days.size(); i++) {
            double worn = worn(runs, days.get(i - 1), days.get(i));
            if (worn > 0) {
                own.add(worn);
            }
        }
        LocalDate since = days.isEmpty() ? LocalDate.MIN : days.get(days.size() - 1);
        double worn = worn(runs, since, today.plusDays(1));
        boolean first = own.size() < LEAST_INTERVALS;
        double interval = first
                ? firstInterval(kind)
                : Median.of(own.stream().mapToDouble(h -> h).toArray());
        double low = first ? interval / FIRST_SPREAD : Collections.min(own);
        double high = first ? interval * FIRST_SPREAD : Collections.max(own);
        Optional<Double> perDay = perDay(runs, season, today);
        double left = interval - worn;
        Optional<LocalDate> due =
                left <= 0 ? Optional.of(today) : perDay.flatMap(rate -> ahead(today, season, left / rate));
        String basis =
                first ? MachineWords.FIRST_ESTIMATE.words() : MachineWords.FROM_ITS_OWN.fill("count", own.size());
        String words = MachineWords.WORN_SO_FAR.fill(
                "worn",
                hours(worn),
                "range",
                range(low, high),
                "basis",
                basis,
                "due",
                (left <= 0
                        ? MachineWords.IS_DUE.words()
                        : due.map(d -> season.holds(today)
                                        ? MachineWords.DUE_IN_SEASON.fill("day", Days.words(d))
                                        : MachineWords.DUE_OUT_OF_SEASON.fill("day", Days.words(d)))
                                .orElse(MachineWords.NO_DAY_YET.words())));
        return new RunningHours(worn, interval, low, high, first ? 0 : own.size(), perDay, due, words);
    }

    /** Wear from the day after one sharpening up to the next; what ran on the day itself came before it. */
    private static double worn(List<Run> runs, LocalDate after, LocalDate upTo) {
        return runs.stream()
                .filter(r -> r.day().isAfter(after) && !r.day().isAfter(upTo))
                .mapToDouble(Run::worn)
                .sum();
    }

    private static Optional<Double> perDay(List<Run> runs, Season season, LocalDate today) {
        Optional<LocalDate> first = runs.stream().map(Run::day).min(LocalDate::compareTo);
        if (first.isEmpty()) {
            return Optional.empty();
        }
        int days = season.daysBetween(first.get(), today.plusDays(1));
        double all = runs.stream().mapToDouble(Run::worn).sum();
        return days < LEAST_DAYS || all <= 0 ? Optional.empty() : Optional.of(all / days);
    }

    private static Optional<LocalDate> ahead(LocalDate today, Season season, double seasonDays) {
        double left = seasonDays;
        for (LocalDate day = today; ChronoUnit.DAYS.between(today, day) < FURTHEST_DAYS; day = day.plusDays(1)) {
            if (season.holds(day)) {
                left--;
            }
            if (left < 0) {
                return Optional.of(day);
            }
        }
        return Optional.empty();
    }

    private static String range(double low, double high) {
        return hours(low).equals(hours(high)) ? hours(low) : hours(low) + " to " + hours(high);
    }

    private static String hours(double h) {
        return Numbers.plain(h, 1) + " h";
    }
}
