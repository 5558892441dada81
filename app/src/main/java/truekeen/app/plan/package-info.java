/**
 * Plan: the progression chosen for a survey and a set-up, kept as it was.
 *
 * <p>A kept plan is never changed: it holds its steps, its prediction and the version it was made with. Wishes (an
 * answer, stones to go through or leave out) go into the question, not into the plan. Long questions run on a thread
 * of their own and end when nobody waits.
 *
 * <p>A stone that was taken out of the kit stays in plans by its name only.
 */
package truekeen.app.plan;
