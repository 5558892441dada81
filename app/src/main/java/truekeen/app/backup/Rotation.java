package truekeen.app.backup;

import java.time.ZoneOffset;
import java.time.temporal.ChronoField;
import java.time.temporal.IsoFields;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.ToLongFunction;
import java.util.stream.Stream;

/** Which backups are kept: the newest of each of seven days, of each of eight weeks, and five from before migrations. */
final class Rotation {
    private static final int DAYS = 7;
    private static final int WEEKS = 8;
    private static final int MIGRATIONS = 5;
    private static final int MOST_WEEKS_A_YEAR = 100;

    private Rotation() {}

    /** Those that need not be kept any more. */
    static List<KeptBackup> surplus(Collection<KeptBackup> all) {
        List<KeptBackup> newestFirst = all.stream()
                .sorted(Comparator.comparing(KeptBackup::at).reversed())
                .toList();
        Set<KeptBackup> kept = new HashSet<>();
        newestFirst.stream()
                .filter(b -> b.why() == KeptBackup.Why.MIGRATION)
                .limit(MIGRATIONS)
                .forEach(kept::add);
        List<KeptBackup> usual = newestFirst.stream()
                .filter(b -> b.why() != KeptBackup.Why.MIGRATION)
                .toList();
        newest(usual, Rotation::day, DAYS).forEach(kept::add);
        newest(usual, Rotation::week, WEEKS).forEach(kept::add);
        return newestFirst.stream().filter(b -> !kept.contains(b)).toList();
    }

    /** The newest of each of the newest so many spans. */
    private static Stream<KeptBackup> newest(List<KeptBackup> newestFirst, ToLongFunction<KeptBackup> span, int most) {
        Set<Long> seen = new HashSet<>();
        return newestFirst.stream().filter(b -> seen.size() < most && seen.add(span.applyAsLong(b)));
    }

    private static long day(KeptBackup b) {
        return b.at().atZone(ZoneOffset.UTC).getLong(ChronoField.EPOCH_DAY);
    }

    private static long week(KeptBackup b) {
        var at = b.at().atZone(ZoneOffset.UTC);
        return (long) at.get(IsoFields.WEEK_BASED_YEAR) * MOST_WEEKS_A_YEAR + at.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR);
    }
}
