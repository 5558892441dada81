/** Test: readings along the edge, the verdict, the way back. */
package truekeen.app.edgetest;
