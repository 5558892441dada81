package truekeen.core.ink;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * Where the ink is gone after a few strokes: three zones from the heel of the bevel to its edge, each looked at left, in
 * the middle and right (on a knife: toward the heel, in the middle, toward the tip).
 *
 * @param gone places without ink
 */
public record InkPattern(Set<Place> gone) {

    /** Zones across the bevel. */
    public enum Zone {
        HEEL,
        MIDDLE,
        EDGE
    }

    /** Places along the edge. */
    public enum Part {
        LEFT,
        CENTRE,
        RIGHT
    }

    /** One of the nine places. */
    public enum Place {
        HEEL_LEFT(Zone.HEEL, Part.LEFT),
        HEEL_CENTRE(Zone.HEEL, Part.CENTRE),
        HEEL_RIGHT(Zone.HEEL, Part.RIGHT),
        MIDDLE_LEFT(Zone.MIDDLE, Part.LEFT),
        MIDDLE_CENTRE(Zone.MIDDLE, Part.CENTRE),
        MIDDLE_RIGHT(Zone.MIDDLE, Part.RIGHT),
        EDGE_LEFT(Zone.EDGE, Part.LEFT),
        EDGE_CENTRE(Zone.EDGE, Part.CENTRE),
        EDGE_RIGHT(Zone.EDGE, Part.RIGHT);

        private final Zone zone;
        private final Part part;

        Place(Zone zone, Part part) {
            this.zone = zone;
            this.part = part;
        }

        /** Across the bevel. */
        public Zone zone() {
            return zone;
        }

        /** Along the edge. */
        public Part part() {
            return part;
        }
    }

    /** Keeps the places from changing. */
    public InkPattern {
        gone = Set.copyOf(gone);
    }

    /** The ink is gone in these zones, all along the edge. */
    public static InkPattern zones(Zone... zones) {
        List<Zone> wanted = List.of(zones);
        EnumSet<Place> gone = EnumSet.noneOf(Place.class);
        Arrays.stream(Place.values()).filter(p -> wanted.contains(p.zone())).forEach(gone::add);
        return new InkPattern(gone);
    }

    /** Zones in which ink is gone in this part. */
    Set<Zone> zones(Part part) {
        EnumSet<Zone> zones = EnumSet.noneOf(Zone.class);
        gone.stream().filter(p -> p.part() == part).map(Place::zone).forEach(zones::add);
        return zones;
    }

    /** Zones in which ink is gone anywhere. */
    Set<Zone> zones() {
        EnumSet<Zone> zones = EnumSet.noneOf(Zone.class);
        gone.stream().map(Place::zone).forEach(zones::add);
        return zones;
    }

    /** Parts in which ink is gone anywhere. */
    Set<Part> parts() {
        EnumSet<Part> parts = EnumSet.noneOf(Part.class);
        gone.stream().map(Place::part).forEach(parts::add);
        return parts;
    }
}
