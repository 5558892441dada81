/** The kit: abrasives on the shelf, guides, testers. */
package truekeen.app.kit;
