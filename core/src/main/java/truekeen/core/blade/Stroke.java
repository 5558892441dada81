package truekeen.core.blade;

/**
 * One stroke there and back.
 *
 * @param upper whether the upper side is worked: the bevel of a chisel, the right side of a knife
 * @param angleDeg angle of the stone to the blade's line (°): to the back of a chisel, to the mid-plane of a knife
 * @param forceN force (N)
 * @param wayMm way that cuts (mm)
 * @param fromMm where along the edge it begins (mm)
 * @param toMm where it ends (mm)
 * @param steadinessDeg scatter of the angle of the hand or of what holds the tool (°)
 */
public record Stroke(
        boolean upper, double angleDeg, double forceN, double wayMm, double fromMm, double toMm, double steadinessDeg) {
    /** Refuses a stroke of no length along the edge. */
    public Stroke {
        if (toMm <= fromMm || forceN < 0 || wayMm < 0 || steadinessDeg < 0) {
            throw new IllegalArgumentException("no stroke: " + fromMm + " to " + toMm + " mm, " + forceN + " N");
        }
    }

    /** The same on the other side of the blade. */
    public Stroke mirrored() {
        return new Stroke(!upper, angleDeg, forceN, wayMm, fromMm, toMm, steadinessDeg);
    }
}
