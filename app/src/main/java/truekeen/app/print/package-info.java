/**
 * Things to print at true scale, as PDF, SVG and STL.
 *
 * <p>The core lays the pages out in millimetres; here they are only written. A bar of known length on each page tells
 * a printer that scales.
 *
 * <p>STL carries the wedges alone.
 */
package truekeen.app.print;
