package truekeen.core.progression;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.removal.StockRemoval;
import truekeen.core.steel.SteelClass;

/**
 * The exact paths from a start to a fixed last abrasive, by labels over (abrasive, oil on the tool, number of abrasives,
 * favourites among them, steps too wide). A label is dropped only for one that is no worse in all that is asked for;
 * arriving earlier never means finishing later, also where a stone still soaks, so nothing better is lost.
 */
final class PathSearch {
    private final List<Abrasive> shelf;
    private final Job job;
    private final SteelClass steel;
    private final PlanRules rules;
    private final boolean oilAtStart;
    private final Map<Abrasive, Integer> place = new IdentityHashMap<>();

    /** Of equal plans the one of fewer abrasives, then of more favourites, then the first in the shelf's own order. */
    private static final Comparator<Label> ORDER = Comparator.comparingInt(Label::count)
            .thenComparing(Comparator.comparingInt(Label::favourites).reversed())
            .thenComparing(Label::shelfOrder);

    private record Key(boolean oil, int count, int favourites, int tooWide) {}

    /** Whether one label makes another needless. */
    private interface Dominance {
        boolean drops(Label better, Label worse);
    }

    private static final Dominance QUICK = (a, b) -> a.seconds() <= b.seconds() && Label.shelfOrder(a, b) <= 0;
    private static final Dominance GENTLE = (a, b) -> a.seconds() <= b.seconds()
            && a.steelMm3() <= b.steelMm3()
            && (a.seconds() < b.seconds() || a.steelMm3() < b.steelMm3() || Label.shelfOrder(a, b) <= 0);

    /**
     * A search.
     *
     * @param shelf what may be used, in the shelf's order
     * @param oilAtStart whether the tool is oily at the start
     */
    PathSearch(List<Abrasive> shelf, Job job, SteelClass steel, PlanRules rules, boolean oilAtStart) {
        this.shelf = shelf;
        this.job = job;
        this.steel = steel;
        this.rules = rules;
        this.oilAtStart = oilAtStart;
        shelf.forEach(a -> place.put(a, place.size()));
    }

    /** Of the abrasives that lead to the last those coarse enough to start on, or the coarsest where none is. */
    List<Abrasive> firsts(List<Abrasive> leading) {
        double least = leastFirstUm();
        List<Abrasive> coarse = leading.stream().filter(a -> a.d50Um() >= least).toList();
        if (!coarse.isEmpty()) {
            return coarse;
        }
        double coarsest = leading.stream().mapToDouble(Abrasive::d50Um).max().orElse(0);
        return leading.stream().filter(a -> a.d50Um() == coarsest).toList();
    }

    /** The same where one abrasive does the whole job. */
    List<Abrasive> firsts() {
        return firsts(shelf);
    }

    /** Least grain to start on (µm). */
    double leastFirstUm() {
        return job.shaping().depthMm() * 1000 / rules.startRule() - 1e-9;
    }

    /** The path to {@code last} of fewest steps too wide and then least time, of those that use all of {@code through}. */
    Optional<Label> best(Abrasive last, List<Abrasive> through) {
        return fewestTooWide(last, through, QUICK).map(this::nearestToLeast);
    }

    /** Of the same paths the one of fewest abrasives within so many times the least time. */
    Optional<Label> fewest(Abrasive last, List<Abrasive> through, double within) {
        return fewestTooWide(last, through, QUICK).map(ends -> {
            double most = within * least(ends);
            List<Label> near = ends.stream().filter(l -> l.seconds() <= most).toList();
            int count = near.stream().mapToInt(Label::count).min().orElseThrow();
            return nearestToLeast(near.stream().filter(l -> l.count() == count).toList());
        });
    }

    /** Of the same paths the one that takes least steel within so many times the least time; of equals the quickest. */
    Optional<Label> gentlest(Abrasive last, List<Abrasive> through, double within) {
        return fewestTooWide(last, through, GENTLE).map(ends -> {
            double most = within * least(ends);
            return ends.stream()
                    .filter(l -> l.seconds() <= most)
                    .min(Comparator.comparingDouble(Label::steelMm3)
                            .thenComparingDouble(Label::seconds)
                            .thenComparing(ORDER))
                    .orElseThrow();
        });
    }

    /** Exactly these abrasives in this order; empty where one may not follow the other. */
    Optional<Label> along(List<Abrasive> stones) {
        Label label = start(stones.get(0), stones.size() == 1);
        for (int i = 1; i < stones.size(); i++) {
            if (!follows(stones.get(i - 1), stones.get(i))) {
                return Optional.empty();
            }
            label = extend(label, stones.get(i), i == stones.size() - 1);
        }
        return Optional.of(label);
    }

    /** Of paths within a tie of the least time the one of fewest abrasives, then the house's favourites, then the shelf's. */
    Label nearestToLeast(List<Label> paths) {
        double least = least(paths);
        return paths.stream()
                .filter(l -> l.seconds() <= least + rules.tieSeconds())
                .min(ORDER)
                .orElseThrow();
    }

    private static double least(List<Label> paths) {
        return paths.stream().mapToDouble(Label::seconds).min().orElseThrow();
    }

    /** The path of one abrasive alone. */
    Label only(Abrasive a) {
        return start(a, true);
    }

    private Optional<List<Label>> fewestTooWide(Abrasive last, List<Abrasive> through, Dominance dominance) {
        for (int tooWide = 0; tooWide <= shelf.size(); tooWide++) {
            List<Label> ends = ends(last, through, tooWide, dominance);
            if (!ends.isEmpty()) {
                return Optional.of(ends);
            }
        }
        return Optional.empty();
    }

