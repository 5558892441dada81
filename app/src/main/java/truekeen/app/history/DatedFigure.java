package truekeen.app.history;

import java.time.Instant;
import java.util.OptionalDouble;

/**
 * A number of a tool's history that is drawn over time.
 *
 * @param kind what it says
 * @param at when
 * @param value the number, in the unit of its kind
 * @param low least that was foreseen, where something was
 * @param high most that was foreseen, where something was
 */
public record DatedFigure(Kind kind, Instant at, double value, OptionalDouble low, OptionalDouble high) {
    /** What a number says, and its unit. */
    public enum Kind {
        /** Keenness index: force against the reference; lower is keener. */
        KEENNESS(""),
        /** Strokes of a session, all steps and sides. */
        STROKES(""),
        /** Length that is left, before the limit is taken off. */
        LENGTH("mm"),
        /** Last bevel of a set-up. */
        ANGLE("°"),
        /** How far the edge was out of square. */
        SQUARENESS("°"),
        /** Hours a machine ran, one entry each. */
        HOURS("h");

        private final String unit;

        Kind(String unit) {
            this.unit = unit;
        }

        /** The unit; empty of a plain number. */
        public String unit() {
            return unit;
        }
    }

    /** A number that nobody foresaw. */
    public static DatedFigure of(Kind kind, Instant at, double value) {
        return new DatedFigure(kind, at, value, OptionalDouble.empty(), OptionalDouble.empty());
    }
}
