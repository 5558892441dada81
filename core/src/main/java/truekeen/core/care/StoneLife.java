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
 * @param strokesLeft likeliest, until its end
 * @param low fewest
 * @param high most
 * @param early first day by which it may be worn out
 * @param late last day
 * @param measured whether its own wear is known, and not only that of its kind
 */
public record StoneLife(
        double strokesLeft, double low, double high, LocalDate early, LocalDate late, boolean measured) {
    private static final long FURTHEST_DAYS = 36_500;

    /**
     * A thickness that was measured.
     *
     * @param on the day
     * @param mm thickness (mm)
     * @param strokes on it since the thickness before, all people together
     */
    public record Thickness(LocalDate on, double mm, double strokes) {}

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
     * @param thicknesses oldest first; none for what does not thin, or nobody measured
     * @param strokesSince on it since the newest thickness, or since it was new or renewed
     * @param perDay strokes of a day, more than 0
     * @return empty for kinds that do not wear out, and for a stone that nobody measured
     */
    public static Optional<StoneLife> of(
            AbrasiveKind kind, List<Thickness> thicknesses, double strokesSince, double perDay, LocalDate today) {
        if (!(perDay > 0)) {
            return Optional.empty();
        }
        return usual(kind)
                .flatMap(u -> u.umPer1000 > 0
                        ? byThickness(u, thicknesses, strokesSince, perDay, today)
                        : Optional.of(
                                left(u.strokes - strokesSince, Prior.STONE_LIFE_SPREAD.value(), perDay, today, false)));
    }

    private static Optional<StoneLife> byThickness(
            Usual u, List<Thickness> thicknesses, double strokesSince, double perDay, LocalDate today) {
        if (thicknesses.isEmpty()) {
            return Optional.empty();
        }
        Thickness first = thicknesses.get(0);
        Thickness last = thicknesses.get(thicknesses.size() - 1);
        double strokes =
                thicknesses.stream().skip(1).mapToDouble(Thickness::strokes).sum();
        double gone = first.mm - last.mm;
        boolean measured = strokes > 0 && gone >= Prior.STONE_LIFE_MEASURED_MM.value();
        double perStroke = measured ? gone / strokes : u.umPer1000 / 1e6;
        double spread = measured ? 1 + Prior.STONE_LIFE_MEASURED_MM.value() / gone : Prior.STONE_LIFE_SPREAD.value();
        return Optional.of(
                left(Math.max(0, last.mm - u.endMm) / perStroke - strokesSince, spread, perDay, today, measured));
    }

    private static StoneLife left(double strokes, double spread, double perDay, LocalDate today, boolean measured) {
        double likely = Math.max(0, strokes);
        return new StoneLife(
                likely,
                likely / spread,
                likely * spread,
                day(today, likely / spread / perDay),
                day(today, likely * spread / perDay),
                measured);
    }

    private static LocalDate day(LocalDate today, double days) {
        return today.plusDays(Math.min(FURTHEST_DAYS, Math.round(days)));
    }

    /** Whether it may end within the time in which one buys ahead. */
    public boolean soon(LocalDate today) {
        return ChronoUnit.DAYS.between(today, early) <= Prior.BUY_AHEAD_DAYS.value();
    }
}
