/**
 * The craft of restoring an edge, computed. Nothing in here knows a framework, a database, a wire format or a screen.
 *
 * <p>Angles are degrees where a person reads them and radians inside; lengths are millimetres, abrasive grain and
 * scratch micrometres, force newtons, time seconds, volume cubic millimetres. A result outside the range of its
 * formula is refused with a reason, never clamped.
 */
package truekeen.core;
