package truekeen.core.abrasive;

/**
 * One piece on a shelf, as it stands now.
 *
 * @param id its key on the shelf
 * @param name what the shop calls it
 * @param kind its kind
 * @param grain class of its grain, which for strops and film is not the kind's but its own
 * @param d50Um median grain (µm), positive; 0 for a bare strop
 * @param grainGuessed whether the size was carried on beyond its standard's table
 * @param shape its shape
 * @param lubricant what is used on it: one of the kind's
 * @param state how it stands
 */
public record Abrasive(
        String id,
        String name,
        AbrasiveKind kind,
        AbrasiveClass grain,
        double d50Um,
        boolean grainGuessed,
        Shape shape,
        String lubricant,
        State state) {

    /** Prior for a stroke there and back on a bench stone (mm). */
    private static final double BENCH_STROKE_MM = 300;
    /** Prior for a stroke there and back on a pocket stone (mm). */
    private static final double POCKET_STROKE_MM = 200;

    /** Shape, as far as it decides what can be worked on it. */
    public enum Shape {
        /** Full-size flat stone, plate or sheet. */
        BENCH,
        /** Narrow flat stone. */
        NARROW,
        /** Small stone held in the hand. */
        POCKET,
        /** Round rod. */
        ROD,
        /** Leather strop, flat. */
        STROP,
        /** Wheel, belt or disc under power. */
        POWERED
    }

    /**
     * How a piece stands.
     *
     * @param flat whether it was found flat
     * @param strokesSinceLapped strokes since it was last flattened
     * @param lappable whether a plate on this shelf may flatten it
     * @param soakLeftSeconds soaking still wanted before use (s); 0 where it is ready or needs none
     * @param retired whether it is out of use
     * @param frozen whether it may have frozen wet
     */
    public record State(
            boolean flat,
            double strokesSinceLapped,
            boolean lappable,
            double soakLeftSeconds,
            boolean retired,
            boolean frozen) {
        /** Flat, ready, in use. */
        public static final State READY = new State(true, 0, true, 0, false, false);
    }

    /** Depth of the scratch it leaves (µm). */
    public double scratchUm() {
        return kind.scratchRatio() * d50Um;
    }

    /** Sliding distance of one stroke (mm): there and back, half of it where only trailing strokes cut. */
    public double strokeMm() {
        double thereAndBack = shape == Shape.POCKET || shape == Shape.ROD ? POCKET_STROKE_MM : BENCH_STROKE_MM;
        return kind.trailingOnly() ? thereAndBack / 2 : thereAndBack;
    }

    /** Whether oil is used on it. */
    public boolean oiled() {
        return lubricant.equals("oil");
    }

    /** Whether water, plain or soapy, is used on it. */
    public boolean wet() {
        return lubricant.endsWith("water");
    }
}
