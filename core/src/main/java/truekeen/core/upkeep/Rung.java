package truekeen.core.upkeep;

/** What brings an edge back, the least first: each takes more steel and more time than the one before. */
public enum Rung {
    /** A few strokes on leather. */
    STROP(UpkeepWords.RUNG_STROP, UpkeepWords.HOW_STROP),
    /** A few light passes on a fine ceramic rod, which cuts. */
    CERAMIC_ROD(UpkeepWords.RUNG_CERAMIC_ROD, UpkeepWords.HOW_CERAMIC_ROD),
    /** A few light passes on a smooth steel rod, which only lays the edge straight. */
    STEEL_ROD(UpkeepWords.RUNG_STEEL_ROD, UpkeepWords.HOW_STEEL_ROD),
    /** The finest stone, until a new burr shows. */
    FINEST_STONE(UpkeepWords.RUNG_FINEST_STONE, UpkeepWords.HOW_FINEST_STONE),
    /** A sharpening, from survey to test. */
    PROGRESSION(UpkeepWords.RUNG_PROGRESSION, UpkeepWords.HOW_PROGRESSION),
    /** The bevel is ground anew: its last facet has grown too wide. */
    REGRIND(UpkeepWords.RUNG_REGRIND, UpkeepWords.HOW_REGRIND),
    /** The faces are brought down: it wedges. */
    THIN(UpkeepWords.RUNG_THIN, UpkeepWords.HOW_THIN);

    private final UpkeepWords words;
    private final UpkeepWords how;

    Rung(UpkeepWords words, UpkeepWords how) {
        this.words = words;
        this.how = how;
    }

    /** It in words. */
    public String words() {
        return words.words();
    }

    /** How it is done, in a sentence or two. */
    public String how() {
        return how.words();
    }

    /** Whether it is a touch-up between two sharpenings, rather than a job with its own survey. */
    public boolean touchUp() {
        return compareTo(PROGRESSION) < 0;
    }
}
