package truekeen.core.progression;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * A partial path: its last leg and what came before.
 *
 * @param before the path up to the last leg; null at the first
 * @param leg the last leg
 * @param places places on the shelf of all its abrasives, in the order of the path
 * @param favourites of these, favourites
 * @param seconds time so far (s)
 * @param steelMm3 steel gone so far (mm³)
 * @param oil whether the tool is oily now
 * @param penaltySeconds what steps wider than the house likes count beyond their time (s)
 */
record Label(
        Label before,
        Leg leg,
        int[] places,
        int favourites,
        double seconds,
        double steelMm3,
        boolean oil,
        double penaltySeconds) {

    /** What paths are compared by (s): their time, and what steps too wide count beyond it. */
    double cost() {
        return seconds + penaltySeconds;
    }

    /** Number of abrasives. */
    int count() {
        return places.length;
    }

    /** The place of the abrasive it stands on. */
    int place() {
        return places[places.length - 1];
    }

    /** All legs in order. */
    List<Leg> legs() {
        List<Leg> legs = new ArrayList<>();
        for (Label l = this; l != null; l = l.before) {
            legs.add(l.leg);
        }
        Collections.reverse(legs);
        return List.copyOf(legs);
    }

    /** The shelf's own order: the first difference of places decides. */
    static int shelfOrder(Label a, Label b) {
        for (int i = 0; i < Math.min(a.places.length, b.places.length); i++) {
            if (a.places[i] != b.places[i]) {
                return Integer.compare(a.places[i], b.places[i]);
            }
        }
        return Integer.compare(a.places.length, b.places.length);
    }
}
