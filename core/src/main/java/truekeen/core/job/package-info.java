/**
 * The pieces of work that a plan is made of, one small type each.
 *
 * <p>Holds: a job takes steel off the blade as the jobs before it left it, and is charged with that steel alone; what the
 * blade is after a plan is what its last job leaves. A face is flat, thinned or bevelled only when its job was done.
 *
 * <p>Not robust: dimensions that no family keeps (how thick the back still is) are not followed. Counter-example: a back
 * flattened twenty times by a tenth of a millimetre leaves a blade two millimetres thinner, of which nothing is said.
 */
package truekeen.core.job;
