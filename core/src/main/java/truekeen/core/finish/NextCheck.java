package truekeen.core.finish;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import truekeen.core.keenness.KeennessPurpose;
import truekeen.core.quantity.Median;
import truekeen.core.table.Prior;
import truekeen.core.tool.ToolUse;

/**
 * The day a tool is looked at again.
 *
 * @param day the day proposed
 * @param days days from now
 * @param intervals intervals of its own log that it rests on; 0 for the first estimate
 * @param words that in a sentence
 */
public record NextCheck(LocalDate day, int days, int intervals, String words) {
    private static final int LEAST_INTERVALS = Prior.OWN_INTERVALS_KNOWN_FROM.whole();

    /**
     * The same for a tool at its work; one that is not judged by keenness is looked at as often as one for general woodwork.
     *
     * @param brittle whether its tip is still brittle from its making
     */
    public static NextCheck propose(LocalDate today, ToolUse trade, List<LocalDate> sharpened, boolean brittle) {
        KeennessPurpose purpose = KeennessPurpose.byName(trade.keennessPurpose())
                .or(() -> KeennessPurpose.byName(FinishWords.PURPOSE_WOODWORK.words()))
                .orElseThrow();
        NextCheck usual = propose(today, purpose, sharpened);
        return brittle && usual.intervals == 0 ? sooner(today, usual.days) : usual;
    }

    /** An edge that is still brittle from its making goes sooner, until its own log says how soon. */
    private static NextCheck sooner(LocalDate today, int usual) {
        int days = Math.max(1, (int) Math.round(Prior.BRITTLE_CHECK_SHARE.value() * usual));
        return new NextCheck(
                today.plusDays(days), days, 0, FinishWords.CHECK_BRITTLE.fill("days", days, "usual", usual));
    }

    /**
     * The median of the intervals between its sharpenings, where two at least are known; else the prior of its purpose.
     *
     * @param sharpened days of its finished sessions, in any order
     */
    public static NextCheck propose(LocalDate today, KeennessPurpose purpose, List<LocalDate> sharpened) {
        List<LocalDate> days = sharpened.stream().distinct().sorted().toList();
        List<Long> gaps = new ArrayList<>();
        for (int i = 1; i < days.size(); i++) {
            gaps.add(ChronoUnit.DAYS.between(days.get(i - 1), days.get(i)));
        }
        if (gaps.size() < LEAST_INTERVALS) {
            return new NextCheck(
                    today.plusDays(purpose.checkDays()),
                    purpose.checkDays(),
                    0,
                    FinishWords.CHECK_FIRST_ESTIMATE.fill("days", purpose.checkDays()));
        }
        double median = Median.of(gaps.stream().mapToDouble(g -> g).toArray());
        int ahead = Math.max(1, (int) Math.round(median));
        return new NextCheck(
                today.plusDays(ahead),
                ahead,
                gaps.size(),
                FinishWords.CHECK_FROM_ITS_OWN.fill("days", ahead, "intervals", gaps.size()));
    }
}
