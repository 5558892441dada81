/**
 * The survey of an edge and what must go to mend it: each thing found asks for a line of its own, the foremost that holds
 * for all of them is the new edge.
 *
 * <p>Holds: leaving a thing in place never asks for more steel. Not robust: depths are read by eye at a tenth of a
 * millimetre. Counter-example: a pit behind the edge asks nothing until the new edge would just come to it, and then all
 * of its depth at once.
 */
package truekeen.core.condition;
