/**
 * Hand: what finished sessions teach of strokes, and what stood out in them.
 *
 * <p>Sums by person, abrasive, kind and steel are brought up to date with each session that ends, and can be worked
 * out anew from the log with the same result. What stands out is not learned until a person says that it was the hand.
 *
 * <p>A person is a name: two who share one are one hand.
 */
package truekeen.app.hand;
