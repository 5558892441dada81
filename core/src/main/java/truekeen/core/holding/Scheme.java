package truekeen.core.holding;

import java.util.ArrayList;
import java.util.List;
import truekeen.core.quantity.Angle;
import truekeen.core.section.Point;

/**
 * The drawing of a setting, to scale: outlines in mm, y up, with the length or angle to be set and what it is measured
 * against.
 *
 * @param parts outlines and rounds, back to front
 * @param spans lengths to measure
 * @param turns angles to measure
 */
public record Scheme(List<Part> parts, List<Span> spans, List<Turn> turns) {
    /** What a part is. */
    public enum Material {
        STEEL,
        STONE,
        WHEEL,
        LEATHER,
        BELT,
        BODY,
        ROLLER,
        BAR,
        TABLE,
        BLOCK,
        OBJECT,
        LEVEL
    }

    /**
     * An outline, or a round about its first point.
     *
     * @param outline corners in order; two for a mere line
     * @param radiusMm 0 for an outline
     */
    public record Part(Material material, List<Point> outline, double radiusMm) {
        /** Keeps the outline from changing. */
        public Part {
            outline = List.copyOf(outline);
        }
    }

    /**
     * A length, drawn a little off what it measures.
     *
     * @param from one end, at the thing
     * @param to the other
     * @param offsetMm how far off the line is drawn, to the left of from-to; next to nothing for in its place, the sign
     *     saying on which side the words stand
     * @param chief whether it is the one to set
     */
    public record Span(Point from, Point to, double offsetMm, String label, boolean chief) {}

    /** An angle between two directions (degrees from the x axis, counter-clockwise). */
    public record Turn(Point at, double radiusMm, double fromDeg, double toDeg, String label, boolean chief) {}

    /** Keeps the lists from changing. */
    public Scheme {
        parts = List.copyOf(parts);
        spans = List.copyOf(spans);
        turns = List.copyOf(turns);
    }

    /** Gathers a drawing. */
    static final class Pen {
        private final List<Part> parts = new ArrayList<>();
        private final List<Span> spans = new ArrayList<>();
        private final List<Turn> turns = new ArrayList<>();

        Pen outline(Material material, Point... corners) {
            parts.add(new Part(material, List.of(corners), 0));
            return this;
        }

        Pen round(Material material, Point centre, double radiusMm) {
            parts.add(new Part(material, List.of(centre), radiusMm));
            return this;
        }

        Pen span(Point from, Point to, double offsetMm, String label, boolean chief) {
            spans.add(new Span(from, to, offsetMm, label, chief));
            return this;
        }

        Pen turn(Point at, double radiusMm, double fromDeg, double toDeg, String label, boolean chief) {
            turns.add(new Turn(at, radiusMm, fromDeg, toDeg, label, chief));
            return this;
        }

        Scheme done() {
            return new Scheme(parts, spans, turns);
        }
    }

    /** A frame that lies along a direction: along it, and off it to the left. */
    record Frame(Point origin, double radians) {
        static Frame at(Point origin, Angle direction) {
            return new Frame(origin, direction.radians());
        }

        Point point(double along, double off) {
            double c = Math.cos(radians);
            double s = Math.sin(radians);
            return new Point(origin.x() + along * c - off * s, origin.y() + along * s + off * c);
        }
    }
}
