package truekeen.core.progression;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.condition.Dullness;
import truekeen.core.removal.StockRemoval;
import truekeen.core.steel.SteelClass;

/** The abrasives that may be used for a job, what a leg on each costs, and the best paths over them. Exact. */
final class LabelSettingSearch {
    private final List<Abrasive> shelf;
    private final StoneWork job;
    private final PlanRules rules;
    private final boolean oilAtStart;
    private final Map<Abrasive, Integer> place = new IdentityHashMap<>();
    /** Strokes for each mm³ at 1 N, by place. */
    private final double[] strokesPerMm3;

    private final List<List<ShelfPenalty>> onTheWay = new ArrayList<>();
    private final List<List<ShelfPenalty>> atTheEnd = new ArrayList<>();

    /** Of equal plans the one of fewer abrasives, then of more favourites, then the first in the shelf's own order. */
    private static final Comparator<Label> ORDER = Comparator.comparingInt(Label::count)
            .thenComparing(Comparator.comparingInt(Label::favourites).reversed())
            .thenComparing(Label::shelfOrder);

    /**
     * A search.
     *
     * @param shelf what may be used, in the shelf's order
     * @param oilAtStart whether the tool is oily at the start
     */
    LabelSettingSearch(List<Abrasive> shelf, StoneWork job, SteelClass steel, PlanRules rules, boolean oilAtStart) {
        this.shelf = shelf;
        this.job = job;
        this.rules = rules;
        this.oilAtStart = oilAtStart;
        this.strokesPerMm3 = new double[shelf.size()];
        for (Abrasive a : shelf) {
            strokesPerMm3[place.size()] = StockRemoval.strokes(a, steel, 1, 1);
            place.put(a, place.size());
            onTheWay.add(ShelfPenalty.of(a, job, false));
            atTheEnd.add(ShelfPenalty.of(a, job, true));
        }
    }

