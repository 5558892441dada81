package truekeen.core.progression;

import truekeen.core.abrasive.Abrasive;

/**
 * An abrasive that a path leaves out.
 *
 * @param abrasive the piece
 * @param wouldCostSeconds what the best path through it would cost more than the one chosen (s); 0 where it may not be
 *     used
 * @param usable whether there is a path through it at all
 * @param tooWide whether that path takes a step between two abrasives that is too wide
 * @param why in words
 * @param askable whether a person may ask for it all the same: no rule bars it, it is only not what the finish or the
 *     depth asks for
 */
public record PassedOver(
        Abrasive abrasive, double wouldCostSeconds, boolean usable, boolean tooWide, String why, boolean askable) {
    /** Whether it is no longer used at all, so that nobody need see it unasked. */
    public boolean outOfUse() {
        return abrasive.state().retired();
    }
}
