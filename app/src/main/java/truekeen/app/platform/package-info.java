/** What every place shares: the clock, errors in the person's words, the guard at the door, the page itself. */
package truekeen.app.platform;
