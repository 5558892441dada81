/**
 * The virtual blade: an edge as a row of sections that strokes are made on, so that the edge can be seen to change before any
 * steel is touched.
 *
 * <p>Holds: every stroke takes exactly the area that wear, force and length say; the same strokes with the same seed give the
 * same edge; a blade turned over and worked on the other side is the same blade. Ink, scratches, burr, rounding and the index
 * follow from the cuts. Coefficients are plausible priors, as the brief gives them, and not measured on steel.
 *
 * <p>A hollow bevel rests on heel and edge and is cut at both; a hollow back on its rims.
 *
 * <p>Not robust: neighbouring sections do not know of each other. Counter-example: a narrow chip does not keep a wide stone from
 * reaching its bottom.
 */
package truekeen.core.blade;
