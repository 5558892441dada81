/** Things to print at true scale, as PDF, SVG and STL. */
package truekeen.app.print;
