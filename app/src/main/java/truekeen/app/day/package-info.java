/**
 * The day at the bench: open work as its real steps, put in order by the core. A plan is kept as it was made; what is done of
 * it is read from the sessions, so that planning anew loses nothing.
 */
package truekeen.app.day;
