package truekeen.core.angle;

import truekeen.core.quantity.Angle;

/**
 * How an edge fared between two sharpenings.
 *
 * @param last the last bevel in use then
 * @param result what came of it
 */
public record EdgeOutcome(Angle last, Result result) {

    /** What can come of an edge in use. */
    public enum Result {
        /** It wore and was sharpened again, whole. */
        HELD,
        /** Steel broke out. */
        CHIPPED,
        /** It folded over, and it was no burr left on. */
        ROLLED
    }
}
