/**
 * Test: readings along the edge, the verdict, the way back.
 *
 * <p>A test is kept as it was judged, with the figures of its day; a remedy accepted adds its steps to the session and
 * is judged by the next test of it.
 *
 * <p>Without readings and without a sign that says good, nothing passes: an edge that nobody tried is not keen.
 */
package truekeen.app.edgetest;
