/**
 * Stones, plates and strops kept in order: what is flattened on what, in which order, and what is made ready for a
 * plan.
 *
 * <p>Acts come in the order in which they are done: what soaks first, then flattening from the finest down, then
 * laying out.
 *
 * <p>A hollow is taken as a parabola; a stone worn at one corner only is worse than it says.
 */
package truekeen.core.care;
