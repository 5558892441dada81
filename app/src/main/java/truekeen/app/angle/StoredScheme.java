package truekeen.app.angle;

import java.util.List;
import truekeen.core.holding.Scheme;
import truekeen.core.section.Point;

/** The drawing of a setting, as it is stored. Lengths in mm, angles in degrees. */
final class StoredScheme {
    private StoredScheme() {}

    record Place(double x, double y) {
        static Place of(Point p) {
            return new Place(p.x(), p.y());
        }

        Point toCore() {
            return new Point(x, y);
        }
    }

    record Part(String material, List<Place> outline, double radiusMm) {}

    record Span(Place from, Place to, double offsetMm, String label, boolean chief) {}

    record Turn(Place at, double radiusMm, double fromDeg, double toDeg, String label, boolean chief) {}

    record Drawing(List<Part> parts, List<Span> spans, List<Turn> turns) {}

    static Drawing of(Scheme s) {
        return new Drawing(
                s.parts().stream()
                        .map(p -> new Part(
                                p.material().name(),
                                p.outline().stream().map(Place::of).toList(),
                                p.radiusMm()))
                        .toList(),
                s.spans().stream()
                        .map(l -> new Span(Place.of(l.from()), Place.of(l.to()), l.offsetMm(), l.label(), l.chief()))
                        .toList(),
                s.turns().stream()
                        .map(t ->
                                new Turn(Place.of(t.at()), t.radiusMm(), t.fromDeg(), t.toDeg(), t.label(), t.chief()))
                        .toList());
    }

    static Scheme toCore(Drawing d) {
        return new Scheme(
                d.parts.stream()
                        .map(p -> new Scheme.Part(
                                Scheme.Material.valueOf(p.material),
                                p.outline.stream().map(Place::toCore).toList(),
                                p.radiusMm))
                        .toList(),
                d.spans.stream()
                        .map(l -> new Scheme.Span(l.from.toCore(), l.to.toCore(), l.offsetMm, l.label, l.chief))
                        .toList(),
                d.turns.stream()
                        .map(t -> new Scheme.Turn(t.at.toCore(), t.radiusMm, t.fromDeg, t.toDeg, t.label, t.chief))
                        .toList());
    }
}
