/**
 * The order of abrasives of least time on the shelf at hand, with its reasons: a label-setting search, exact for the
 * estimates it works with.
 *
 * <p>Holds: a label is given up only where another dominates it for every way on; plans within half a second are equal and
 * fall to fewer pieces, then to favourites, then to the shelf's order. Not robust: least time by a hair may turn over when a
 * rate is learned. Counter-example: two stones of nearly one grain, one a tenth faster than thought, change places.
 */
package truekeen.core.progression;
