package truekeen.core.repair;

import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.heat.HeatSource;
import truekeen.core.removal.PowerRate;

/** What steel can be taken off with. Removal rates and remarks are workshop priors. */
public enum Means {
    STONES(
            "Stones",
            null,
            "Flat and cool; the straightest edge. A coarse stone hollows fast: flatten it as you go.",
            "Keeps the sweep as well as the hand does; the belly wants its own strokes."),
    PLATE(
            "Diamond plate",
            AbrasiveKind.PLATED_DIAMOND,
            "Stays flat itself, so the edge does.",
            "Flat and cool; follow the belly by lifting the handle."),
    PAPER_DISC(
            "Paper disc",
            AbrasiveKind.PAPER_DISC,
            "Flat, cool, slow; the bevel comes out flat.",
            "Cool; rock through the belly or it facets."),
    BELT(
            "Belt",
            AbrasiveKind.BELT,
            "Fast; over the slack part the bevel rounds, on the platen it stays flat.",
            "Full-length passes keep the sweep; pausing anywhere leaves a flat."),
    SLOW_WET_WHEEL(
            "Slow wet wheel",
            AbrasiveKind.SLOW_WET_WHEEL,
            "Cool; a slight hollow; square only as its bar is square.",
            "Cool; keep the belly square on to the stone or the tip thins."),
    DRY_WHEEL(
            "Bench grinder",
            AbrasiveKind.DRY_WHEEL,
            "Fast; leaves a hollow; a crowned wheel wants side-to-side passes to stay straight.",
            "Fast and hot; a small wheel scallops a long edge: full-length passes only."),
    FILE(
            "File",
            AbrasiveKind.FILE,
            "For soft steel only; draw-file to keep it straight.",
            "For soft steel only; long strokes.");

    private final String words;
    private final AbrasiveKind kind;
    private final String onStraight;
    private final String onCurved;

    Means(String words, AbrasiveKind kind, String onStraight, String onCurved) {
        this.words = words;
        this.kind = kind;
        this.onStraight = onStraight;
        this.onCurved = onCurved;
    }

    /** What it is called. */
    public String words() {
        return words;
    }

    /** The kind of abrasive it is; empty for stones of any kind. */
    public Optional<AbrasiveKind> kind() {
        return Optional.ofNullable(kind);
    }

    /** How fast it takes steel, where it runs under power. */
    public Optional<PowerRate> rate() {
        return kind().flatMap(PowerRate::of);
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
        return this == STONES ? a.kind().use() == AbrasiveKind.Use.STROKES && a.kind() != PLATE.kind : a.kind() == kind;
    }

    /** How it heats, if it does so enough to draw a temper. */
    public Optional<HeatSource> heat() {
        return kind().flatMap(HeatSource::of);
    }
}
