/**
 * How long an edge lasts, and what brings it back: the dulling curve, the next touch-up, the rungs of upkeep, and drift
 * over the sharpenings.
 *
 * <p>Holds: use is counted since the last full sharpening in the unit of the work; a curve never falls with use; what it
 * says lies in a band that is as wide as the tool's own readings are scattered. Not robust: work that changes (hardwood
 * after softwood) is one unit of use all the same. Counter-example: ten metres of teak dull more than a hundred of lime.
 */
package truekeen.core.upkeep;
