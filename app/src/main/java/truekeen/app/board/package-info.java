/**
 * The bench board: where each tool stands in the order of the work, and what comes next.
 *
 * <p>The board is a projection: one row for each tool in {@code tool_standing}, written in the transaction that changes
 * the tool, so that reading it takes the same few statements whatever the size of the shop. Invariant: a row says what
 * {@link truekeen.app.board.Standings} would say of its tool now; days are compared with today when it is read. Not
 * robust against rows changed behind the service's back: {@code truekeen.rebuild-board=true} works all of them out anew.
 */
package truekeen.app.board;
