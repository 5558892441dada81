/** The order of abrasives of least time on the shelf at hand, exact, with its reasons. */
package truekeen.core.progression;
