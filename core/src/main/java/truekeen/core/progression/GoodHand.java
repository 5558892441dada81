package truekeen.core.progression;

import java.util.ArrayList;
import java.util.List;

/**
 * Where a good hand stops. Replacing every scratch would often ask for more strokes on a finer stone than on the one that
 * shaped; nobody does that: what the coarser one left beyond it stays, and the edge is keen all the same. The path itself is
 * chosen as if every scratch were replaced, else the search would start too coarse and leave its scratches standing.
 * Source: derived here, from the practice of the bench.
 */
final class GoodHand {
    private GoodHand() {}

    /** The legs with no more strokes on a finer abrasive than on the one before it, but the least count on each. */
    static List<Leg> stops(List<Leg> legs, StoneWork job, PlanRules rules) {
        List<Leg> eased = new ArrayList<>();
        for (Leg leg : legs) {
            double most = eased.isEmpty()
                    ? Double.POSITIVE_INFINITY
                    : Math.max(job.leastStrokes(), eased.get(eased.size() - 1).strokes());
            eased.add(leg.strokes() > most + 1e-9 ? leg.stoppingAt(most, rules.secondsPerStroke()) : leg);
        }
        return List.copyOf(eased);
    }
}
