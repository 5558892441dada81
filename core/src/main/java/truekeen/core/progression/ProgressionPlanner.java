package truekeen.core.progression;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveClass;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.steel.SteelClass;

/**
 * Finds, for a job, the sequence of abrasives on the shelf that takes least time, does the shaping, leaves the finish
 * wanted and obeys the rules. Exact for the estimates it works with. Source: derived here; times are workshop priors.
 */
public final class ProgressionPlanner {
    private ProgressionPlanner() {}

    /**
     * Plans one job.
     *
     * @param shelf everything owned, in the shelf's own order
     * @param oilOnTool whether the tool is oily at the start
     * @throws RefusedException when nothing on the shelf may be used for it
     */
    public static JobPath plan(List<Abrasive> shelf, Job job, SteelClass steel, PlanRules rules, boolean oilOnTool) {
        List<Abrasive> usable = ShelfRule.allowed(shelf, job, steel);
        if (usable.isEmpty()) {
            throw new RefusedException(Refusal.of(MessageCode.NO_ABRASIVE, "shelf", shelf.size())
                    .with("what", whyNone(shelf, job, steel)));
        }
        PathSearch search = new PathSearch(usable, job, steel, rules, oilOnTool);
        PathSearch.Label best = job.finish().isPresent()
                ? search.best(finishing(usable, job.finish().get()), Optional.empty())
                        .orElseThrow()
                : shaper(search);
        Abrasive last = best.end().abrasive();
        List<PassedOver> passed = new ArrayList<>();
        for (Abrasive a : shelf) {
            if (best.legs().stream().noneMatch(leg -> leg.abrasive() == a)
                    && a.kind().use() == AbrasiveKind.Use.STROKES) {
                passed.add(passedOver(a, best, last, job, steel, search));
            }
        }
        return new JobPath(job, best.legs(), passed, flags(best, job, steel, search), best.oil());
    }

    /** The abrasive to end on: of those within the window the one nearest the usual grain, else the nearest of all. */
    static Abrasive finishing(List<Abrasive> usable, FinishWindow window) {
        Comparator<Abrasive> nearest = Comparator.comparingDouble((Abrasive a) -> round(window.distance(a.d50Um())))
                .thenComparingDouble(Abrasive::d50Um);
        return usable.stream()
                .filter(a -> window.holds(a.d50Um()))
                .min(nearest)
                .or(() -> usable.stream().min(nearest))
                .orElseThrow();
    }

    /** Two grains as far from the usual one on either side are a tie, whatever the last digit of a logarithm says. */
    private static double round(double distance) {
        return Math.rint(distance * 1e9) / 1e9;
    }

    /** A face that another bevel will cover ends on what shaped it: one abrasive, the quickest coarse enough. */
    private static PathSearch.Label shaper(PathSearch search) {
        List<PathSearch.Label> single =
                search.firsts().stream().map(search::only).toList();
        int least = single.stream().mapToInt(PathSearch.Label::tooWide).min().orElseThrow();
        return search.nearestToLeast(
                        single.stream().filter(l -> l.tooWide() == least).toList())
                .orElseThrow();
    }

    private static PassedOver passedOver(
            Abrasive a, PathSearch.Label best, Abrasive last, Job job, SteelClass steel, PathSearch search) {
        Optional<ShelfRule> bar = ShelfRule.barring(a, job, steel);
        if (bar.isPresent()) {
            return new PassedOver(a, 0, false, bar.get().reason());
        }
        if (job.finish().isEmpty()) {
            if (a.d50Um() < search.leastFirstUm()) {
                return new PassedOver(a, 0, false, "too fine to shape this deep");
            }
            double more = search.only(a).seconds() - best.seconds();
            return new PassedOver(a, more, true, costWords(more));
        }
        if (a.d50Um() <= last.d50Um()) {
            return new PassedOver(a, 0, false, "finer than the finish wanted");
        }
        return search.best(last, Optional.of(a))
                .map(path -> new PassedOver(
                        a,
                        path.seconds() - best.seconds(),
                        true,
                        path.tooWide() > best.tooWide()
                                ? "only with a step too wide"
                                : costWords(path.seconds() - best.seconds())))
                .orElseGet(() -> new PassedOver(
                        a,
                        0,
                        false,
                        "its scratch is no coarser than the finish, or it is too"
                                + " fine to follow what must come first"));
    }

    private static String costWords(double seconds) {
        return seconds < 1 ? "as quick: the one earlier on the shelf, or fewer, is taken" : "would cost more time";
    }

    private static List<String> flags(PathSearch.Label best, Job job, SteelClass steel, PathSearch search) {
        List<String> flags = new ArrayList<>();
        Abrasive first = best.legs().get(0).abrasive();
        Abrasive last = best.end().abrasive();
        if (job.finish().isPresent() && !job.finish().get().holds(last.d50Um())) {
            FinishWindow w = job.finish().get();
            flags.add("Ends on " + micrometres(last.d50Um()) + ": the best this shelf can do. "
                    + micrometres(w.finestUm()) + " to " + micrometres(w.coarsestUm()) + " is wanted.");
        }
        if (first.d50Um() < search.leastFirstUm()) {
            flags.add("No abrasive here is coarse enough to shape "
                    + micrometres(job.shaping().depthMm() * 1000)
                    + " deep; it starts on the coarsest and takes long.");
        }
        if (best.tooWide() > 0) {
            flags.add("Some step is wider than the house likes: no path on this shelf avoids it.");
        }
        if (steel.resistanceOxide() >= ShelfRule.OXIDE_WARNS_AT
                && best.legs().stream().anyMatch(l -> l.abrasive().grain() == AbrasiveClass.OXIDE)) {
            flags.add("Oxide grain is slow on this steel and wears; diamond or boron nitride would serve better.");
        }
        if (best.legs().stream().anyMatch(l -> l.abrasive().grainGuessed())) {
            flags.add("A grain size here is carried on beyond its standard's table: enter the maker's micrometres.");
        }
        return flags;
    }

    private static String whyNone(List<Abrasive> shelf, Job job, SteelClass steel) {
        return shelf.stream()
                .flatMap(a -> ShelfRule.barring(a, job, steel).map(ShelfRule::reason).stream())
                .distinct()
                .reduce((a, b) -> a + "; " + b)
                .orElse("there is nothing on it that cuts");
    }

    private static String micrometres(double um) {
        return Numbers.plain(um, um < 10 ? 1 : 0) + " µm";
    }
}
