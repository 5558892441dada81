/**
 * Machines: made safe before a blade is touched, their blades inspected, their hours kept.
 *
 * <p>Isolations and inspections are only added; the newest stands until it is lifted, corrected or the blade moves to
 * another machine. Hours wear an edge by the ground they were run on.
 *
 * <p>A record says what a person put down, not what the machine does: it must be looked at again by whoever reaches
 * in.
 */
package truekeen.app.machine;
