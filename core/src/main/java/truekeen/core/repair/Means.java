package truekeen.core.repair;

import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.heat.HeatSource;

/** What steel can be taken off with. Removal rates and remarks are workshop priors. */
public enum Means {
    STONES(
            "Stones",
            "",
            "Flat and cool; the straightest edge. A coarse stone hollows fast: flatten it as you go.",
            "Keeps the sweep as well as the hand does; the belly wants its own strokes."),
    PLATE(
            "Diamond plate",
            "plated diamond plate",
            "Stays flat itself, so the edge does.",
            "Flat and cool; follow the belly by lifting the handle."),
    PAPER_DISC(
            "Paper disc",
            "paper disc",
            "Flat, cool, slow; the bevel comes out flat.",
            "Cool; rock through the belly or it facets."),
    BELT(
            "Belt",
            "abrasive belt",
            "Fast; over the slack part the bevel rounds, on the platen it stays flat.",
            "Full-length passes keep the sweep; pausing anywhere leaves a flat."),
    SLOW_WET_WHEEL(
            "Slow wet wheel",
            "slow wet wheel",
            "Cool; a slight hollow; square only as its bar is square.",
            "Cool; keep the belly square on to the stone or the tip thins."),
    DRY_WHEEL(
            "Bench grinder",
            "dry grinding wheel",
            "Fast; leaves a hollow; a crowned wheel wants side-to-side passes to stay straight.",
            "Fast and hot; a small wheel scallops a long edge: full-length passes only."),
    FILE("File", "file", "For soft steel only; draw-file to keep it straight.", "For soft steel only; long strokes.");

    /** Steel a file still bites on (HRC). Source: workshop prior. */
    public static final double FILE_HRC = 50;
    /** A file's removal (mm³/s). Source: workshop prior. */
    static final double FILE_SLOW = 1;

    static final double FILE_FAST = 3;

    private final String words;
    private final String kind;
    private final String onStraight;
    private final String onCurved;

    Means(String words, String kind, String onStraight, String onCurved) {
        this.words = words;
        this.kind = kind;
        this.onStraight = onStraight;
        this.onCurved = onCurved;
    }

    /** What it is called. */
    public String words() {
        return words;
    }

    /** The kind of abrasive it is, as the table of abrasives names it; empty for stones of any kind. */
    public String kind() {
        return kind;
    }

    /** What it does to the profile of a straight or curved edge. */
    public String profile(boolean curved) {
        return curved ? onCurved : onStraight;
    }

    /** Whether it is worked by hand in strokes. */
    public boolean byHand() {
        return this == STONES || this == PLATE;
    }

    /** Whether it runs under power. */
    public boolean powered() {
        return !byHand() && this != FILE;
    }

    /** Whether a piece of the shelf is one. */
    public boolean holds(Abrasive a) {
        return this == STONES
                ? a.kind().use() == AbrasiveKind.Use.STROKES && !a.kind().name().equals(PLATE.kind)
                : a.kind().name().equals(kind);
    }

    /** How it heats, if it does so enough to draw a temper. */
    public Optional<HeatSource> heat() {
        return HeatSource.of(kind);
    }
}
