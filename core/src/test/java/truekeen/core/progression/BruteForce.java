package truekeen.core.progression;

import java.util.ArrayList;
import java.util.List;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.removal.StockRemoval;
import truekeen.core.steel.SteelClass;

/** Every subset of a shelf, walked and timed by the definitions; independent of the search it checks. */
final class BruteForce {
    private BruteForce() {}

    record Walk(List<Abrasive> stones, List<Integer> places, double seconds, double penalty, double steel) {
        double cost() {
            return seconds + penalty;
        }
    }

    static Walk best(
            List<Abrasive> shelf, StoneWork job, SteelClass steel, PlanRules rules, boolean oil, Abrasive through) {
        return quickest(walks(shelf, job, steel, rules, oil, through == null ? List.of() : List.of(through)), rules);
    }

    /** Of walks within a tie of the least time: fewest stones, most favourites, the shelf's order. */
    static Walk quickest(List<Walk> walks, PlanRules rules) {
        double least = walks.stream().mapToDouble(Walk::cost).min().orElse(0);
        return walks.stream()
                .filter(w -> w.cost() <= least + rules.tieSeconds())
                .min(BruteForce::order)
                .orElse(null);
    }

    static Walk fewest(List<Walk> walks, PlanRules rules) {
        double least = walks.stream().mapToDouble(Walk::cost).min().orElse(0);
        List<Walk> near = walks.stream().filter(w -> w.cost() <= 1.25 * least).toList();
        int count = near.stream().mapToInt(w -> w.stones.size()).min().orElse(0);
        return quickest(near.stream().filter(w -> w.stones.size() == count).toList(), rules);
    }

    static Walk gentlest(List<Walk> walks) {
        double least = walks.stream().mapToDouble(Walk::cost).min().orElse(0);
        return walks.stream()
                .filter(w -> w.cost() <= 1.5 * least)
                .min((a, b) -> Math.abs(a.steel - b.steel) > 1e-12
                        ? Double.compare(a.steel, b.steel)
                        : Double.compare(a.cost(), b.cost()))
                .orElse(null);
    }

    private static int order(Walk a, Walk b) {
        if (a.stones.size() != b.stones.size()) {
            return a.stones.size() - b.stones.size();
        }
        if (favourites(a) != favourites(b)) {
            return (int) (favourites(b) - favourites(a));
        }
        for (int i = 0; i < a.places.size(); i++) {
            if (!a.places.get(i).equals(b.places.get(i))) {
                return a.places.get(i) - b.places.get(i);
            }
        }
        return 0;
    }

    private static long favourites(Walk w) {
        return w.stones.stream().filter(s -> s.nature().favourite()).count();
    }

    /** Every subset that may be walked. */
    static List<Walk> walks(
            List<Abrasive> shelf,
            StoneWork job,
            SteelClass steel,
            PlanRules rules,
            boolean oil,
            List<Abrasive> through) {
        Abrasive last = ProgressionPlanner.finishing(shelf, job.finish().orElseThrow());
        double depthUm = job.shaping().depthMm() * 1000;
        double coarsest = shelf.stream()
                .filter(a -> a == last || falling(List.of(a, last)))
                .mapToDouble(Abrasive::d50Um)
                .max()
                .orElseThrow();
        boolean someCoarse = coarsest >= depthUm / rules.startRule();
        List<Walk> walks = new ArrayList<>();
        for (int mask = 1; mask < 1 << shelf.size(); mask++) {
            if ((mask >> shelf.indexOf(last) & 1) == 0) {
                continue;
            }
            List<Abrasive> stones = new ArrayList<>();
            for (int i = 0; i < shelf.size(); i++) {
                if ((mask >> i & 1) == 1) {
                    stones.add(shelf.get(i));
                }
            }
            stones.sort((a, b) -> Double.compare(b.d50Um(), a.d50Um()));
            double first = stones.get(0).d50Um();
            boolean startsRight = someCoarse ? first >= depthUm / rules.startRule() : first == coarsest;
            if (stones.get(stones.size() - 1) == last
                    && startsRight
                    && falling(stones)
                    && stones.containsAll(through)) {
                walks.add(walk(shelf, stones, job, steel, rules, oil));
            }
        }
        return walks;
    }

    private static boolean falling(List<Abrasive> stones) {
        for (int i = 1; i < stones.size(); i++) {
            if (!(stones.get(i).d50Um() < stones.get(i - 1).d50Um()
                    && stones.get(i).scratchUm() < stones.get(i - 1).scratchUm())) {
                return false;
            }
        }
        return true;
    }

    private static Walk walk(
            List<Abrasive> shelf,
            List<Abrasive> stones,
            StoneWork job,
            SteelClass steel,
            PlanRules rules,
            boolean oilBefore) {
        double clock = 0;
        double penalty = 0;
        boolean oil = oilBefore;
        double scratch = job.startScratchUm();
        double gone = 0;
        int n = stones.size();
        for (int i = 0; i < n; i++) {
            Abrasive stone = stones.get(i);
            boolean drowned = i == 0 && job.shaping().depthMm() * 1000 >= 2 * scratch;
            double volume = (drowned ? 0 : 0.6 * scratch / 1000 * job.shaping().workedAreaMm2())
                    + (i == 0 ? job.shaping().volumeMm3() : 0);
            double force = Math.min(job.forces().mostN(), job.forces().baseN() * (i == 0 ? 2 : 1));
            double perStroke = StockRemoval.specificWear(stone, steel)
                    * force
                    * stone.strokeMm()
                    / stone.effort().factor();
            double strokes = Math.max(job.leastStrokes(), volume / perStroke);
            gone += strokes * perStroke;
            double times = scratch / (1.5 * stone.d50Um());
            penalty += drowned || times <= 1 ? 0 : 120 * Math.log(times) / Math.log(2);
            clock += i > 0 ? 25 : 0;
            if (oil && stone.wet()) {
                clock += 60;
                oil = false;
            }
            oil = oil || stone.oiled();
            boolean soft = stone.nature().firmness() == Abrasive.Firmness.SOFT;
            clock += stone.state().glazed() ? 60 : 0;
            clock += soft && job.bevel().angleDeg() >= 30 && job.bevel().widthMm() <= 1 ? 20 : 0;
            clock += soft && i == n - 1 ? 15 : 0;
            clock = Math.max(clock, stone.state().soakLeftSeconds());
            if (stone.kind().flattenAfterStrokes().isPresent()) {
                double interval = stone.kind().flattenAfterStrokes().getAsDouble();
                double since = stone.state().flat() ? stone.state().strokesSinceLapped() : 0;
                clock += 120 * ((stone.state().flat() ? 0 : 1) + Math.floor((since + strokes) / interval));
            }
            clock += 1.2 * strokes;
            scratch = stone.scratchUm();
        }
        return new Walk(stones, stones.stream().map(shelf::indexOf).toList(), clock, penalty, gone);
    }
}
