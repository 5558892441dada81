package truekeen.core.condition;

/**
 * What one thing asks of the new edge.
 *
 * @param subject what it is
 * @param words the same for the bench
 * @param ownMm how far back it reaches by itself, from the edge as it is there (mm)
 * @param lineMm where it would put the new edge, behind the foremost point of the present one (mm)
 * @param decides whether the new edge lies where it does because of this
 * @param left whether it is left in place on purpose
 */
public record Demand(Subject subject, String words, double ownMm, double lineMm, boolean decides, boolean left) {
    /** The kinds of things that ask for a new edge. */
    public enum Kind {
        WEAR("wear"),
        SQUARENESS("square"),
        CAMBER("camber"),
        OLD_BACK_BEVEL("oldBack"),
        PITS("back"),
        FINDING("findings");

        private final String field;

        Kind(String field) {
            this.field = field;
        }
    }

    /**
     * One thing that asks.
     *
     * @param kind what it is
     * @param index which of the findings, from 0; 0 for what is there once
     */
    public record Subject(Kind kind, int index) {
        /** Wear of the whole edge. */
        public static final Subject WEAR = new Subject(Kind.WEAR, 0);
        /** The end out of square. */
        public static final Subject SQUARENESS = new Subject(Kind.SQUARENESS, 0);
        /** A camber that changes. */
        public static final Subject CAMBER = new Subject(Kind.CAMBER, 0);
        /** An old back bevel. */
        public static final Subject OLD_BACK_BEVEL = new Subject(Kind.OLD_BACK_BEVEL, 0);

        /** Pits of the back that the edge is moved past. */
        public static final Subject PITS = new Subject(Kind.PITS, 0);

        /** A finding of the survey, counted from 0. */
        public static Subject finding(int index) {
            return new Subject(Kind.FINDING, index);
        }

        /** Whether it may be left in place on purpose to spare steel. */
        public boolean mayBeLeft() {
            return kind == Kind.FINDING || kind == Kind.SQUARENESS;
        }

        /** The field of the survey that it stands in. */
        public String field() {
            return kind == Kind.FINDING ? kind.field + "[" + index + "]" : kind.field;
        }
    }
}
