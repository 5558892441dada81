/**
 * Upkeep between two sharpenings: use put down, readings in use, touch-ups, and when the next one is due.
 *
 * <p>Holds: use is counted since the last finished sharpening; a reading after a touch-up speaks of that touch-up and is
 * left out of the curve of a fresh edge. Not robust: where nobody puts use down, it is reckoned from days. Counter-example:
 * a chisel that lay in its drawer all winter is taken for one that worked.
 */
package truekeen.app.upkeep;
