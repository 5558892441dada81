/**
 * Kinds of abrasive and the pieces of them that stand on a shelf.
 *
 * <p>A kind's figures stand in its table; a piece has its own grain, shape, state and nature, and what the log taught
 * of it. A piece never changes: what was done to it is another piece.
 *
 * <p>Wear is a share of its life as a person judges it.
 */
package truekeen.core.abrasive;
