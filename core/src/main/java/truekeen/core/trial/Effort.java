package truekeen.core.trial;

/**
 * What it took to bring a dulled edge back to its first reading.
 *
 * @param strokes that were made
 * @param regained whether it came back
 */
public record Effort(int strokes, boolean regained) {}
