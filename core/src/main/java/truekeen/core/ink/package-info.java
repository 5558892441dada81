/**
 * The ink check: where the ink is gone says how the setting bears, and how far it is off.
 *
 * <p>Holds: the direction is sound wherever the ink is clean on one side only. Not robust: the amount goes by the square of
 * the band's width. Counter-example: a hollow bevel touches at heel and edge whatever the setting; there the section itself
 * is cut, and where the range is too wide only the direction is told.
 */
package truekeen.core.ink;
