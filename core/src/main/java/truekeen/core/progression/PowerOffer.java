package truekeen.core.progression;

import truekeen.core.abrasive.Abrasive;

/**
 * A wheel or belt that could do the shaping.
 *
 * @param machine the piece
 * @param leastSeconds least time it would take (s), an estimate
 * @param mostSeconds most time it would take (s)
 * @param volumeMm3 steel it takes (mm³)
 */
public record PowerOffer(Abrasive machine, double leastSeconds, double mostSeconds, double volumeMm3) {}
