package truekeen.core.progression;

import java.util.ArrayList;
import java.util.List;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.removal.StockRemoval;
import truekeen.core.steel.SteelClass;

/** Every subset of a shelf, walked and timed by the definitions; independent of the search it checks. */
final class BruteForce {
    private BruteForce() {}

    record Walk(List<Abrasive> stones, List<Integer> places, double seconds, int tooWide) {}

    static Walk best(List<Abrasive> shelf, Job job, SteelClass steel, PlanRules rules, boolean oil, Abrasive through) {
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
                    && (through == null || stones.contains(through))) {
                walks.add(walk(shelf, stones, job, steel, rules, oil));
            }
        }
        int tooWide = walks.stream().mapToInt(Walk::tooWide).min().orElse(-1);
        walks.removeIf(w -> w.tooWide != tooWide);
        double least = walks.stream().mapToDouble(Walk::seconds).min().orElse(0);
        return walks.stream()
                .filter(w -> w.seconds <= least + rules.tieSeconds())
                .min((a, b) -> {
                    for (int i = 0; a.places.size() == b.places.size() && i < a.places.size(); i++) {
                        if (!a.places.get(i).equals(b.places.get(i))) {
                            return a.places.get(i) - b.places.get(i);
                        }
                    }
                    return a.places.size() - b.places.size();
                })
                .orElse(null);
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
            Job job,
            SteelClass steel,
            PlanRules rules,
            boolean oilBefore) {
        double clock = 0;
        int tooWide = 0;
        boolean oil = oilBefore;
        double scratch = job.startScratchUm();
        int n = stones.size();
        for (int i = 0; i < n; i++) {
            Abrasive stone = stones.get(i);
            double volume = 2 * scratch / 1000 * job.shaping().workedAreaMm2()
                    + (i == 0 ? job.shaping().volumeMm3() : 0);
            double factor = n == 1 ? 1 : i == 0 ? 2 : i == n - 1 ? 0.5 : 1;
            double strokes = volume
                    / (StockRemoval.specificWear(stone, steel) * job.forces().baseN() * factor * stone.strokeMm());
            boolean waived = i == 0 && job.shaping().depthMm() * 1000 >= 2 * scratch;
            tooWide += !waived && scratch > rules.widestStep() * stone.d50Um() ? 1 : 0;
            clock += i > 0 ? 25 : 0;
            if (oil && stone.wet()) {
                clock += 60;
                oil = false;
            }
            oil = oil || stone.oiled();
            clock = Math.max(clock, stone.state().soakLeftSeconds());
            if (stone.kind().flattenAfterStrokes().isPresent()) {
                double interval = stone.kind().flattenAfterStrokes().getAsDouble();
                double since = stone.state().flat() ? stone.state().strokesSinceLapped() : 0;
                clock += 120 * ((stone.state().flat() ? 0 : 1) + Math.floor((since + strokes) / interval));
            }
            clock += 1.2 * strokes;
            scratch = stone.scratchUm();
        }
        return new Walk(stones, stones.stream().map(shelf::indexOf).toList(), clock, tooWide);
    }
}
