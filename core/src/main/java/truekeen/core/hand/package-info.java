/**
 * What the log teaches of a hand: strokes done over strokes predicted, as sums of their logarithms.
 *
 * <p>Holds: an estimate never grows less sure by a session that was learned. Not robust: a session that stands out is asked
 * about and not learned. Counter-example: a stone that glazes slowly looks like a hand that slows down.
 */
package truekeen.core.hand;
