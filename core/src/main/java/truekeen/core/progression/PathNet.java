package truekeen.core.progression;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;

/**
 * All paths to one last abrasive that use some given ones, walked by labels from coarse to fine. A label is dropped only
 * for one that is no worse in all that is asked for (arriving earlier never means finishing later, also where a stone
 * still soaks), or when even the least that is to come would take it past a bound that is already reached. So nothing
 * better is lost.
 */
final class PathNet {
    private static final double EPS = 1e-9;

    private final LabelSettingSearch search;
    private final Abrasive last;
    /** Coarse to fine; the last one is {@code last}. */
    private final List<Abrasive> falling;

    private final List<Abrasive> firsts;
    private final List<Abrasive> through;
    private final boolean[][] leads;
    /** Least cost from each to the end (s). */
    private final double[] ahead;

    /** What keeps two labels apart, and which of two that are not apart makes the other needless. */
    interface Dominance {
        Object key(Label l);

        boolean drops(Label better, Label worse);
    }

    private record Counted(boolean oil, int count) {}

    private record Full(boolean oil, int count, int favourites) {}

    /** Least cost, and nothing else. */
    static final Dominance COST = of(Label::oil, PathNet::noDearer);
    /** Least cost for each number of abrasives. */
    static final Dominance COUNT = of(l -> new Counted(l.oil(), l.count()), PathNet::noDearer);
    /** Least cost, and all that decides between equals. */
    static final Dominance QUICK = of(
            l -> new Full(l.oil(), l.count(), l.favourites()), (a, b) -> noDearer(a, b) && Label.shelfOrder(a, b) <= 0);
    /** Least steel or least cost. */
    static final Dominance GENTLE = of(
            Label::oil,
            (a, b) -> noDearer(a, b)
                    && a.steelMm3() <= b.steelMm3()
                    && (a.cost() < b.cost() || a.steelMm3() < b.steelMm3() || Label.shelfOrder(a, b) <= 0));

    /**
     * Whether a path stays no dearer whatever follows. Cost alone does not say so: the one that arrives earlier waits
     * longer for a stone that soaks, so that less of its cost may be penalty only if none of it is more.
     */
    private static boolean noDearer(Label a, Label b) {
        return a.cost() <= b.cost() && a.penaltySeconds() <= b.penaltySeconds();
    }

    PathNet(LabelSettingSearch search, Abrasive last, List<Abrasive> through) {
        this.search = search;
        this.last = last;
        this.through = through;
        List<Abrasive> leading = search.shelf().stream()
                .filter(a -> a == last || search.leads(a, last))
                .toList();
        this.firsts = search.firsts(leading);
        this.falling = leading.stream()
                .filter(a -> through.stream()
                        .allMatch(t -> a == t || LabelSettingSearch.follows(a, t) || LabelSettingSearch.follows(t, a)))
                .sorted(Comparator.comparingDouble(Abrasive::d50Um).reversed())
                .toList();
        int n = falling.size();
        this.leads = new boolean[n][n];
        this.ahead = new double[n];
        for (int i = n - 1; i >= 0; i--) {
            Abrasive from = falling.get(i);
            ahead[i] = from == last ? 0 : Double.POSITIVE_INFINITY;
            for (int j = i + 1; j < n; j++) {
                Abrasive to = falling.get(j);
                leads[i][j] = search.leads(from, to) && !leapsOver(from, to);
                if (leads[i][j]) {
                    ahead[i] = Math.min(ahead[i], search.leastCost(from, to) + ahead[j]);
                }
            }
        }
    }

    private boolean leapsOver(Abrasive from, Abrasive to) {
        return through.stream().anyMatch(t -> LabelSettingSearch.follows(from, t) && LabelSettingSearch.follows(t, to));
    }

    /** The path of least cost, whatever decides between equals. */
    Optional<Label> least() {
        return ends(Double.POSITIVE_INFINITY, COST).stream().min(Comparator.comparingDouble(Label::cost));
    }

    /**
     * Paths to the end that no other makes needless.
     *
     * @param within most cost (s)
     */
    List<Label> ends(double within, Dominance dominance) {
        if (!falling.containsAll(through)) {
            return List.of();
        }
        int n = falling.size();
        List<Map<Object, List<Label>>> at = new ArrayList<>();
        for (int j = 0; j < n; j++) {
            Abrasive to = falling.get(j);
            Map<Object, List<Label>> here = new HashMap<>();
            double most = within - ahead[j] + EPS;
            if (firsts.contains(to) && through.stream().noneMatch(t -> LabelSettingSearch.follows(t, to))) {
                keep(here, search.start(to, to == last), most, dominance);
            }
            for (int i = 0; i < j; i++) {
                if (leads[i][j]) {
                    for (List<Label> labels : at.get(i).values()) {
                        for (Label l : labels) {
                            keep(here, search.extend(l, to, to == last), most, dominance);
                        }
                    }
                }
            }
            at.add(here);
        }
        int end = falling.indexOf(last);
        return at.get(end).values().stream().flatMap(List::stream).toList();
    }

    private static void keep(Map<Object, List<Label>> here, Label label, double most, Dominance dominance) {
        if (label.cost() > most) {
            return;
        }
        List<Label> same = here.computeIfAbsent(dominance.key(label), k -> new ArrayList<>());
        for (Label l : same) {
            if (dominance.drops(l, label)) {
                return;
            }
        }
        same.removeIf(l -> dominance.drops(label, l));
        same.add(label);
    }

    private static Dominance of(
            java.util.function.Function<Label, Object> key, java.util.function.BiPredicate<Label, Label> drops) {
        return new Dominance() {
            @Override
            public Object key(Label l) {
                return key.apply(l);
            }

            @Override
            public boolean drops(Label better, Label worse) {
                return drops.test(better, worse);
            }
        };
    }
}
