package truekeen.core.progression;

import truekeen.core.abrasive.Abrasive;

/**
 * An abrasive that a path leaves out.
 *
 * @param abrasive the piece
 * @param wouldCostSeconds what the best path through it would cost more than the one chosen (s); 0 where it may not be
 *     used
 * @param usable whether there is a path through it at all
 * @param why in words
 */
public record PassedOver(Abrasive abrasive, double wouldCostSeconds, boolean usable, String why) {}
