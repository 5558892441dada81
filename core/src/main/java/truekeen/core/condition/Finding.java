package truekeen.core.condition;

import java.util.OptionalDouble;
import truekeen.core.table.Prior;

/**
 * One thing found along the edge.
 *
 * @param kind what it is
 * @param fromMm where it starts, from the left corner as the strip is drawn (mm)
 * @param toMm where it ends (mm)
 * @param depthMm how deep it is at its deepest (mm): of a pit into its face, else back from the edge; 0 where it is only
 *     seen and not measured
 * @param behindMm of a pit: how far behind the edge it begins (mm), 0 where it reaches the edge; else 0
 * @param leave whether it is left in place on purpose
 */
public record Finding(Kind kind, double fromMm, double toMm, double depthMm, double behindMm, boolean leave) {

    /** What can be found along an edge. */
    public enum Kind {
        /** Steel broken out: deepest in the middle of its width. */
        CHIP("chip", true, false),
        /** Steel beaten back by something hard: a round hollow in the edge. */
        DENT("dent", true, false),
        /** The edge bent over to one side: the steel is there, and must go as far back as it bends. */
        ROLL("roll", true, false),
        /** A line of light on the apex: a flat, or a place the last stones did not reach. */
        BRIGHT("bright line", false, false),
        /** Dots of light on the apex: chips too small to measure. */
        DOTS("bright dots", false, false),
        /** A pit of rust in the back. */
        PIT_BACK("pit in the back", true, true),
        /** A pit of rust in the bevel. */
        PIT_BEVEL("pit in the bevel", true, true),
        /** Steel at the edge that was drawn by heat: straw to blue. It must go as far back as the colour reaches. */
        COLOUR("heat colour", true, false),
        /** A corner rounded off: deepest at the corner. */
        ROUNDED_CORNER("rounded corner", true, false);

        private final String words;
        private final boolean measured;
        private final boolean pit;

        Kind(String words, boolean measured, boolean pit) {
            this.words = words;
            this.measured = measured;
            this.pit = pit;
        }

        /** Depth it is first taken to have when it is marked, to be corrected at once (mm); none where none is measured. */
        public OptionalDouble firstDepthMm() {
            return switch (this) {
                case COLOUR -> OptionalDouble.of(Prior.FRESH_COLOUR_MM.value());
                case CHIP, DENT, ROUNDED_CORNER -> OptionalDouble.of(Prior.FRESH_MARK_DEEP_MM.value());
                case ROLL, PIT_BACK, PIT_BEVEL -> OptionalDouble.of(Prior.FRESH_MARK_SHALLOW_MM.value());
                case BRIGHT, DOTS -> OptionalDouble.empty();
            };
        }

        /** What it is called at the bench. */
        public String words() {
            return words;
        }

        /** Whether it has a depth; else it is only seen. */
        public boolean measured() {
            return measured;
        }

        /** Whether it lies in a face, and may begin behind the edge. */
        public boolean pit() {
            return pit;
        }
    }

    /** Something along the edge itself. */
    public Finding(Kind kind, double fromMm, double toMm, double depthMm, boolean leave) {
        this(kind, fromMm, toMm, depthMm, 0, leave);
    }

    /**
     * How far the edge lies back at a place because steel is missing there (mm). A chip is taken as a V, a dent as a
     * parabola, a rounded corner as a straight ease; each is zero at its ends. What is bent, lit or pitted is still there.
     *
     * @param x place along the edge (mm)
     * @param edgeLengthMm length of the edge (mm)
     */
    public double missingAt(double x, double edgeLengthMm) {
        if (x < fromMm || x > toMm) {
            return 0;
        }
        double half = (toMm - fromMm) / 2;
        double fromMiddle = Math.abs(x - fromMm - half) / half;
        return switch (kind) {
            case CHIP -> depthMm * (1 - fromMiddle);
            case DENT -> depthMm * (1 - fromMiddle * fromMiddle);
            case ROUNDED_CORNER -> depthMm * (atLeft(edgeLengthMm) ? (toMm - x) : (x - fromMm)) / (toMm - fromMm);
            default -> 0;
        };
    }

    /**
     * How far the edge must go back at a place to be rid of it (mm). A pit in the back asks nothing of the edge: it goes
     * with the back.
     *
     * @param sinBevel sine of the bevel that is ground: a pit in it goes by what the bevel is lowered
     */
    double askedAt(double x, double edgeLengthMm, double sinBevel) {
        if (leave || x < fromMm || x > toMm) {
            return 0;
        }
        return switch (kind) {
            case BRIGHT, DOTS -> Dullness.LIGHT_VISIBLE.recessionMm();
            case ROLL, COLOUR -> depthMm;
            case PIT_BEVEL -> depthMm / sinBevel;
            default -> missingAt(x, edgeLengthMm);
        };
    }

    /** The same, left in place on purpose. */
    Finding left() {
        return new Finding(kind, fromMm, toMm, depthMm, behindMm, true);
    }

    /** Whether a rounded corner is the left one. */
    public boolean atLeft(double edgeLengthMm) {
        return fromMm + toMm < edgeLengthMm;
    }
}
