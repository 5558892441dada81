package truekeen.core.profile;

/**
 * A stretch where an edge no longer has the shape it had.
 *
 * @param kind how it changed
 * @param fromMm where it begins, along the edge as it was (mm)
 * @param toMm where it ends (mm)
 */
public record ShapeChange(Kind kind, double fromMm, double toMm) {

    /** How a shape changes under the stone. */
    public enum Kind {
        /** A curve was ground straight. */
        BELLY_STRAIGHTENED("the belly is straightened"),
        /** A part that was straight has become longer. */
        FLAT_WIDENED("the flat is wider"),
        /** The edge now falls in where it used to bulge or run straight. */
        HOLLOWED("the edge falls in");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** It in words. */
        public String words() {
            return words;
        }
    }
}
