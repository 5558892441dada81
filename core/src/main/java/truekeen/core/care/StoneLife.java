package truekeen.core.care;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.table.Prior;
import truekeen.core.table.TableReader;

/**
 * When a stone, a plate or a sheet wears out: what it has left, by its thickness or by its strokes, against the strokes
 * of a day. Two thicknesses with strokes between them say how fast this one wears; until then it is what is usual of its
 * kind, and as uncertain as that. Source: {@code tables/stone_life.csv}, workshop priors; the rest derived here.
 *
 * <p>Not robust: lapping on a coarse plate takes more than the strokes do; a stone that is measured at its middle alone
 * is thinner than it says.
 *
 * @param low fewest strokes until its end; 0 where it may be there
 * @param likely strokes until its end
 * @param high most strokes
 * @param early first day by which it may be worn out; empty where that is too far off to name a day
 * @param late last day; empty likewise
 * @param measured whether its own wear is known, and not only that of its kind
 */
public record StoneLife(
        double low, double likely, double high, Optional<LocalDate> early, Optional<LocalDate> late, boolean measured) {
    /** A piece in use for less than this is reckoned as if it were this long (days): one busy day is no habit. */
    private static final int LEAST_DAYS = 14;

    /** Strokes on a piece on one day, all people together. */
    public record DayOfUse(LocalDate on, int strokes) {}

    /** A thickness that was measured on a day (mm). */
    public record Thickness(LocalDate on, double mm) {}

    /**
     * What is known of a piece.
     *
     * @param used days on which it was used, in their order
     * @param thicknesses measured, in their order; none for what does not thin
     * @param sinceNew strokes since it was new or renewed, for what does not thin
     */
    public record Known(List<DayOfUse> used, List<Thickness> thicknesses, double sinceNew) {
        /** Keeps the lists from changing. */
        public Known {
            used = List.copyOf(used);
            thicknesses = List.copyOf(thicknesses);
        }

        /** Strokes from one day until before another. */
        private double between(LocalDate from, LocalDate until) {
            return used.stream()
                    .filter(d -> !d.on.isBefore(from) && d.on.isBefore(until))
                    .mapToInt(DayOfUse::strokes)
                    .sum();
        }

        /** Strokes of a day, over the last months. */
        private double perDay(LocalDate today) {
            if (used.isEmpty()) {
                return 0;
            }
            int looked = Prior.STONE_USE_DAYS.whole();
            long days = ChronoUnit.DAYS.between(used.get(0).on, today) + 1;
            return between(today.minusDays(looked - 1), today.plusDays(1))
                    / Math.max(LEAST_DAYS, Math.min(looked, days));
        }
    }

    /**
     * What a kind lasts, by its row of the table.
     *
     * @param umPer1000 thickness that a thousand strokes take, flattening included (µm); 0 for what does not thin
     * @param endMm thickness at its end (mm)
     * @param strokes strokes from new to its end, for what does not thin
     */
    record Usual(double umPer1000, double endMm, double strokes) {}

    private static final Map<String, Usual> TABLE = TableReader.rows("stone_life").stream()
            .collect(Collectors.toMap(
                    r -> r.text("code"),
                    r -> new Usual(r.number("um_per_1000_strokes"), r.number("end_mm"), r.number("life_strokes"))));

    static Optional<Usual> usual(AbrasiveKind kind) {
        return Optional.ofNullable(TABLE.get(kind.name()));
    }

    /** Whether a kind wears by its thickness, so that measuring it says something. */
    public static boolean thins(AbrasiveKind kind) {
        return usual(kind).map(u -> u.umPer1000 > 0).orElse(false);
    }

    /**
     * When a piece wears out.
     *
     * @return empty for kinds that do not wear out, for a stone that nobody measured, and for what was never used
     */
    public static Optional<StoneLife> of(AbrasiveKind kind, Known known, LocalDate today) {
        double perDay = known.perDay(today);
        return known.used.isEmpty()
                ? Optional.empty()
                : usual(kind)
                        .flatMap(u -> u.umPer1000 > 0
                                ? byThickness(u, known, perDay, today)
                                : Optional.of(left(
                                        u.strokes - known.sinceNew,
                                        Prior.STONE_LIFE_SPREAD.value(),
                                        perDay,
                                        today,
                                        false)));
    }

    private static Optional<StoneLife> byThickness(Usual u, Known known, double perDay, LocalDate today) {
        if (known.thicknesses.isEmpty()) {
            return Optional.empty();
        }
        Thickness first = known.thicknesses.get(0);
        Thickness last = known.thicknesses.get(known.thicknesses.size() - 1);
        double strokes = known.between(first.on, last.on);
        double gone = first.mm - last.mm;
        boolean measured = strokes > 0 && gone >= Prior.STONE_LIFE_MEASURED_MM.value();
        double perStroke = measured ? gone / strokes : u.umPer1000 / 1e6;
        double spread = measured ? 1 + Prior.STONE_LIFE_MEASURED_MM.value() / gone : Prior.STONE_LIFE_SPREAD.value();
        double since = known.between(last.on, today.plusDays(1));
        return Optional.of(left(Math.max(0, last.mm - u.endMm) / perStroke - since, spread, perDay, today, measured));
    }

    private static StoneLife left(double strokes, double spread, double perDay, LocalDate today, boolean measured) {
        double likely = Math.max(0, strokes);
        return new StoneLife(
                likely / spread,
                likely,
                likely * spread,
                day(today, likely / spread, perDay),
                day(today, likely * spread, perDay),
                measured);
    }

    private static Optional<LocalDate> day(LocalDate today, double strokes, double perDay) {
        double days = strokes == 0 ? 0 : strokes / perDay;
        return days <= Prior.STONE_LIFE_LOOK_AHEAD_DAYS.value()
                ? Optional.of(today.plusDays(Math.round(days)))
                : Optional.empty();
    }

    /** Whether nothing is left of it. */
    public boolean gone() {
        return high == 0;
    }

    /** Whether it may end within the time in which one buys ahead. */
    public boolean soon(LocalDate today) {
        return early.filter(d -> ChronoUnit.DAYS.between(today, d) <= Prior.BUY_AHEAD_DAYS.value())
                .isPresent();
    }
}
