package truekeen.core.tool;

import truekeen.core.quantity.Angle;

/** How the angles of a tool are measured. Mixing the two up is the commonest error at the bench. */
public enum Convention {
    /** From the flat back: chisels, irons, blades with one bevel. */
    FROM_BACK("from back", "from the back"),
    /** From the mid-plane, the same on both sides: knives, axes. */
    PER_SIDE("per side", "per side, from the mid-plane");

    private final String key;
    private final String words;

    Convention(String key, String words) {
        this.key = key;
        this.words = words;
    }

    /** How the tables name it. */
    public String key() {
        return key;
    }

    /** Words to put after an angle. */
    public String words() {
        return words;
    }

    /**
     * The angle between the two faces that meet at the edge.
     *
     * @param last bevel at the apex, in this convention
     * @param back back bevel; only tools measured from the back have one
     */
    public Angle included(Angle last, Angle back) {
        return this == PER_SIDE ? last.plus(last) : last.plus(back);
    }

    /** Half of the included angle: the same edge as a knife would be spoken of. */
    public Angle perSide(Angle last, Angle back) {
        return included(last, back).dividedBy(2);
    }
}
