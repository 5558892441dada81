/**
 * Readings along the edge, the verdict on them, and the way back where they fail.
 *
 * <p>Holds: the index is a ratio to the shop's own new utility blade, so testers need not agree. Not robust: one
 * reading a station is one reading. Counter-example: an edge equally dull all along is even, and fails by its mean
 * alone.
 */
package truekeen.core.keenness;
