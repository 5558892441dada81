package truekeen.core.keenness;

/**
 * A part of the edge.
 *
 * @param fromMm from the left corner (mm)
 * @param toMm from the left corner (mm)
 */
public record Stretch(double fromMm, double toMm) {
    /** The part that both cover, ends rounded to whole tenths for speaking. */
    public Stretch widened(double byMm, double edgeLengthMm) {
        return new Stretch(Math.max(0, fromMm - byMm), Math.min(edgeLengthMm, toMm + byMm));
    }

    /** Whether a place lies within. */
    public boolean holds(double xMm) {
        return xMm >= fromMm && xMm <= toMm;
    }
}
