package truekeen.core.progression;

import java.util.List;
import truekeen.core.abrasive.Abrasive;

/** The shelf as a job leaves it to the next one. */
final class ShelfAfter {
    private ShelfAfter() {}

    /** Leaves the shelf as the job leaves it: strokes counted, flattened where due, soaking under way. */
    static void leave(List<Abrasive> shelf, JobPath path) {
        for (int i = 0; i < shelf.size(); i++) {
            Abrasive a = shelf.get(i);
            Abrasive.State s = a.state();
            double since = s.strokesSinceLapped();
            boolean flat = s.flat();
            boolean worked = false;
            for (Leg leg : path.legs()) {
                if (leg.abrasive() == a) {
                    double all = (flat ? since : 0) + leg.strokes();
                    since = a.kind().flattenAfterStrokes().isPresent()
                            ? all % a.kind().flattenAfterStrokes().getAsDouble()
                            : all;
                    flat = true;
                    worked = true;
                }
            }
            double soak = Math.max(0, s.soakLeftSeconds() - path.seconds());
            shelf.set(
                    i,
                    a.with(new Abrasive.State(
                            flat,
                            since,
                            s.lappable(),
                            soak,
                            s.retired(),
                            s.frozen(),
                            s.glazed() && !worked,
                            s.oilInside() || worked && a.oiled(),
                            s.worn())));
        }
    }
}
