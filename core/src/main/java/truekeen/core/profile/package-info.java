/**
 * The line of an edge as it was traced: from offsets or from a photograph, smoothed, and two traces laid over each
 * other. JTS serves the geometry of lines; the section kernel knows nothing of it.
 *
 * <p>A straight line and an even curve are left as they are by the smoothing; a comparison says what went evenly and
 * what changed, and how narrow a change it can show.
 *
 * <p>A hump narrower than six spacings of the points shows lower than it is: at points 13 mm apart one of 40 mm loses
 * a tenth and more of its height.
 */
package truekeen.core.profile;
