package truekeen.core.hand;

/**
 * Strokes done over strokes predicted without any learning, of one step of one session of one person.
 *
 * @param key what it is kept under
 * @param abrasiveId the piece
 * @param kind its kind
 * @param steel class of the steel
 * @param ratio actual over predicted, positive
 * @param judged what a person said of it, where it stood out
 */
public record StrokeRatio(String key, String abrasiveId, String kind, String steel, double ratio, Judged judged) {
    /** Refuses a ratio that no strokes can give. */
    public StrokeRatio {
        if (!(ratio > 0) || Double.isInfinite(ratio)) {
            throw new IllegalArgumentException("a ratio of strokes is positive: " + ratio);
        }
    }

    /** What a person said of a ratio that stood out. */
    public enum Judged {
        /** Nobody was asked, or nobody answered yet. */
        OPEN,
        /** It was the hand: learn it. */
        HAND,
        /** It was the stone: leave it out. */
        STONE
    }

    double log() {
        return Math.log(ratio);
    }
}