    /** Of the abrasives that lead to the last those coarse enough to start on, or the coarsest where none is. */
    List<Abrasive> firsts(List<Abrasive> all) {
        List<Abrasive> begin =
                all.stream().filter(a -> touchesUp() || !endsOnly(a)).toList();
        List<Abrasive> leading = begin.isEmpty() ? all : begin;
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

    /** The path to {@code last} that costs least, of those that use all of {@code through}. */
    Optional<Label> best(Abrasive last, List<Abrasive> through) {
        PathNet net = new PathNet(this, last, through);
        return net.least().map(l -> nearestToLeast(net.ends(l.cost() + rules.tieSeconds(), PathNet.QUICK)));
    }

    /** Of the same paths the one of fewest abrasives within so many times the least cost. */
    Optional<Label> fewest(Abrasive last, List<Abrasive> through, double within) {
        PathNet net = new PathNet(this, last, through);
        return net.least().map(l -> {
            double most = within * l.cost();
            Label few = net.ends(most, PathNet.COUNT).stream()
                    .min(Comparator.comparingInt(Label::count).thenComparingDouble(Label::cost))
                    .orElseThrow();
            double near = Math.min(most, few.cost() + rules.tieSeconds());
            return nearestToLeast(net.ends(near, PathNet.QUICK).stream()
                    .filter(e -> e.count() == few.count())
                    .toList());
        });
    }

    /** Of the same paths the one that takes least steel within so many times the least cost; of equals the quickest. */
    Optional<Label> gentlest(Abrasive last, List<Abrasive> through, double within) {
        PathNet net = new PathNet(this, last, through);
        return net.least().map(l -> net.ends(within * l.cost(), PathNet.GENTLE).stream()
                .min(Comparator.comparingDouble(Label::steelMm3)
                        .thenComparingDouble(Label::cost)
                        .thenComparing(ORDER))
                .orElseThrow());
    }

    /** Exactly these abrasives in this order; empty where one may not follow the other. */
    Optional<Label> along(List<Abrasive> stones) {
        Label label = start(stones.get(0), stones.size() == 1);
        for (int i = 1; i < stones.size(); i++) {
            if (!leads(stones.get(i - 1), stones.get(i))) {
                return Optional.empty();
            }
            label = extend(label, stones.get(i), i == stones.size() - 1);
        }
        return Optional.of(label);
    }

    /** Of paths within a tie of the least cost the one of fewest abrasives, then the house's favourites, then the shelf's. */
    Label nearestToLeast(List<Label> paths) {
        double least = paths.stream().mapToDouble(Label::cost).min().orElseThrow();
        return paths.stream()
                .filter(l -> l.cost() <= least + rules.tieSeconds())
                .min(ORDER)
                .orElseThrow();
    }

    /** The path of one abrasive alone. */
    Label only(Abrasive a) {
        return start(a, true);
    }

    List<Abrasive> shelf() {
        return shelf;
    }

    /** Whether a piece may end the work and not begin it. */
    boolean endsOnly(Abrasive a) {
        return job.finishers().contains(a.shape()) && !job.shapes().contains(a.shape());
    }

    /** Whether so little is to go that what ends the work may do all of it. */
    private boolean touchesUp() {
        return job.shaping().depthMm() <= Dullness.TOUCH_UP.recessionMm();
    }

    /** Whether an abrasive may come after another in this job. */
    boolean leads(Abrasive before, Abrasive after) {
        return !endsOnly(before) && follows(before, after);
    }

    /** Whether an abrasive may come after another: finer in grain and in scratch. */
    static boolean follows(Abrasive before, Abrasive after) {
        return after.d50Um() < before.d50Um() && after.scratchUm() < before.scratchUm();
    }

    Label start(Abrasive to, boolean only) {
        double s0 = job.startScratchUm();
        boolean drowned = job.drownsScratches();
        double volume = job.shaping().volumeMm3()
                + (drowned ? 0 : StockRemoval.replacingMm3(s0, job.shaping().workedAreaMm2()));
        Leg leg = leg(to, volume, job.forces().shapingN(), s0, 0, oilAtStart, only);
        return new Label(
                null,
                leg,
                new int[] {place.get(to)},
                to.nature().favourite() ? 1 : 0,
                leg.seconds(),
                leg.volumeMm3(),
                Degreasing.oilyAfter(oilAtStart, to),
                (drowned ? 0 : rules.penaltySeconds(s0, to.d50Um()))
                        + job.bevel().coarseSeconds(to.d50Um()));
    }

    Label extend(Label from, Abrasive to, boolean last) {
        double scratch = from.leg().abrasive().scratchUm();
        Leg leg = leg(
                to,
                replacing(scratch),
                job.forces().refiningN(),
                scratch,
                from.seconds() + rules.changeSeconds(),
                from.oil(),
                last);
        int[] places = Arrays.copyOf(from.places(), from.places().length + 1);
        places[places.length - 1] = place.get(to);
        return new Label(
                from,
                leg,
                places,
                from.favourites() + (to.nature().favourite() ? 1 : 0),
                from.seconds() + leg.seconds(),
                from.steelMm3() + leg.volumeMm3(),
                Degreasing.oilyAfter(from.oil(), to),
                from.penaltySeconds() + rules.penaltySeconds(scratch, to.d50Um()));
    }

    /** What going on from one abrasive to another costs at the very least (s): nothing soaks, nothing falls due. */
    double leastCost(Abrasive from, Abrasive to) {
        double asked = replacing(from.scratchUm()) / job.forces().refiningN() * strokesPerMm3[place.get(to)];
        return rules.changeSeconds()
                + Math.max(job.leastStrokes(), asked) * rules.secondsPerStroke()
                + rules.penaltySeconds(from.scratchUm(), to.d50Um());
    }

    /** Volume that goes until scratches of that depth are gone wherever finer abrasives follow (mm³). */
    double replacing(double scratchUm) {
        return StockRemoval.replacingMm3(scratchUm, job.refinedMm2());
    }

    private Leg leg(
            Abrasive to, double asked, double force, double scratch, double reached, boolean oil, boolean last) {
        int at = place.get(to);
        double wanted = asked / force * strokesPerMm3[at];
        boolean least = wanted < job.leastStrokes();
        double strokes = least ? job.leastStrokes() : wanted;
        double volume = least ? strokes * force / strokesPerMm3[at] : asked;
        boolean degrease = Degreasing.needed(oil, to);
        List<ShelfPenalty> penalties = (last ? atTheEnd : onTheWay).get(at);
        double costs = degrease ? rules.degreaseSeconds() : 0;
        for (ShelfPenalty p : penalties) {
            costs += p.seconds();
        }
        double first = reached == 0 ? 0 : rules.changeSeconds();
        double wait = Math.max(0, to.state().soakLeftSeconds() - reached - costs);
        int flattenings = flattenings(to, strokes);
        double seconds =
                first + costs + wait + flattenings * rules.flattenSeconds() + strokes * rules.secondsPerStroke();
        return new Leg(
                to,
                volume,
                force,
                strokes,
                least,
                scratch,
                seconds,
                wait,
                flattenings,
                degrease,
                to.scratchUm(),
                false,
                penalties);
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
}
