package truekeen.core.condition;

/**
 * What one thing asks of the new edge.
 *
 * @param subject what it is: {@code wear}, {@code square}, {@code camber}, {@code oldBack}, or {@code findings[i]}
 * @param words the same for the bench
 * @param ownMm how far back it reaches by itself, from the edge as it is there (mm)
 * @param lineMm where it would put the new edge, behind the foremost point of the present one (mm)
 * @param decides whether the new edge lies where it does because of this
 * @param left whether it is left in place on purpose
 */
public record Demand(String subject, String words, double ownMm, double lineMm, boolean decides, boolean left) {}
