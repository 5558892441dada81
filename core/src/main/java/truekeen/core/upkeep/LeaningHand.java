package truekeen.core.upkeep;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import truekeen.core.condition.EdgeSurvey.HighCorner;
import truekeen.core.condition.EdgeSurvey.Squareness;
import truekeen.core.message.Numbers;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.table.Prior;

/**
 * A hand that leans: the same corner stands forward sharpening after sharpening. What each sharpening added is what was
 * found less what it had been given: nothing where the edge had been squared, else what stood there before. The lean is
 * told where the signs fall so on one side by luck in one case of ten at most (all flips of sign, exactly) and the mean
 * is as large as matters.
 *
 * <p>Source: derived here. Not robust: two people with opposite leans on one tool cancel.
 *
 * @param corner the corner that is left standing
 * @param each what a sharpening adds, in the mean
 * @param sharpenings how many it is told from
 * @param luck the chance that a hand without any lean looks so
 */
public record LeaningHand(HighCorner corner, Angle each, int sharpenings, double luck) {
    private static final double MOST_LUCK = 0.1;
    private static final int MOST = 14;

    /**
     * The lean that surveys tell.
     *
     * @param found squareness at each survey, oldest first; those before each sharpening
     */
    public static Optional<LeaningHand> of(List<Squareness> found) {
        List<Double> added = new ArrayList<>();
        for (int i = 1; i < found.size(); i++) {
            Squareness before = found.get(i - 1);
            added.add(signed(found.get(i)) - (before.mend() ? 0 : signed(before)));
        }
        List<Double> last = added.subList(Math.max(0, added.size() - MOST), added.size());
        double mean = last.stream().mapToDouble(d -> d).average().orElse(0);
        double luck = luck(last, Math.abs(mean));
        if (luck > MOST_LUCK || Math.toDegrees(Math.abs(mean)) < Prior.LEAN_MATTERS_DEG.value()) {
            return Optional.empty();
        }
        return Optional.of(new LeaningHand(
                mean > 0 ? HighCorner.LEFT : HighCorner.RIGHT, Angle.ofRadians(Math.abs(mean)), last.size(), luck));
    }

    /**
     * A survey and when it was taken.
     *
     * @param found how far out of square it found the edge
     */
    public record Surveyed(Instant at, Squareness found) {}

    /**
     * The surveys that count: the last one before each sharpening, and the newest where one came after the last.
     *
     * @param surveys oldest first
     * @param sharpened ends of the sharpenings, oldest first
     */
    public static List<Squareness> beforeEach(List<Surveyed> surveys, List<Instant> sharpened) {
        List<Squareness> all = new ArrayList<>();
        Instant from = Instant.MIN;
        for (Instant until :
                Stream.concat(sharpened.stream(), Stream.of(Instant.MAX)).toList()) {
            Squareness last = null;
            for (Surveyed s : surveys) {
                if (s.at.isAfter(from) && !s.at.isAfter(until)) {
                    last = s.found;
                }
            }
            if (last != null) {
                all.add(last);
            }
            from = until;
        }
        return all;
    }

    /** Left forward counts as positive (radians). */
    private static double signed(Squareness s) {
        return switch (s.high()) {
            case NONE -> 0;
            case LEFT -> s.off().radians();
            case RIGHT -> -s.off().radians();
        };
    }

    /** Share of all flips of sign whose mean is as far from nought. */
    private static double luck(List<Double> added, double mean) {
        int n = added.size();
        if (n == 0) {
            return 1;
        }
        int as = 0;
        for (int flips = 0; flips < 1 << n; flips++) {
            double sum = 0;
            for (int i = 0; i < n; i++) {
                sum += (flips >> i & 1) == 0 ? added.get(i) : -added.get(i);
            }
            as += Math.abs(sum) / n >= mean - 1e-12 ? 1 : 0;
        }
        return (double) as / (1 << n);
    }

    /**
     * Strokes more of every ten that the half at the high corner wants, so that no lean is left: the wedge that is left
     * standing, against what a sharpening takes off.
     *
     * @param width of the edge
     * @param loss what a sharpening takes off the length (mm), positive
     */
    public double moreOfTen(Length width, double loss) {
        double wedge = width.mm() * each.tan();
        return 10 * (wedge / 2) / loss;
    }

    /** It in a sentence, with what to do. */
    public String words(Length width, double loss) {
        double more = moreOfTen(width, loss);
        return UpkeepWords.HAND_LEANS.fill(
                "corner",
                (corner == HighCorner.LEFT ? UpkeepWords.LEFT_CORNER : UpkeepWords.RIGHT_CORNER).words(),
                "each",
                Numbers.plain(each.degrees(), 2) + "°",
                "count",
                sharpenings,
                "more",
                more >= 10
                        ? UpkeepWords.AS_MANY_AGAIN.words()
                        : UpkeepWords.MORE_OF_TEN.fill("more", Math.max(1, Math.round(more))));
    }
}
