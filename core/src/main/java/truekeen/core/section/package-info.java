/**
 * The cross-section of an edge and the cuts that make and remake it: sides are lines or arcs, a cut passes through a
 * point with a normal and a signed curvature.
 *
 * <p>Holds: a cut never adds steel; the closed forms agree with the kernel to a billionth. Not robust: where a cut is
 * all but parallel to a face, a little of angle moves its shoulder far. Counter-example: a secondary a tenth of a
 * degree above its primary.
 */
package truekeen.core.section;
