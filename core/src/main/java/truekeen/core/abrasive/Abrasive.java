package truekeen.core.abrasive;

import java.util.Optional;
import java.util.OptionalDouble;
import truekeen.core.table.Prior;

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
 * @param nature what it is like to work on
 * @param effort what the log taught about strokes on it, for the hand and the steel at hand
 */
public record Abrasive(
        String id,
        String name,
        AbrasiveKind kind,
        AbrasiveClass grain,
        double d50Um,
        boolean grainGuessed,
        Shape shape,
        Lubricant lubricant,
        State state,
        Nature nature,
        Effort effort) {

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
        /** Round stone held in the hand and moved in circles. */
        ROUND,
        /** Strip of paper, on a stick or in the hand. */
        STRIP,
        /** Leather strop, flat. */
        STROP,
        /** Belt under power. */
        BELT,
        /** Wheel or disc under power. */
        WHEEL;

        /** Whether it is small enough to be held in the hand while it works. */
        public boolean inHand() {
            return this == POCKET || this == ROD || this == ROUND || this == STRIP;
        }
    }

    /** A piece of which nothing more is known than what it is and how it stands. */
    public Abrasive(
            String id,
            String name,
            AbrasiveKind kind,
            AbrasiveClass grain,
            double d50Um,
            boolean grainGuessed,
            Shape shape,
            Lubricant lubricant,
            State state) {
        this(id, name, kind, grain, d50Um, grainGuessed, shape, lubricant, state, Nature.UNKNOWN, Effort.FIRST);
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
     * @param glazed whether it slides instead of cutting: it wants dressing
     * @param oilInside whether it has had oil that was not cleaned out again
     * @param worn how far it is worn, 0 new to 1 at its end
     */
    public record State(
            boolean flat,
            double strokesSinceLapped,
            boolean lappable,
            double soakLeftSeconds,
            boolean retired,
            boolean frozen,
            boolean glazed,
            boolean oilInside,
            double worn) {
        /** Flat, ready, in use. */
        public static final State READY = new State(true, 0, true, 0, false, false);

        /** Neither glazed, oily nor worn. */
        public State(
                boolean flat,
                double strokesSinceLapped,
                boolean lappable,
                double soakLeftSeconds,
                boolean retired,
                boolean frozen) {
            this(flat, strokesSinceLapped, lappable, soakLeftSeconds, retired, frozen, false, false, 0);
        }
    }

    /** How it answers a narrow bevel: a soft one is dug into. */
    public enum Firmness {
        UNKNOWN,
        SOFT,
        MEDIUM,
        FIRM
    }

    /** What is done with its slurry. */
    public enum Slurry {
        /** As the house does. */
        HOUSE,
        KEPT,
        RINSED
    }

    /**
     * What a piece is like to work on.
     *
     * @param firmness how it answers a narrow bevel
     * @param favourite whether the hand prefers it where all else is equal
     * @param slurry what is done with its slurry
     * @param lengthMm its length (mm), where it was measured
     * @param laps what it may flatten, where it is one that flattens others
     * @param otherSide id of the face on the other side of the same piece, where it has two
     */
    public record Nature(
            Firmness firmness,
            boolean favourite,
            Slurry slurry,
            OptionalDouble lengthMm,
            Optional<GrainRange> laps,
            Optional<String> otherSide) {
        /** Nothing known. */
        public static final Nature UNKNOWN =
                new Nature(Firmness.UNKNOWN, false, Slurry.HOUSE, OptionalDouble.empty(), Optional.empty());

        /** A piece with one face. */
        public Nature(
                Firmness firmness,
                boolean favourite,
                Slurry slurry,
                OptionalDouble lengthMm,
                Optional<GrainRange> laps) {
            this(firmness, favourite, slurry, lengthMm, laps, Optional.empty());
        }
    }

    /**
     * Grains from fine to coarse (µm).
     *
     * @param finestUm finest
     * @param coarsestUm coarsest
     */
    public record GrainRange(double finestUm, double coarsestUm) {
        /** Whether a grain lies within. */
        public boolean holds(double um) {
            return um >= finestUm && um <= coarsestUm;
        }
    }

    /**
     * Strokes that a hand really takes over those predicted.
     *
     * @param factor actual over predicted, as the log has it; 1 before anything was learned
     * @param logSd spread of the logarithm of that factor, one standard deviation
     * @param sessions sessions on this piece and steel that it rests on
     * @param ofKind sessions on other pieces of its kind, or on other steels, that it rests on too
     */
    public record Effort(double factor, double logSd, int sessions, int ofKind) {
        /** Nothing learned: spread about one in logarithms. Source: workshop prior. */
        public static final Effort FIRST = new Effort(1, Prior.HAND_FIRST_LOG_SD.value(), 0, 0);
        /** Spread of one session about its factor, in logarithms. Source: workshop prior. */
        public static final double SESSION_LOG_SD = Prior.ABRASIVE_SESSION_LOG_SD.value();

        /** Factor by which the next session's strokes spread either way, one standard deviation. */
        public double spread() {
            return Math.exp(Math.hypot(logSd, SESSION_LOG_SD));
        }

        /** What it rests on, in words. */
        public String evidence() {
            if (sessions > 0) {
                return sessions == 1
                        ? AbrasiveWords.ONE_SESSION.words()
                        : AbrasiveWords.SESSIONS.fill("sessions", sessions);
            }
            return ofKind == 0
                    ? AbrasiveWords.FIRST_ESTIMATE.words()
                    : AbrasiveWords.FROM_ITS_KIND.fill("ofKind", ofKind);
        }
    }

    /** The same piece as it stands otherwise. */
    public Abrasive with(State other) {
        return new Abrasive(id, name, kind, grain, d50Um, grainGuessed, shape, lubricant, other, nature, effort);
    }

    /** The same piece of another nature. */
    public Abrasive with(Nature other) {
        return new Abrasive(id, name, kind, grain, d50Um, grainGuessed, shape, lubricant, state, other, effort);
    }

    /** The same piece in a hand that is known. */
    public Abrasive with(Effort other) {
        return new Abrasive(id, name, kind, grain, d50Um, grainGuessed, shape, lubricant, state, nature, other);
    }

    /** Depth of the scratch it leaves (µm). A file has teeth and no grain: it leaves what files leave. */
    public double scratchUm() {
        return kind == AbrasiveKind.FILE ? Prior.FILE_SCRATCH_UM.value() : kind.scratchRatio() * d50Um;
    }

    /**
     * Sliding distance of one stroke (mm): there and back, half of it where only trailing strokes cut. A full-size piece
     * whose length is known is used to {@link Prior#ENDS_LEFT_MM} less than that; else priors hold.
     */
    public double strokeMm() {
        boolean small = shape == Shape.POCKET || shape == Shape.ROD || shape == Shape.STRIP;
        double thereAndBack = shape == Shape.ROUND
                ? Prior.CIRCLE_STROKE_MM.value()
                : small
                        ? Prior.POCKET_STROKE_MM.value()
                        : nature.lengthMm().isPresent()
                                ? 2 * Math.max(20, nature.lengthMm().getAsDouble() - Prior.ENDS_LEFT_MM.value())
                                : Prior.BENCH_STROKE_MM.value();
        return kind.trailingOnly() ? thereAndBack / 2 : thereAndBack;
    }

    /** Whether oil is used on it. */
    public boolean oiled() {
        return lubricant == Lubricant.OIL;
    }

    /** Whether water, plain or soapy, is used on it. */
    public boolean wet() {
        return lubricant.wet();
    }
}
