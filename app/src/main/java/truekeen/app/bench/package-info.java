/**
 * Bench: sessions as they happen, stroke by stroke.
 *
 * <p>Events are only added, under a lock on their session, each once by the id its tablet gave it; the state is the
 * core's fold over them, kept in memory as far as it got. One tablet holds a session; what another still had to tell
 * is kept apart until a person decides.
 *
 * <p>The order is that in which the service took the events, not the clocks of the tablets: two tablets whose clocks
 * differ do not confuse it, but times between their strokes say nothing.
 */
package truekeen.app.bench;
