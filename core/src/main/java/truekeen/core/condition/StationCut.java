package truekeen.core.condition;

/**
 * One place along the edge.
 *
 * @param xMm from the left corner (mm)
 * @param presentMm how far the present edge lies behind its foremost point (mm), damage included
 * @param recessionMm how far it goes back from there to the new edge (mm)
 */
public record StationCut(double xMm, double presentMm, double recessionMm) {}
