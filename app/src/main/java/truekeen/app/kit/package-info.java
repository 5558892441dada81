/**
 * The kit: abrasives on the shelf, what holds an angle, wheels, testers.
 *
 * <p>A piece keeps its state (strokes since flattened, soaking, oil, wear) apart from what it is; what is measured
 * anew asks those who rest on it to work themselves out again.
 *
 * <p>A grit name beyond its standard's table is carried on and marked; its figure is a guess until micrometres are
 * entered.
 */
package truekeen.app.kit;
