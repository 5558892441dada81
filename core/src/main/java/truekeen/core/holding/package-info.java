/**
 * Whatever holds an angle (guides, rests, bars, stacks, wedges, hones, stones), what to set it to, and the inverse.
 *
 * <p>Holds: the inverse of a setting gives its angle back; every drawing shows the length or angle that is set. Not
 * robust: what half a millimetre does to the angle grows toward the end of a holder's range; it is told beside the
 * number. Counter-example: a support bar whose gap closes again past a certain angle: two angles share one gap, and
 * the steeper is refused.
 */
package truekeen.core.holding;
