/** The bench board: what waits, what is at the bench, what comes next. */
package truekeen.app.board;
