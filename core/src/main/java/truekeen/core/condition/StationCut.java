package truekeen.core.condition;

/**
 * One place along the edge.
 *
 * @param xMm from the left corner (mm)
 * @param presentMm how far the present edge lies behind its foremost point (mm), damage included; the shape that the
 *     edge has by itself, a belly or a camber, is not counted
 * @param recessionMm how far it goes back from there to the new edge (mm)
 * @param removedMm2 area of the section that goes there (mm²)
 * @param behindAfterMm thickness behind the edge afterwards (mm)
 */
public record StationCut(double xMm, double presentMm, double recessionMm, double removedMm2, double behindAfterMm) {}
