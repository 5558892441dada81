/** The ink check at the bench. */
package truekeen.app.ink;
