package truekeen.core.progression;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.message.RefusedException;
import truekeen.core.steel.SteelClass;
import truekeen.core.table.Prior;

/**
 * Finds, for a job, the sequence of abrasives on the shelf that takes least time, does the shaping, leaves the finish
 * wanted and obeys the rules. Exact for the estimates it works with. Source: derived here; times are workshop priors.
 */
public final class ProgressionPlanner {
    /** So many times finer than the finest worth ending on is too fine. */
    private static final double MUCH_FINER = Prior.FINISH_MUCH_FINER.value();

    private ProgressionPlanner() {}

    /**
     * Plans one job for least time.
     *
     * @param shelf everything owned, in the shelf's own order
     * @param oilOnTool whether the tool is oily at the start
     * @throws RefusedException when nothing on the shelf may be used for it
     */
    public static JobPath plan(
            List<Abrasive> shelf, StoneWork job, SteelClass steel, PlanRules rules, boolean oilOnTool) {
        return plan(shelf, job, steel, rules, oilOnTool, Wish.NONE);
    }

    /**
     * Plans one job as it is wished.
     *
     * @param shelf everything owned, in the shelf's own order
     * @param oilOnTool whether the tool is oily at the start
     * @throws RefusedException when nothing on the shelf may be used for it
     */
    public static JobPath plan(
            List<Abrasive> shelf, StoneWork job, SteelClass steel, PlanRules rules, boolean oilOnTool, Wish wish) {
        return new JobPlanner(shelf, job, steel, rules, oilOnTool, wish).plan();
    }

    /**
     * The time that one job takes at least (s), or nothing where nothing on the shelf may be used: what {@link #plan}
     * finds, without asking what each stone left out would have cost.
     */
    public static java.util.OptionalDouble leastSeconds(
            List<Abrasive> shelf, StoneWork job, SteelClass steel, PlanRules rules) {
        List<Abrasive> usable = ShelfRule.allowed(shelf, job, steel, rules);
        if (usable.isEmpty()) {
            return java.util.OptionalDouble.empty();
        }
        LabelSettingSearch search = new LabelSettingSearch(usable, job, steel, rules, false);
        return java.util.OptionalDouble.of(JobPlanner.quickest(search, usable, job, List.of())
                .orElseThrow()
                .seconds());
    }

    /**
     * The abrasive to end on: the one nearest the usual grain of those within the window that are fine enough for the keenness
     * that is wanted, else of those fine enough that are not much finer, else of those within, else of all.
     */
    static Abrasive finishing(List<Abrasive> usable, FinishWindow window) {
        Comparator<Abrasive> nearest = Comparator.comparingDouble((Abrasive a) -> round(window.distance(a.d50Um())))
                .thenComparingDouble(Abrasive::d50Um);
        List<Abrasive> keen = usable.stream().filter(window::keen).toList();
        return within(keen, window, nearest)
                .or(() -> keen.stream()
                        .filter(a -> window.deepestUm().isPresent())
                        .filter(a -> a.d50Um() * MUCH_FINER >= window.finestUm())
                        .min(nearest))
                .or(() -> within(usable, window, nearest))
                .or(() -> usable.stream().min(nearest))
                .orElseThrow();
    }

    private static Optional<Abrasive> within(List<Abrasive> pieces, FinishWindow window, Comparator<Abrasive> nearest) {
        return pieces.stream().filter(a -> window.holds(a.d50Um())).min(nearest);
    }

    /** Two grains as far from the usual one on either side are a tie, whatever the last digit of a logarithm says. */
    private static double round(double distance) {
        return Math.rint(distance * 1e9) / 1e9;
    }
}
