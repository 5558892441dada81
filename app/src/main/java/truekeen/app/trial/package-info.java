/**
 * Trials of the shop: laid out, read edge by edge, judged, and offered as a house rule once they are settled.
 *
 * <p>Holds: a reading counts once for its edge, checkpoint and station, and one that is read again stays in the store; who
 * reads a covered trial is not told which edge is which, by no answer of the service but the list for whoever prepares
 * them. Not robust: whoever opens that list knows.
 */
package truekeen.app.trial;
