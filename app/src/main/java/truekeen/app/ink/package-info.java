/**
 * The ink check at the bench.
 *
 * <p>It keeps nothing of its own: an answer moves the setting of the set-up by the range it can tell, and that is what
 * is kept.
 *
 * <p>Asked without strokes or abrasive it can tell the direction alone.
 */
package truekeen.app.ink;
