/**
 * Repair: what it costs, by what it is done, the grinding and the back work in the order of their acts.
 *
 * <p>The acts of a grinding add up to the steel of the primary; a machine that would draw the edge within a second
 * comes last, whatever its speed.
 *
 * <p>Heat and removal are priors with wide ranges: count the passes, and look for colour.
 */
package truekeen.core.repair;
