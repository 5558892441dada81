package truekeen.core.upkeep;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import truekeen.core.message.Numbers;
import truekeen.core.table.Prior;

/**
 * When an edge wants its next touch-up, in work and by date.
 *
 * @param early use since the sharpening from which a touch-up pays: the upper side of the band meets the limit
 * @param likely where the curve meets it
 * @param late where the lower side does
 * @param day the day it pays at the tool's own pace; empty where it lies beyond what can be said
 * @param latest the day of the curve itself
 * @param perDay the pace (use a day)
 * @param paceKnown whether the pace is the tool's own, not the usual one
 * @param words what it rests on
 */
public record NextTouchUp(
        OptionalDouble early,
        OptionalDouble likely,
        OptionalDouble late,
        Optional<LocalDate> day,
        Optional<LocalDate> latest,
        double perDay,
        boolean paceKnown,
        String words) {
    private static final int FURTHEST_DAYS = 730;

    /**
     * Use since a sharpening and how fast it goes.
     *
     * @param use work since the last full sharpening
     * @param estimated how much of it nobody put down: taken from days at the pace
     * @param perDay the pace
     * @param paceKnown whether it is the tool's own
     */
    public record Pace(double use, double estimated, double perDay, boolean paceKnown) {}

    /**
     * The next one.
     *
     * @param limit index at which an edge in use wants a touch-up
     * @param lasting share of its first life that an edge lasts now: 1 fresh, less after each touch-up
     * @param since use since the sharpening at the last touch-up; 0 where there was none
     */
    public static NextTouchUp of(
            DullingCurve curve, double limit, Pace pace, double lasting, double since, LocalDate today, UseUnit unit) {
        DullingCurve.Crossing c = curve.crosses(limit);
        OptionalDouble early = shifted(c.early(), lasting, since);
        OptionalDouble likely = shifted(c.likely(), lasting, since);
        OptionalDouble late = shifted(c.late(), lasting, since);
        int count = curve.readings().size();
        boolean bent = curve.tau().orElse(Double.POSITIVE_INFINITY) < curve.furthest();
        String rests = (curve.shape() == DullingCurve.Shape.STRAIGHT
                        ? UpkeepWords.RESTS_ON_STRAIGHT
                        : bent ? UpkeepWords.RESTS_ON_BENT : UpkeepWords.RESTS_ON_EVEN)
                .fill("count", count, "most", UpkeepLadder.amount(curve.furthest(), unit));
        String at = (pace.paceKnown ? UpkeepWords.AT_ITS_PACE : UpkeepWords.AT_USUAL_PACE)
                .fill(
                        "pace",
                        Numbers.plain(pace.perDay, pace.perDay < 1 ? 2 : pace.perDay < 10 ? 1 : 0),
                        "unit",
                        unit.words());
        return new NextTouchUp(
                early,
                likely,
                late,
                day(early, pace, today),
                day(likely, pace, today),
                pace.perDay,
                pace.paceKnown,
                rests + " " + at);
    }

    private static OptionalDouble shifted(OptionalDouble crossing, double lasting, double since) {
        return crossing.isPresent() ? OptionalDouble.of(since + lasting * crossing.getAsDouble()) : crossing;
    }

    private static Optional<LocalDate> day(OptionalDouble use, Pace pace, LocalDate today) {
        if (use.isEmpty() || pace.perDay <= 0) {
            return Optional.empty();
        }
        double days = Math.max(0, (use.getAsDouble() - pace.use) / pace.perDay);
        return days > FURTHEST_DAYS ? Optional.empty() : Optional.of(today.plusDays(Math.round(days)));
    }

    /**
     * The share of its first life that an edge lasts after touch-ups: what its own showed, else a prior for each.
     *
     * @param touchUps since the last full sharpening, oldest first
     */
    public static double lasting(List<TouchUp> touchUps) {
        double share = 1;
        double first = touchUps.isEmpty() ? 0 : touchUps.get(0).atUse();
        for (int i = 0; i < touchUps.size(); i++) {
            boolean known = i + 1 < touchUps.size() && first > 0;
            share = known
                    ? Math.min(1, (touchUps.get(i + 1).atUse() - touchUps.get(i).atUse()) / first)
                    : share * Prior.TOUCH_UP_LASTS_SHARE.value();
        }
        return share;
    }
}