    private List<Label> ends(Abrasive last, List<Abrasive> through, int mostTooWide, Dominance dominance) {
        List<Abrasive> leading =
                shelf.stream().filter(a -> a == last || follows(a, last)).toList();
        List<Abrasive> firsts = firsts(leading);
        List<Abrasive> falling = leading.stream()
                .filter(a -> through.stream().allMatch(t -> a == t || follows(a, t) || follows(t, a)))
                .sorted(Comparator.comparingDouble(Abrasive::d50Um).reversed())
                .toList();
        if (!falling.containsAll(through)) {
            return List.of();
        }
        Map<Abrasive, Map<Key, List<Label>>> at = new IdentityHashMap<>();
        for (Abrasive to : falling) {
            Map<Key, List<Label>> here = new HashMap<>();
            if (firsts.contains(to) && through.stream().noneMatch(t -> follows(t, to))) {
                keep(here, start(to, to == last), mostTooWide, dominance);
            }
            at.forEach((from, labelsByKey) -> {
                if (follows(from, to) && through.stream().noneMatch(t -> follows(from, t) && follows(t, to))) {
                    labelsByKey.values().forEach(labels -> {
                        for (Label l : labels) {
                            keep(here, extend(l, to, to == last), mostTooWide, dominance);
                        }
                    });
                }
            });
            at.put(to, here);
        }
        return at.getOrDefault(last, Map.of()).values().stream()
                .flatMap(List::stream)
                .toList();
    }

    /** Whether an abrasive may come after another: finer in grain and in scratch. */
    static boolean follows(Abrasive before, Abrasive after) {
        return after.d50Um() < before.d50Um() && after.scratchUm() < before.scratchUm();
    }

    private Label start(Abrasive to, boolean only) {
        double s0 = job.startScratchUm();
        double volume = job.shaping().volumeMm3() + replacing(s0);
        double force = job.forces().baseN() * (only ? 1 : job.forces().shaping());
        boolean deep = job.shaping().depthMm() * 1000 >= 2 * s0;
        Leg leg = leg(to, volume, force, s0, 0, oilAtStart, only);
        boolean tooWide = !deep && s0 > rules.widestStep() * to.d50Um();
        return new Label(
                null,
                leg,
                new int[] {place.get(to)},
                to.nature().favourite() ? 1 : 0,
                leg.seconds(),
                volume,
                oilAfter(oilAtStart, to),
                tooWide ? 1 : 0);
    }

    private Label extend(Label from, Abrasive to, boolean last) {
        double scratch = from.leg().abrasive().scratchUm();
        double force = job.forces().baseN() * (last ? job.forces().finish() : 1);
        double volume = replacing(scratch);
        double change = from.seconds() + rules.changeSeconds();
        Leg leg = leg(to, volume, force, scratch, change, from.oil(), last);
        boolean tooWide = scratch > rules.widestStep() * to.d50Um();
        int[] places = java.util.Arrays.copyOf(from.places(), from.places().length + 1);
        places[places.length - 1] = place.get(to);
        return new Label(
                from,
                leg,
                places,
                from.favourites() + (to.nature().favourite() ? 1 : 0),
                from.seconds() + leg.seconds(),
                from.steelMm3() + volume,
                oilAfter(from.oil(), to),
                from.tooWide() + (tooWide ? 1 : 0));
    }

    /** Volume that goes until scratches of that depth are gone everywhere (mm³). */
    private double replacing(double scratchUm) {
        return 2 * scratchUm / 1000 * job.shaping().workedAreaMm2();
    }

    /** One leg, taken up at {@code reached}, which counts the change to it where there is one. */
    private Leg leg(
            Abrasive to, double volume, double force, double scratch, double reached, boolean oil, boolean last) {
        double strokes = StockRemoval.strokes(to, steel, force, volume);
        boolean degrease = oil && to.wet();
        List<ShelfPenalty> penalties = ShelfPenalty.of(to, job, last);
        double first = reached == 0 ? 0 : rules.changeSeconds();
        double costs =
                penalties.stream().mapToDouble(ShelfPenalty::seconds).sum() + (degrease ? rules.degreaseSeconds() : 0);
        double wait = Math.max(0, to.state().soakLeftSeconds() - reached - costs);
        int flattenings = flattenings(to, strokes);
        double seconds =
                first + costs + wait + flattenings * rules.flattenSeconds() + strokes * rules.secondsPerStroke();
        return new Leg(to, volume, force, strokes, scratch, seconds, wait, flattenings, degrease, penalties);
    }

    private static int flattenings(Abrasive a, double strokes) {
        if (a.kind().flattenAfterStrokes().isEmpty()) {
            return 0;
        }
        double since = a.state().flat() ? a.state().strokesSinceLapped() : 0;
        int due = (int)
                Math.floor((since + strokes) / a.kind().flattenAfterStrokes().getAsDouble());
        return due + (a.state().flat() ? 0 : 1);
    }

    private static boolean oilAfter(boolean oil, Abrasive a) {
        return a.oiled() || oil && !a.wet();
    }

    private static void keep(Map<Key, List<Label>> here, Label label, int mostTooWide, Dominance dominance) {
        if (label.tooWide() > mostTooWide) {
            return;
        }
        List<Label> same = here.computeIfAbsent(
                new Key(label.oil(), label.count(), label.favourites(), label.tooWide()), k -> new ArrayList<>());
        for (Label l : same) {
            if (dominance.drops(l, label)) {
                return;
            }
        }
        same.removeIf(l -> dominance.drops(label, l));
        same.add(label);
    }
}
