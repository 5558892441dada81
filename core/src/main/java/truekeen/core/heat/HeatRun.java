package truekeen.core.heat;

import java.util.List;
import java.util.OptionalDouble;

/**
 * What a contact with the wheel did.
 *
 * @param moments temperature of the edge against time
 * @param limitAt when the edge reached the limit (s); empty where it did not
 * @param places temperature behind the edge at the end
 * @param heldJ heat in the steel at the end, above its beginning (J)
 */
public record HeatRun(List<Moment> moments, OptionalDouble limitAt, List<Place> places, double heldJ) {

    /** Temperature of the edge (°C) at a time (s). */
    public record Moment(double seconds, double edgeC) {}

    /** Temperature (°C) at a distance behind the edge (mm). */
    public record Place(double behindMm, double celsius) {}

    /** Keeps the lists from changing. */
    public HeatRun {
        moments = List.copyOf(moments);
        places = List.copyOf(places);
    }

    /** Temperature of the edge at the end (°C). */
    public double edgeC() {
        return moments.get(moments.size() - 1).edgeC();
    }

    /**
     * How far behind the edge the steel is as hot as that at the end (mm), between the places of the mesh on a straight
     * line; 0 where nothing is.
     */
    public double hotBehindMm(double celsius) {
        double reach = 0;
        for (int i = 0; i < places.size(); i++) {
            Place p = places.get(i);
            if (p.celsius() < celsius) {
                if (i == 0) {
                    return 0;
                }
                Place hot = places.get(i - 1);
                double share = (hot.celsius() - celsius) / (hot.celsius() - p.celsius());
                return hot.behindMm() + share * (p.behindMm() - hot.behindMm());
            }
            reach = p.behindMm();
        }
        return reach;
    }

    /** Temperature at a distance behind the edge (°C), between the places of the mesh on a straight line. */
    public double at(double behindMm) {
        Place before = places.get(0);
        for (Place p : places) {
            if (p.behindMm() >= behindMm) {
                double span = p.behindMm() - before.behindMm();
                double share = span <= 0 ? 0 : (behindMm - before.behindMm()) / span;
                return before.celsius() + share * (p.celsius() - before.celsius());
            }
            before = p;
        }
        return before.celsius();
    }
}
