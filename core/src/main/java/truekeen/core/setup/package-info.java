/**
 * The arithmetic of what holds an angle: guides, rests, bars, heights, camber, thin rule, ink.
 *
 * <p>Each way has its inverse; both are refused outside the geometry that there is, with the field to blame.
 *
 * <p>A guide is taken as rigid; one whose jaws give is off by what they give.
 */
package truekeen.core.setup;
