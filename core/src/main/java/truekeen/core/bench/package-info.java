/**
 * The work at the bench as a fold over what happened there.
 *
 * <p>The same events in the same order give the same state, whoever folds them and from wherever it goes on. Undo
 * takes back the newest that still stands. A gate is shut by the newest bad word of each kind of sign and opened by
 * its good one.
 *
 * <p>What was tapped is believed: a burr that is said to be there is there.
 */
package truekeen.core.bench;
