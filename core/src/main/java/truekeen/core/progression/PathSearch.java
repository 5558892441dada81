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
 * The exact path of least time from a start to a fixed last abrasive, by labels over (abrasive, oil on the tool, number
 * of abrasives, steps too wide). A label is dropped only for one that is no later and no worse in the shelf's order;
 * arriving earlier never means finishing later, also where a stone still soaks, so nothing better is lost.
 */
final class PathSearch {
    private final List<Abrasive> shelf;
    private final Job job;
    private final SteelClass steel;
    private final PlanRules rules;
    private final boolean oilAtStart;
    private final Map<Abrasive, Integer> place = new IdentityHashMap<>();
    private final Comparator<Label> order;

    /** A partial path. */
    record Label(List<Leg> legs, List<Integer> places, double seconds, boolean oil, int tooWide) {
        Leg end() {
            return legs.get(legs.size() - 1);
        }
    }

    private record Key(int place, boolean oil, int count, int tooWide) {}

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
        this.order = Comparator.comparingInt((Label l) -> l.places.size()).thenComparing(PathSearch::shelfOrder);
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

    /**
     * The path to {@code last} of fewest steps too wide and then least time; with {@code through} given, of those that
     * use it.
     */
    Optional<Label> best(Abrasive last, Optional<Abrasive> through) {
        for (int tooWide = 0; tooWide <= shelf.size(); tooWide++) {
            List<Label> ends = ends(last, through, tooWide);
            if (!ends.isEmpty()) {
                return nearestToLeast(ends);
            }
        }
        return Optional.empty();
    }

    /** Of paths within a tie of the least time the one of fewest abrasives, then the first in the shelf's order. */
    Optional<Label> nearestToLeast(List<Label> paths) {
        double least = paths.stream().mapToDouble(Label::seconds).min().orElseThrow();
        return paths.stream()
                .filter(l -> l.seconds <= least + rules.tieSeconds())
                .min(order);
    }

    /** The path of one abrasive alone. */
    Label only(Abrasive a) {
        return start(a, true);
    }

    private List<Label> ends(Abrasive last, Optional<Abrasive> through, int mostTooWide) {
        List<Abrasive> leading =
                shelf.stream().filter(a -> a == last || follows(a, last)).toList();
        List<Abrasive> firsts = firsts(leading);
        List<Abrasive> falling = leading.stream()
                .filter(a -> through.isEmpty()
                        || a == through.get()
                        || follows(a, through.get())
                        || follows(through.get(), a))
                .sorted(Comparator.comparingDouble(Abrasive::d50Um).reversed())
                .toList();
        Map<Abrasive, Map<Key, List<Label>>> at = new IdentityHashMap<>();
        for (Abrasive to : falling) {
            Map<Key, List<Label>> here = new HashMap<>();
            boolean behind = through.isPresent() && follows(through.get(), to);
            if (firsts.contains(to) && !behind) {
                keep(here, start(to, to == last), mostTooWide);
            }
            at.forEach((from, labelsByKey) -> {
                boolean leapsOver = behind && from != through.get() && follows(from, through.get());
                if (follows(from, to) && !leapsOver) {
                    labelsByKey.values().stream()
                            .flatMap(List::stream)
                            .forEach(l -> keep(here, extend(l, to, to == last), mostTooWide));
                }
            });
            at.put(to, here);
        }
        return at.getOrDefault(last, Map.of()).values().stream()
                .flatMap(List::stream)
                .toList();
    }

    /** Whether an abrasive may come after another: finer in grain and in scratch. */
    private static boolean follows(Abrasive before, Abrasive after) {
        return after.d50Um() < before.d50Um() && after.scratchUm() < before.scratchUm();
    }

    private Label start(Abrasive to, boolean only) {
        double s0 = job.startScratchUm();
        double volume = job.shaping().volumeMm3() + replacing(s0);
        double force = job.forces().baseN() * (only ? 1 : job.forces().shaping());
        boolean deep = job.shaping().depthMm() * 1000 >= 2 * s0;
        Leg leg = leg(to, volume, force, s0, 0, oilAtStart, true);
        boolean tooWide = !deep && s0 > rules.widestStep() * to.d50Um();
        return new Label(
                List.of(leg), List.of(place.get(to)), leg.seconds(), oilAfter(oilAtStart, to), tooWide ? 1 : 0);
    }

    private Label extend(Label from, Abrasive to, boolean last) {
        double scratch = from.end().abrasive().scratchUm();
        double force = job.forces().baseN() * (last ? job.forces().finish() : 1);
        Leg leg = leg(to, replacing(scratch), force, scratch, from.seconds, from.oil, false);
        boolean tooWide = scratch > rules.widestStep() * to.d50Um();
        return new Label(
                append(from.legs, leg),
                append(from.places, place.get(to)),
                from.seconds + leg.seconds(),
                oilAfter(from.oil, to),
                from.tooWide + (tooWide ? 1 : 0));
    }

    /** Volume that goes until scratches of that depth are gone everywhere (mm³). */
    private double replacing(double scratchUm) {
        return 2 * scratchUm / 1000 * job.shaping().workedAreaMm2();
    }

    private Leg leg(
            Abrasive to, double volume, double force, double scratch, double elapsed, boolean oil, boolean first) {
        double strokes = volume / StockRemoval.perStroke(to, steel, force);
        boolean degrease = oil && to.wet();
        double ready = elapsed + (first ? 0 : rules.changeSeconds()) + (degrease ? rules.degreaseSeconds() : 0);
        double wait = Math.max(0, to.state().soakLeftSeconds() - ready);
        int flattenings = flattenings(to, strokes);
        double seconds =
                ready + wait - elapsed + flattenings * rules.flattenSeconds() + strokes * rules.secondsPerStroke();
        return new Leg(to, volume, force, strokes, scratch, seconds, wait, flattenings, degrease);
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

    private void keep(Map<Key, List<Label>> here, Label label, int mostTooWide) {
        if (label.tooWide > mostTooWide) {
            return;
        }
        int place = label.places.get(label.places.size() - 1);
        List<Label> same = here.computeIfAbsent(
                new Key(place, label.oil, label.places.size(), label.tooWide), k -> new ArrayList<>());
        if (same.stream().noneMatch(l -> l.seconds <= label.seconds && shelfOrder(l, label) <= 0)) {
            same.removeIf(l -> label.seconds <= l.seconds && shelfOrder(label, l) <= 0);
            same.add(label);
        }
    }

    private static int shelfOrder(Label a, Label b) {
        for (int i = 0; i < Math.min(a.places.size(), b.places.size()); i++) {
            int difference = Integer.compare(a.places.get(i), b.places.get(i));
            if (difference != 0) {
                return difference;
            }
        }
        return Integer.compare(a.places.size(), b.places.size());
    }

    private static <T> List<T> append(List<T> list, T more) {
        List<T> longer = new ArrayList<>(list.size() + 1);
        longer.addAll(list);
        longer.add(more);
        return longer;
    }
}
